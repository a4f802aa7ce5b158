import type { StepId } from '../rig/index.js';
import {
  bedsFor, catalogueOf, profileOf, suitsBed, withBody, withBumper, withBumperItem, withChassis, withChassisSetting, withDevice, withDivider, withEquipmentLine, withFitting, withFoam, withHose, withLadder, withLadderMount,
  withOutriggers, withProfile, withPump, withTank,
} from '../spec/index.js';
import type { Bed, BuildSpec } from '../spec/index.js';
import { feet, feetInches, gpm } from '../units/index.js';

/** One thing that can be taken: the build as it would be. */
export interface Option {
  id: string;
  label: string;
  words?: string;
  chosen: boolean;
  /** Set on a department's own part. */
  own?: true;
  spec: BuildSpec;
}

/** One of several. `compact` ones are a list to open rather than cards. */
export interface PickChoice {
  kind: 'pick';
  id: string;
  title: string;
  compact?: boolean;
  options: Option[];
}

/** Any of several; each option is the build with that one turned over. */
export interface ToggleChoice {
  kind: 'toggle';
  id: string;
  title: string;
  options: Option[];
}

/** A figure between two ends. */
export interface AmountChoice {
  kind: 'amount';
  id: string;
  title: string;
  /** Empty where things are counted. */
  unit: 'in' | 'gal' | 'ft' | '';
  min: number;
  max: number;
  step: number;
  value: number;
  set: (value: number) => BuildSpec;
}

export type Choice = PickChoice | ToggleChoice | AmountChoice;

/** Spread into an option: says that its part is the department's own. */
const ownMark = (part: object): { own?: true } => ('own' in part ? { own: true } : {});

const NONE = 'none';
/** Foam and hose that a new line starts with. */
const FIRST_FOAM_GAL = 20;
const FIRST_HOSE_FT = 200;
const MOST_DIVIDER_IN = 60;
const MOST_HOSE_FT: Record<Bed['kind'], number> = { main: 2000, crosslay: 400, well: 200, reel: 300, tray: 800 };

function chassisChoices(spec: BuildSpec): Choice[] {
  const chassis = catalogueOf(spec).part('chassis', spec.chassis.partId);
  const { minIn, maxIn, stepIn } = chassis.wheelbase;
  return [
    {
      kind: 'pick', id: 'chassis', title: 'Chassis',
      options: catalogueOf(spec).for('chassis', spec.type).map((part) => ({ id: part.id, label: part.name, ...ownMark(part), chosen: part.id === spec.chassis.partId, spec: withChassis(spec, part.id) })),
    },
    {
      kind: 'amount', id: 'wheelbase', title: 'Wheelbase', unit: 'in', min: minIn, max: maxIn, step: stepIn, value: spec.chassis.wheelbaseIn,
      set: (wheelbaseIn) => withChassisSetting(spec, { wheelbaseIn }),
    },
    {
      kind: 'pick', id: 'front-axle', title: 'Front axle',
      options: chassis.frontAxles.map((axle) => ({ id: axle.id, label: axle.name, chosen: axle.id === spec.chassis.frontAxleId, spec: withChassisSetting(spec, { frontAxleId: axle.id }) })),
    },
    {
      kind: 'pick', id: 'rear-axle', title: 'Rear axle',
      options: chassis.rearAxles.map((axle) => ({ id: axle.id, label: axle.name, chosen: axle.id === spec.chassis.rearAxleId, spec: withChassisSetting(spec, { rearAxleId: axle.id }) })),
    },
    {
      kind: 'pick', id: 'profile', title: 'Limits held against', compact: true,
      options: [...(spec.ownProfile ? [profileOf(spec)] : []), ...catalogueOf(spec).for('profile', spec.type)].map((profile) => ({ id: profile.id, label: profile.name, ...ownMark(profile), chosen: profile.id === spec.profileId, spec: profile.own ? spec : withProfile(spec, profile.id) })),
    },
  ];
}

function cabChoices(spec: BuildSpec): Choice[] {
  const chassis = catalogueOf(spec).part('chassis', spec.chassis.partId);
  return [
    {
      kind: 'amount', id: 'crew', title: 'Seats', unit: '', min: 1, max: chassis.cab.seats.length, step: 1, value: spec.chassis.crew,
      set: (crew) => withChassisSetting(spec, { crew }),
    },
    {
      kind: 'pick', id: 'roof', title: 'Cab roof',
      options: chassis.roofs.map((roof) => ({ id: roof.id, label: roof.name, chosen: roof.id === spec.chassis.roofId, spec: withChassisSetting(spec, { roofId: roof.id }) })),
    },
  ];
}

