import type { EquipmentLine } from '../subjects/equipment/index.js';
import { YET } from '../subjects/equipment/index.js';

/** What the list says of a line beyond its piece. */
type Said = Partial<Omit<EquipmentLine, 'id' | 'partId' | 'count' | 'compartmentId'>>;

/** A piece of the catalog, so many of it. */
const of = (partId: string, count = 1, said: Said = {}) => ({ partId, count, compartmentId: YET, ...said });

/** Small things stand in a crate so high, in. */
const CRATE_IN = 12;

/** A piece that the catalog does not have: what one weighs, lb, and its sides, in; several are piled as in a crate. */
const own = (
  name: string,
  count: number,
  weightLb: number,
  [lengthIn, widthIn, heightIn]: readonly [number, number, number],
  group: NonNullable<Said['group']>,
  said: Said = {},
) => {
  const stacks = Math.min(count, Math.floor(CRATE_IN / heightIn));
  const piled = stacks > 1 ? { stacks } : {};
  return of('other-piece', count, { name, weightLb, lengthIn, widthIn, heightIn, group, ...piled, ...said });
};

const WEEKLY: Said = { often: 'weekly' };
const MONTHLY: Said = { often: 'monthly' };
const EVERY_RUN: Said = { often: 'everyRun' };
const ENTRY: Said = { set: 'Entry' };
const CUTTING: Said = { set: 'Cutting' };
const CRASH: Said = { set: 'Crash' };
const CLEAN: Said = { needs: ['clean'] };

