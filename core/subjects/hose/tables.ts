import { reading } from '../../kernel/index.js';
import type { Row, TableOf } from '../../kernel/index.js';
import { feet, formatWhole, inches, lb, within } from '../../units/index.js';
import { bedded, packable } from './loads.js';
import type { BeddedLoad } from './loads.js';
import { nthIn } from './named.js';
import { bedHolds, FINISH_NAMES, isMadeUp, packed, sectionsOf } from './packing/index.js';

/** Feet that a load's room holds more when it is an inch wider, or deeper, by columns, layers and fill. */
function oneInchMore({ hose, room, finish, fill }: BeddedLoad): { widerFt: number; deeperFt: number } {
  const load = finish === 'shoulder' || isMadeUp(finish) ? 'flat' : finish;
  const holdsFt = (widthIn: number, depthIn: number) =>
    bedHolds({
      bed: { ...room, widthIn, depthIn },
      hose: { ...packable(hose), lbPerFt: hose.lbPerFt },
      load,
      fill,
    }).mostFt;
  const now = holdsFt(room.widthIn, room.depthIn);
  return {
    widerFt: holdsFt(room.widthIn + 1, room.depthIn) - now,
    deeperFt: holdsFt(room.widthIn, room.depthIn + 1) - now,
  };
}

/** What lies over a load, in words; nothing where it lies free. */
export const overIt = (load: BeddedLoad, all: readonly BeddedLoad[]): BeddedLoad[] =>
  all.filter(({ bedId, stack, nth }) => bedId === load.bedId && stack === load.stack && nth > load.nth);

const NOT_COUNTED = '·';

/** Load by load: what of it fits and how, and what an inch more of its bed would gain. */
export const bedsTable = reading('hose', [bedded], (loads): TableOf => ({
  title: 'What lies in each bed',
  columns: [
    { head: 'Bed and load' },
    { head: 'Packed as' },
    { head: 'Side by side × up', figure: true },
    { head: 'Sections', figure: true },
    { head: 'Fits', figure: true },
    { head: 'Left over', figure: true },
    { head: 'Weight', figure: true },
    { head: 'Middle, up', figure: true },
    { head: 'Lies under' },
    { head: `${inches(1)} wider`, figure: true },
    { head: `${inches(1)} deeper`, figure: true },
  ],
  rows: loads.map((load): Row => {
    const { id, hose, lengthFt, bed, finish, packed, center } = load;
    const reel = bed.kind === 'reel';
    const more = oneInchMore(load);
    const madeUp = isMadeUp(finish);
    return {
      id,
      cells: [
        `${bed.name}: ${feet(lengthFt)} of ${hose.name}`,
        reel ? 'wound' : FINISH_NAMES[finish],
        reel ? NOT_COUNTED : `${formatWhole(packed.across)} × ${formatWhole(packed.up)}`,
        reel ? NOT_COUNTED : formatWhole(packed.sections),
        feet(packed.fitFt),
        packed.leftFt > 0 ? feet(packed.leftFt) : 'none',
        lb(lengthFt * hose.lbPerFt),
        inches(center.zIn),
        overIt(load, loads)
          .map(({ hose: other, lengthFt: ft }) => within(`${feet(ft)} of ${other.name}`))
          .join(', ') || 'nothing',
        reel || madeUp ? NOT_COUNTED : `+ ${feet(more.widerFt)}`,
        reel || madeUp ? NOT_COUNTED : `+ ${feet(more.deeperFt)}`,
      ],
      ...(packed.leftFt > 0 ? { wrong: [5] } : {}),
    };
  }),
}));

/** Shares of a load at which a bed that fills is looked at. */
const FILLING = [
  { head: 'A quarter of it', share: 0.25 },
  { head: 'Half', share: 0.5 },
  { head: 'Three quarters', share: 0.75 },
  { head: 'All that fits', share: 1 },
];

/** Load by load: feet, weight and how high the middle of it lies, as it is packed section by section. */
export const fillingTable = reading('hose', [bedded], (loads): TableOf => ({
  title: 'As each bed fills',
  columns: [{ head: 'Load' }, ...FILLING.map(({ head }) => ({ head, figure: true as const }))],
  rows: loads
    .filter(({ bed, packed: of }) => bed.kind !== 'reel' && of.sections > 0)
    .map((load): Row => {
      const { id, hose, bed, finish, room, fill, baseIn, packed: of } = load;
      const sections = sectionsOf(load.lengthFt, hose.sectionFt);
      const inBed = loads.filter(({ bedId }) => bedId === load.bedId);
      return {
        id,
        cells: [
          nthIn(bed.name, inBed.indexOf(load)),
          ...FILLING.map(({ share }) => {
            const count = Math.ceil(of.sections * share);
            const ft = sections.slice(0, count).reduce((sum, one) => sum + one, 0);
            const { middleIn } = packed(ft, finish, room, packable(hose), fill);
            return `${feet(ft)}, ${lb(ft * hose.lbPerFt)} at ${inches(bed.floorIn + baseIn + middleIn)}`;
          }),
        ],
      };
    }),
}));