function bumperChoices(spec: BuildSpec): Choice[] {
  const extension = catalogueOf(spec).part('bumper', spec.bumper.partId).extensionIn;
  return [
    {
      kind: 'pick', id: 'bumper', title: 'Bumper',
      options: catalogueOf(spec).for('bumper', spec.type).map((part) => ({ id: part.id, label: part.name, ...ownMark(part), chosen: part.id === spec.bumper.partId, spec: withBumper(spec, part.id) })),
    },
    {
      kind: 'toggle', id: 'bumper-items', title: 'On the bumper',
      options: catalogueOf(spec).for('bumperItem', spec.type).filter((item) => item.needsExtensionIn <= extension).map((item) => {
        const chosen = spec.bumper.itemIds.includes(item.id);
        return { id: item.id, label: item.name, ...ownMark(item), chosen, spec: withBumperItem(spec, item.id, !chosen) };
      }),
    },
  ];
}

function deviceChoices(spec: BuildSpec): Choice[] {
  const device = spec.device && catalogueOf(spec).find('device', spec.device.partId);
  return [
    {
      kind: 'pick', id: 'device', title: 'Device',
      options: catalogueOf(spec).for('device', spec.type).map((part) => ({
        id: part.id, label: part.name, ...ownMark(part), words: `${feet(part.heightFt)} in ${part.sections.length} sections${part.needsTandem ? ', on a tandem' : ''}`, chosen: part.id === spec.device?.partId, spec: withDevice(spec, part.id),
      })),
    },
    {
      kind: 'pick', id: 'outriggers', title: 'Outriggers',
      options: (device?.outriggers ?? []).map((option) => ({
        id: option.id, label: option.name, words: `${feetInches(option.spreadIn)} spread`, chosen: option.id === spec.device?.outriggersId, spec: withOutriggers(spec, option.id),
      })),
    },
  ];
}

function pumpChoices(spec: BuildSpec): Choice[] {
  const none: Option = { id: NONE, label: 'No pump', chosen: spec.pumpId === undefined, spec: withPump(spec, undefined) };
  return [{
    kind: 'pick', id: 'pump', title: 'Pump',
    options: [
      ...catalogueOf(spec).for('pump', spec.type).map((part) => ({
        id: part.id, label: part.name, ...ownMark(part), words: part.pumpAndRoll ? 'Pumps while driving' : 'Pumps standing still', chosen: part.id === spec.pumpId, spec: withPump(spec, part.id),
      })),
      none,
    ],
  }];
}

function tankChoices(spec: BuildSpec): Choice[] {
  const amounts: Choice[] = [
    { kind: 'amount', id: 'gallons', title: 'Water', unit: 'gal', min: 0, max: spec.type === 'brush' ? 1000 : 1500, step: 10, value: spec.tank.gallons, set: (gallons) => withTank(spec, { gallons }) },
    { kind: 'amount', id: 'place', title: 'Tank set back from the front of the body', unit: 'in', min: 0, max: 120, step: 1, value: spec.tank.aftIn, set: (aftIn) => withTank(spec, { aftIn }) },
  ];
  return [...amounts, {
    kind: 'pick', id: 'shape', title: 'Shape',
    options: catalogueOf(spec).for('tankShape', spec.type).map((part) => ({ id: part.id, label: part.name, ...ownMark(part), words: part.words, chosen: part.id === spec.tank.shape, spec: withTank(spec, { shape: part.id }) })),
  }];
}

function foamChoices(spec: BuildSpec): Choice[] {
  const foam = spec.foam;
  const pick: Choice = {
    kind: 'pick', id: 'foam', title: 'Foam system',
    options: [
      { id: NONE, label: 'No foam', chosen: !foam, spec: withFoam(spec, undefined) },
      ...catalogueOf(spec).for('foam', spec.type).map((part) => ({
        id: part.id, label: part.name, ...ownMark(part), words: `Up to ${gpm(part.maxConcentrateGpm)} of concentrate`, chosen: part.id === foam?.partId, spec: withFoam(spec, { partId: part.id, gallons: foam?.gallons ?? FIRST_FOAM_GAL }),
      })),
    ],
  };
  if (!foam) return [pick];
  return [{ kind: 'amount', id: 'foam-gallons', title: 'Concentrate', unit: 'gal', min: 0, max: 120, step: 5, value: foam.gallons, set: (gallons) => withFoam(spec, { ...foam, gallons }) }, pick];
}

function hoseChoices(spec: BuildSpec): Choice[] {
  return bedsFor(spec).flatMap((bed): Choice[] => {
    const load = spec.hose.find((other) => other.bedId === bed.id);
    const pick: Choice = {
      kind: 'pick', id: `${bed.id}-hose`, title: bed.name, compact: true,
      options: [
        { id: NONE, label: 'Empty', chosen: !load, spec: withHose(spec, bed.id, null) },
        ...catalogueOf(spec).for('hose', spec.type).filter((hose) => suitsBed(bed, hose)).map((hose) => ({
          id: hose.id, label: hose.name, ...ownMark(hose), chosen: hose.id === load?.hoseId, spec: withHose(spec, bed.id, { hoseId: hose.id, lengthFt: load?.lengthFt ?? FIRST_HOSE_FT }),
        })),
      ],
    };
    if (!load) return [pick];
    return [pick, {
      kind: 'amount', id: `${bed.id}-length`, title: `Length in ${bed.name.toLowerCase()}`, unit: 'ft', min: 0, max: MOST_HOSE_FT[bed.kind], step: catalogueOf(spec).part('hose', load.hoseId).sectionFt,
      value: load.lengthFt, set: (lengthFt) => withHose(spec, bed.id, { hoseId: load.hoseId, lengthFt }),
    }];
  });
}

