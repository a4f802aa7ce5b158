import { reading } from '../../kernel/index.js';
import type { Row, TableOf } from '../../kernel/index.js';
import { feet, formatWhole, inches, lb, within } from '../../units/index.js';
import { bedded, packable } from './loads.js';
import type { BeddedLoad } from './loads.js';
import { bedHolds, FINISH_NAMES, isMadeUp } from './packing/index.js';

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
