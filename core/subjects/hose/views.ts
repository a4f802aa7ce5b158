import { reading } from '../../kernel/index.js';
import type { Box, Rectangle } from '../../kernel/index.js';
import { beds } from '../../truck/index.js';
import type { BedPlace } from '../../truck/index.js';
import { counted, feet } from '../../units/index.js';
import { bedded, roomOf } from './loads.js';
import type { BeddedLoad } from './loads.js';
import { FINISH_NAMES, isMadeUp, MADE_UP_ONE } from './packing/index.js';
import type { Room } from './packing/index.js';

/** A place on a picture, in: to the right and up. */
type Spot = readonly [u: number, v: number];

/**
 * A load in one view: its hose from its ends or from above, lowest first, or from end to end with every fold; and its
 * couplings.
 */
export interface LoadView {
  id: string;
  cut: Rectangle[];
  hose: Spot[][];
  couplings: Rectangle[];
  /** All that it takes. */
  outline: Rectangle | null;
}

export interface BedView {
  id: 'section' | 'along' | 'above';
  title: string;
  wideIn: number;
  highIn: number;
  loads: LoadView[];
}

/** A bed as it is packed, seen three ways. */
export interface BedViews {
  bed: BedPlace;
  room: Room;
  /** What lies in it, in order; its number stands in the views. */
  loads: BeddedLoad[];
  views: BedView[];
}

/** From where a bed is seen whose hose runs along the truck, or across it. */
const TITLES = {
  along: { section: 'From the rear', along: 'From the side', above: 'From above' },
  across: { section: 'From the side of the truck', along: 'From the front', above: 'From above' },
} as const;

const middleOf = (a: number, b: number): number => (a + b) / 2;

/** The hose of a lay from one of its ends to the other through its boxes, within the bed: along, across, up. */
function throughLay(boxes: readonly Box[], back: boolean): [number, number, number][] {
  const [first, across, last] = boxes;
  const z = middleOf(first!.z0, first!.z1);
  const y = middleOf(first!.y0, first!.y1);
  const points: [number, number, number][] =
    across && last
      ? [
          [first!.x1, y, z],
          [middleOf(across.x0, across.x1), y, z],
          [middleOf(across.x0, across.x1), middleOf(last.y0, last.y1), z],
          [last.x1, middleOf(last.y0, last.y1), z],
        ]
      : [
          [first!.x0, y, z],
          [first!.x1, y, z],
        ];
  return back ? points.reverse() : points;
}

/** A load in a view; `to` takes a place within the bed to the picture. */
function loadView(
  load: BeddedLoad,
  id: BedView['id'],
  to: (x: number, y: number, z: number) => Spot,
): LoadView {
  const at = (box: Box): Rectangle => {
    const [a, b] = [to(box.x0, box.y0, box.z0), to(box.x1, box.y1, box.z1)];
    return [Math.min(a[0], b[0]), Math.min(a[1], b[1]), Math.max(a[0], b[0]), Math.max(a[1], b[1])];
  };
  const { lays, couplings, box } = load.packed;
  const madeUp = isMadeUp(load.finish);
  const line = lays.flatMap(({ boxes }, i) => throughLay(boxes, i % 2 === 1).map((point) => to(...point)));
  return {
    id: load.id,
    // Seen from its end, the back of a horseshoe lies behind its arms.
    cut:
      madeUp || id !== 'along'
        ? lays.flatMap(({ boxes }) => boxes.filter((_, i) => id === 'above' || i !== 1).map(at))
        : [],
    hose: madeUp || id !== 'along' || line.length === 0 ? [] : [line],
    couplings: couplings.map((coupling) => at(coupling.box)),
    outline: box && at(box),
  };
}

function viewsOf(bed: BedPlace, loads: BeddedLoad[]): BedViews {
  const room = roomOf(bed);
  const titles = TITLES[bed.runs];
  const view = (
    id: BedView['id'],
    wideIn: number,
    highIn: number,
    to: (x: number, y: number, z: number) => Spot,
  ): BedView => ({
    id,
    title: titles[id],
    wideIn,
    highIn,
    loads: loads.map((load) => loadView(load, id, (x, y, z) => to(x, y + load.acrossIn, z + load.baseIn))),
  });
  return {
    bed,
    room,
    loads,
    views: [
      view('section', room.widthIn, room.depthIn, (_, y, z) => [y, z]),
      view('along', room.lengthIn, room.depthIn, (x, _, z) => [x, z]),
      view('above', room.lengthIn, room.widthIn, (x, y) => [x, y]),
    ],
  };
}

/** A load as it is packed, in words. */
function loadInWords({ hose, lengthFt, finish, packed }: BeddedLoad): string {
  const { sections, lays, leftFt } = packed;
  const parts = counted(lays.length, isMadeUp(finish) ? MADE_UP_ONE[finish] : 'lay');
  const left = leftFt > 0 ? `, ${feet(leftFt)} left over` : '';
  const how = FINISH_NAMES[finish].toLowerCase();
  return `${feet(lengthFt)} of ${hose.name}, ${how}, ${counted(sections, 'section')} in ${parts}${left}.`;
}

/** What lies in a bed, load by load, in words. */
export const bedInWords = ({ loads }: BedViews): string =>
  loads.map((load, i) => `${i + 1}: ${loadInWords(load)}`).join(' ');

/** Every bed that has hose in it, but for reels, seen three ways from the lays and couplings that are counted. */
export const bedViews = reading('hose', [beds, bedded], (all, loads): BedViews[] =>
  all
    .filter(({ kind }) => kind !== 'reel')
    .map((bed) =>
      viewsOf(
        bed,
        loads.filter(({ bedId }) => bedId === bed.id),
      ),
    )
    .filter((views) => views.loads.length > 0),
);
