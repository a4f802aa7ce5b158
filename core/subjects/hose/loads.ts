import { boxOf, fromBuild, reading } from '../../kernel/index.js';
import type { Box, Point } from '../../kernel/index.js';
import { beds } from '../../truck/index.js';
import type { BedPlace } from '../../truck/index.js';
import { hoseShelf } from './block.js';
import type { HoseLoad } from './block.js';
import { packed, reelHoldsFt, usualFill } from './packing/index.js';
import type { Finish, Packable, Packed, Room } from './packing/index.js';
import { feetThere } from './sections.js';
import { couplingOf } from './parts.js';
import type { Hose } from './parts.js';

/** A load packed in its bed. */
export interface BeddedLoad extends HoseLoad {
  hose: Hose;
  bed: BedPlace;
  finish: Finish;
  fill: number;
  /** Which stack of its bed it lies in and which in that, 0 first and lowest. */
  stack: number;
  nth: number;
  /** The room that it has: its stack's width, and what is left over what lies under it; where that begins, in. */
  room: Room;
  acrossIn: number;
  baseIn: number;
  packed: Packed;
  /** Where what of it fits lies on the truck; null where nothing does. */
  box: Box | null;
  center: Point;
}

export const chosenLoads = reading(
  'hose',
  [fromBuild(({ hose }) => hose), hoseShelf.stock],
  ({ loads, sections }, stock) =>
    loads.map((load) => ({
      ...load,
      lengthFt: feetThere(load, sections),
      hose: stock.part(load.partId),
    })),
);
type ChosenLoad = HoseLoad & { hose: Hose };

/** A hose as it is packed. */
export const packable = (hose: Hose): Packable => ({
  flatWidthIn: hose.flatWidthIn,
  thicknessIn: hose.packedIn,
  couplingIn: couplingOf(hose),
  sectionFt: hose.sectionFt,
});

/** The loads of a bed as stacks: a load lies on the one before it, or begins a stack of its own beside it. */
function stacksOf<L extends { beside?: 'yes' | undefined }>(loads: readonly L[]): L[][] {
  const stacks: L[][] = [];
  for (const load of loads) {
    if (load.beside && stacks.length > 0) stacks.push([load]);
    else (stacks.at(-1) ?? stacks[stacks.push([]) - 1]!).push(load);
  }
  return stacks;
}

/** The inside of a bed along its hose, in. A long tank may leave it no length at all. */
export const roomOf = (bed: BedPlace): Room => {
  const [x, y] = [Math.max(0, bed.x1 - bed.x0), bed.widthIn];
  const [lengthIn, widthIn] = bed.runs === 'along' ? [x, y] : [y, x];
  return { lengthIn, widthIn, depthIn: bed.depthIn };
};

/** What stacks have of a bed's width, in: what they ask for, and an even share of the rest. */
function widthsOf(stacks: readonly { wideIn?: number | undefined }[][], widthIn: number): number[] {
  const asked = stacks.map(([first]) => (stacks.length > 1 ? first!.wideIn : undefined));
  const taken = asked.reduce<number>((sum, wide) => sum + (wide ?? 0), 0);
  const others = asked.filter((wide) => wide === undefined).length;
  return asked.map((wide) => wide ?? Math.max(0, widthIn - taken) / others);
}

/** A box within a bed as it lies on the truck. */
export function onTruck(bed: BedPlace, acrossIn: number, baseIn: number, box: Box): Box {
  const [z0, z1] = [bed.floorIn + baseIn + box.z0, bed.floorIn + baseIn + box.z1];
  const left = bed.yCenter - bed.widthIn / 2;
  return bed.runs === 'along'
    ? boxOf(bed.x0 + box.x0, bed.x0 + box.x1, left + acrossIn + box.y0, left + acrossIn + box.y1, z0, z1)
    : boxOf(bed.x0 + acrossIn + box.y0, bed.x0 + acrossIn + box.y1, left + box.x0, left + box.x1, z0, z1);
}

const NONE: Packed = {
  across: 0,
  up: 0,
  takesCoupling: true,
  fitFt: 0,
  leftFt: 0,
  sections: 0,
  lays: [],
  couplings: [],
  box: null,
  middleIn: 0,
};

/** Hose wound on a reel: no lay of it is told from another. */
function onReel(load: ChosenLoad, bed: BedPlace): Packed {
  const fitFt = Math.min(load.lengthFt, reelHoldsFt(bed, packable(load.hose), bed.drumIn));
  return { ...NONE, fitFt, leftFt: load.lengthFt - fitFt };
}

const middle = (box: Box): Point => ({
  xIn: (box.x0 + box.x1) / 2,
  yIn: (box.y0 + box.y1) / 2,
  zIn: (box.z0 + box.z1) / 2,
});

/** The loads of one bed, packed: each stack from its floor up. */
function inBed(bed: BedPlace, loads: readonly ChosenLoad[]): BeddedLoad[] {
  const whole = roomOf(bed);
  const stacks = stacksOf(loads);
  const widths = widthsOf(stacks, whole.widthIn);
  let acrossIn = 0;
  return stacks.flatMap((stack, s) => {
    const left = acrossIn;
    const widthIn = Math.min(widths[s]!, Math.max(0, whole.widthIn - left));
    acrossIn += widths[s]!;
    let baseIn = 0;
    return stack.map((load, nth): BeddedLoad => {
      const finish = load.finish ?? 'flat';
      const fill =
        load.fillPct === undefined ? usualFill(load.hose.sizeIn, whole.lengthIn) : load.fillPct / 100;
      const room = { lengthIn: whole.lengthIn, widthIn, depthIn: Math.max(0, whole.depthIn - baseIn) };
      const reel = bed.kind === 'reel';
      const packedAs = reel
        ? onReel(load, bed)
        : packed(load.lengthFt, finish, room, packable(load.hose), fill);
      const box = packedAs.box && onTruck(bed, left, baseIn, packedAs.box);
      const itsBase = baseIn;
      baseIn += packedAs.box?.z1 ?? 0;
      const bedBox = onTruck(bed, 0, 0, boxOf(0, whole.lengthIn, 0, whole.widthIn, 0, whole.depthIn));
      return {
        ...load,
        bed,
        finish,
        fill,
        stack: s,
        nth,
        room,
        acrossIn: left,
        baseIn: itsBase,
        packed: packedAs,
        box,
        // Folds that stop short here and there leave a load in the middle of what it takes; up, its lays count.
        center: box ? { ...middle(box), zIn: bed.floorIn + itsBase + packedAs.middleIn } : middle(bedBox),
      };
    });
  });
}

/** All hose in its beds, packed, in the order of the beds. */
export const bedded = reading('hose', [chosenLoads, beds], (loads, all) =>
  all.flatMap((bed) =>
    inBed(
      bed,
      loads.filter(({ bedId, lengthFt }) => bedId === bed.id && lengthFt > 0),
    ),
  ),
);

/** What is carried, whether or not it fits. */
export const hoseCarried = reading('hose', [chosenLoads], (loads) =>
  loads.map(({ hose: { sizeIn, use }, lengthFt }) => ({ sizeIn, use, lengthFt })),
);