function ladderChoices(spec: BuildSpec): Choice[] {
  return [
    {
      kind: 'pick', id: 'mount', title: 'How they ride',
      options: catalogueOf(spec).for('ladderMount', spec.type).map((part) => ({ id: part.id, label: part.name, ...ownMark(part), words: part.words, chosen: part.id === spec.ladders.mountId, spec: withLadderMount(spec, part.id) })),
    },
    {
      kind: 'toggle', id: 'ladders', title: 'Ladders carried',
      options: catalogueOf(spec).for('ladder', spec.type).map((part) => {
        const chosen = spec.ladders.partIds.includes(part.id);
        return { id: part.id, label: part.name, ...ownMark(part), chosen, spec: withLadder(spec, part.id, !chosen) };
      }),
    },
  ];
}

/** The bulkheads beside the rear wheels, on a body that has compartments over them. */
function dividerChoices(spec: BuildSpec): Choice[] {
  if (catalogueOf(spec).part('body', spec.body.partId).style === 'flatbed') return [];
  const divider = (id: string, title: string, key: 'frontDividerIn' | 'rearDividerIn'): Choice => ({
    kind: 'amount', id, title, unit: 'in', min: 0, max: MOST_DIVIDER_IN, step: 1, value: spec.body[key] ?? 0, set: (value) => withDivider(spec, key, value),
  });
  return [divider('front-divider', 'Bulkhead ahead of the wheels, forward by', 'frontDividerIn'), divider('rear-divider', 'Bulkhead behind the wheels, aft by', 'rearDividerIn')];
}

function bodyChoices(spec: BuildSpec): Choice[] {
  const { length } = catalogueOf(spec).part('body', spec.body.partId);
  return [
    { kind: 'amount', id: 'length', title: 'Body length', unit: 'in', min: length.minIn, max: length.maxIn, step: 2, value: spec.body.lengthIn, set: (lengthIn) => withBody(spec, { lengthIn }) },
    ...dividerChoices(spec),
    {
      kind: 'pick', id: 'material', title: 'Material',
      options: catalogueOf(spec).for('body', spec.type).map((part) => ({ id: part.id, label: part.name, ...ownMark(part), chosen: part.id === spec.body.partId, spec: withBody(spec, { partId: part.id }) })),
    },
    {
      kind: 'pick', id: 'doors', title: 'Doors',
      options: catalogueOf(spec).for('doors', spec.type).map((part) => ({ id: part.id, label: part.name, ...ownMark(part), chosen: part.id === spec.body.doors, spec: withBody(spec, { doors: part.id }) })),
    },
  ];
}

function fittingChoices(spec: BuildSpec): Choice[] {
  return [{
    kind: 'toggle', id: 'fittings', title: 'Lights and fittings',
    options: catalogueOf(spec).for('fitting', spec.type).map((part) => {
      const chosen = spec.fittingIds.includes(part.id);
      return { id: part.id, label: part.name, ...ownMark(part), chosen, spec: withFitting(spec, part.id, !chosen) };
    }),
  }];
}

const CHOICES: Record<Exclude<StepId, 'equipment'>, (spec: BuildSpec) => Choice[]> = {
  chassis: chassisChoices, cab: cabChoices, bumper: bumperChoices, device: deviceChoices, pump: pumpChoices, tank: tankChoices, foam: foamChoices,
  hose: hoseChoices, ladders: ladderChoices, body: bodyChoices, fittings: fittingChoices,
};

/** What can be chosen for one line of equipment: how many, and in which of the places that the truck has. */
export function equipmentChoices(spec: BuildSpec, index: number, places: string[]): Choice[] {
  const line = spec.equipment[index]!;
  return [
    { kind: 'amount', id: `count-${index}`, title: 'How many', unit: '', min: 1, max: 200, step: 1, value: line.count, set: (count) => withEquipmentLine(spec, index, { count }) },
    {
      kind: 'pick', id: `place-${index}`, title: 'Rides in',
      options: places.map((id) => ({
        id, label: id === 'cab' ? 'The cab' : `Compartment ${id}`, chosen: id === line.compartmentId, spec: withEquipmentLine(spec, index, { compartmentId: id }),
      })),
    },
  ];
}

/** What can be chosen in a step. Equipment is a list of its own: `withEquipment` adds to it, `equipmentChoices` are for a line. */
export const choicesFor = (spec: BuildSpec, step: Exclude<StepId, 'equipment'>): Choice[] => CHOICES[step](spec);