/** The pumper's whole list, 300 pieces, as a department has it that counted all of them. */
const LIST: readonly Omit<EquipmentLine, 'id'>[] = [
  of('nozzle-fog-150', 4),
  of('nozzle-smooth-175', 4),
  of('nozzle-fog-250'),
  of('nozzle-piercing'),
  of('nozzle-foam-low'),
  of('gated-wye', 2),
  of('hose-straps'),
  of('water-extinguisher'),
  of('dry-chemical'),
  own('Tips for the monitor, set', 1, 6, [12, 8, 6], 'attack'),
  own('Hose jacket', 1, 8, [12, 8, 6], 'attack'),
  own('Hose mallet', 2, 3, [14, 5, 3], 'attack', MONTHLY),
  own('Door wedges, bag', 4, 2, [9, 6, 4], 'attack', WEEKLY),
  own('Hose rope', 8, 1, [9, 4, 3], 'attack', MONTHLY),
  own('Gaskets and washers', 1, 3, [9, 6, 4], 'attack'),
  of('adapters'),
  of('hydrant-kit'),
  of('spanners'),
  of('hydrant-gate', 2),
  own('Double male, 2½ in', 2, 4, [6, 5, 5], 'water supply', MONTHLY),
  own('Double female, 2½ in', 2, 5, [6, 5, 5], 'water supply', MONTHLY),
  own('Reducer, 5 in to 2½ in', 2, 7, [8, 8, 7], 'water supply', MONTHLY),
  own('Increaser', 2, 4, [6, 6, 5], 'water supply'),
  own('Suction wrench', 4, 3, [16, 5, 2], 'water supply', MONTHLY),
  own('Cap with chain', 6, 2, [5, 5, 3], 'water supply'),
  of('low-strainer'),
  of('irons', 2, ENTRY),
  of('axe-flat', 2, ENTRY),
  of('sledge', 1, ENTRY),
  of('axe-pick'),
  of('closet-hook'),
  of('bolt-cutters'),
  of('forcible-kit'),
  of('saw-rotary', 1, CUTTING),
  own('Spare blades', 6, 2, [14, 14, 1], 'forcible entry', CUTTING),
  of('glass-kit'),
  own('Pry bar, 30 in', 2, 7, [30, 4, 3], 'forcible entry', MONTHLY),
  own('Steel wedges, pair', 4, 3, [8, 4, 3], 'forcible entry', MONTHLY),
  own('Lock puller', 1, 8, [20, 7, 3], 'forcible entry'),
  own('Locking pliers with chain', 1, 3, [14, 5, 3], 'forcible entry'),
  own('Drywall hook', 1, 6, [48, 6, 3], 'forcible entry', WEEKLY),
  of('saw-chain'),
  of('fan-battery'),
  of('fuel-cans'),
  own('Mixed oil, bottle', 4, 2, [9, 4, 4], 'ventilation', { ...MONTHLY, needs: ['upright', 'away'] }),
  of('battery-cutter', 1, CRASH),
  of('battery-spreader', 1, CRASH),
  of('rope-set'),
  own('Carabiner', 12, 0.6, [5, 3, 1], 'rescue', MONTHLY),
  own('Pulley', 4, 2, [7, 4, 3], 'rescue'),
  own('Webbing, 20 ft', 10, 1, [8, 4, 3], 'rescue', MONTHLY),
  own('Throw bag', 2, 3, [12, 8, 8], 'rescue'),
  own('Cribbing block, 18 in', 18, 4, [18, 4, 4], 'rescue', MONTHLY),
  own('Cribbing wedge', 12, 1.5, [12, 4, 3], 'rescue', MONTHLY),
  own('Ratchet strap', 4, 3, [9, 6, 4], 'rescue', MONTHLY),
  of('rapid-intervention-kit'),
  of('search-rope'),
  of('trauma-bag'),
  of('oxygen-kit'),
  of('airway-kit'),
  of('burn-kit'),
  own('Isolation kit', 1, 8, [14, 10, 8], 'medical', { ...MONTHLY, ...CLEAN }),
  own('Gloves, box', 10, 1, [10, 5, 3], 'medical', { ...EVERY_RUN, ...CLEAN }),
  own('Cervical collar, folded', 6, 1, [10, 8, 2], 'medical', { ...MONTHLY, ...CLEAN }),
  own('Sterile water, bottle', 8, 2, [9, 4, 4], 'medical', { ...MONTHLY, ...CLEAN }),
  own('Bandage pack', 6, 1, [8, 6, 4], 'medical', { ...WEEKLY, ...CLEAN }),
  own('Filter cartridge', 8, 1, [5, 5, 4], 'breathing apparatus', { ...MONTHLY, ...CLEAN }),
  of('spare-cylinder', 6),
  of('spare-masks'),
  of('hand-lights'),
  of('gas-meter-4'),
  of('absorbent'),
  own('Absorbent pad, folded', 6, 1, [12, 10, 2], 'hazmat', MONTHLY),
  own('Drain cover', 1, 5, [20, 20, 2], 'hazmat'),
  of('salvage-cover', 2),
  of('floor-runner'),
  of('cones'),
  of('flares', 2),
  of('traffic-vests'),
  of('barrier-tape'),
  of('wheel-chocks'),
  of('sprinkler-kit'),
  own('Light stick', 17, 0.2, [7, 2, 1], 'salvage and traffic', WEEKLY),
  own('Work light, battery', 2, 5, [12, 8, 8], 'salvage and traffic', { ...WEEKLY, needs: ['charged'] }),
  own('Scoop shovel', 1, 6, [44, 12, 6], 'salvage and traffic', MONTHLY),
  own('Trash bags, roll', 6, 2, [12, 5, 5], 'salvage and traffic', MONTHLY),
  own('Duct tape', 8, 1, [6, 6, 2], 'salvage and traffic', MONTHLY),
  own('Cable ties, bag', 6, 0.5, [9, 4, 2], 'service', MONTHLY),
  own('Goggles and gloves, set', 6, 2, [9, 7, 4], 'wildland', MONTHLY),
  own('Fire rake, short', 2, 4, [46, 12, 3], 'wildland', MONTHLY),
  of('tool-box'),
  of('spare-batteries'),
  own('Drinking water, bottle', 12, 2, [9, 4, 4], 'service', { ...EVERY_RUN, ...CLEAN }),
  own('Canvas tarp', 1, 9, [20, 14, 4], 'service', MONTHLY),
  own('Bucket with lid', 1, 3, [12, 12, 12], 'service', WEEKLY),
  own('Fuses and bulbs', 1, 2, [8, 6, 3], 'service'),
  own('Hearing protection', 6, 1, [7, 6, 4], 'service', WEEKLY),
  own('Clipboard and forms', 2, 2, [13, 10, 1], 'service', EVERY_RUN),
];

/** Line by line, with ids of its own. */
export const osierList: EquipmentLine[] = LIST.map((line, i) => ({ id: `o${i + 1}`, ...line }));
