import { groupsBy, reading } from '../../kernel/index.js';
import type { Evaluation, Rectangle, TableOf } from '../../kernel/index.js';
import { compartments } from '../../truck/index.js';
import type { Compartment } from '../../truck/index.js';
import { LINE_FIELDS } from '../equipment/index.js';
import { counted, formatWhole, inches, lb } from '../../units/index.js';
import { placedAll } from '../shelving/index.js';
import type { Placed as Fitted } from '../shelving/index.js';
import { onSurfaces } from './stowed.js';
import { lockerViews, surfacePlan } from './views.js';
import type { LockerView, SurfacePlan } from './views.js';
import { whereabouts } from './whereabouts.js';
import type { Whereabouts } from './whereabouts.js';

type Side = Compartment['side'];
export const SIDE_NAMES: Record<Side, string> = {
  left: 'Driver’s side',
  right: 'Officer’s side',
  rear: 'Rear',
  top: 'Top',
};
const SIDES: readonly Side[] = ['left', 'right', 'rear', 'top'];

/** A side of the truck as one stands before it with all doors open: its compartments where they are; in. */
export interface SideMap {
  side: Side;
  title: string;
  /** Each with its left end along the side and its floor over the lowest of them. */
  lockers: { of: LockerView; uIn: number; vIn: number }[];
  wideIn: number;
  highIn: number;
}

/** Along a side as it is seen: on the officer's side the front is at the right. */
const leftEnd = ({ side, x0, x1, y0 }: Compartment): number =>
  side === 'rear' ? y0 : side === 'right' ? -x1 : x0;

/** The truck side by side, each with its compartments as one sees them; sides without any are left out. */
export const sideMaps = reading('stowing', [compartments, lockerViews], (all, views): SideMap[] =>
  SIDES.flatMap((side): SideMap[] => {
    const mine = all.filter((one) => one.side === side);
    if (mine.length === 0) return [];
    const [from, floor] = [Math.min(...mine.map(leftEnd)), Math.min(...mine.map(({ z0 }) => z0))];
    const lockers = mine.map((one) => ({
      of: views.find(({ id }) => id === one.id)!,
      uIn: leftEnd(one) - from,
      vIn: one.z0 - floor,
    }));
    return [
      {
        side,
        title: SIDE_NAMES[side],
        lockers,
        wideIn: Math.max(...lockers.map(({ of, uIn }) => uIn + of.wideIn)),
        highIn: Math.max(...lockers.map(({ of, vIn }) => vIn + of.highIn)),
      },
    ];
  }),
);

/** A compartment as its builder needs it: its fittings with letters and dimensions, and each surface with what is mounted on it. */
export interface MountingView {
  of: LockerView;
  fittings: { letter: string; front: Rectangle; upIn: number; fitted: Fitted }[];
  /** Heights of shelves, trays and what hangs on the wall over the floor, each once, in. */
  heightsIn: number[];
  surfaces: SurfacePlan[];
}

const A = 'A'.charCodeAt(0);
const LETTERS = 26;
/** A to Z, then AA and on. */
const letterOf = (i: number): string =>
  i < LETTERS ? String.fromCharCode(A + i) : letterOf(Math.floor(i / LETTERS) - 1) + letterOf(i % LETTERS);

/** What is fitted into a compartment and what stands in it, with what a builder measures. */
export function mountingOf(evaluation: Evaluation, compartmentId: string): MountingView | null {
  const of = evaluation.read(lockerViews).find(({ id }) => id === compartmentId);
  if (!of) return null;
  const fitted = evaluation
    .read(placedAll)
    .filter(({ compartment }) => compartment.id === compartmentId)
    .sort((a, b) => a.takes.z0 - b.takes.z0 || a.takes.x0 - b.takes.x0);
  return {
    of,
    fittings: fitted.map((one, i) => ({
      letter: letterOf(i),
      front: of.fittings.find(({ id }) => id === one.line.id)!.front,
      upIn: one.takes.z0,
      fitted: one,
    })),
    heightsIn: [...new Set(fitted.map(({ takes }) => takes.z0).filter((z) => z > 0))].sort((a, b) => a - b),
    surfaces: evaluation
      .read(onSurfaces)
      .filter(({ surface, things }) => surface.compartmentId === compartmentId && things.length > 0)
      .filter(({ surface }) => surface.tubes === null)
      .flatMap(({ surface }) => surfacePlan(evaluation, surface.id) ?? []),
  };
}

/** What is fitted, letter by letter, with where it is measured from the floor, the front end and the door. */
export const fittingsTable = ({ of, fittings }: MountingView): TableOf => ({
  title: `Fittings of ${of.name}`,
  columns: [
    { head: '' },
    { head: 'Fitting' },
    { head: 'Over the floor', figure: true },
    { head: 'From its front end', figure: true },
    { head: 'From the door', figure: true },
    { head: 'Long', figure: true },
    { head: 'Deep', figure: true },
    { head: 'Rated', figure: true },
  ],
  rows: fittings.map(({ letter, upIn, fitted: { line, part, takes } }) => ({
    id: line.id,
    cells: [
      letter,
      part.name,
      inches(upIn),
      inches(takes.x0),
      inches(takes.y0),
      inches(takes.x1 - takes.x0),
      inches(takes.y1 - takes.y0),
      part.ratingLb === undefined ? '–' : lb(part.ratingLb),
    ],
  })),
});

/** Each piece with its size and its corner nearest the front end and the door, over the floor. */
export const bracketsTable = (of: LockerView, rows: readonly Whereabouts[]): TableOf => ({
  title: `Pieces in ${of.name}`,
  columns: [
    { head: 'No.', figure: true },
    { head: 'Piece' },
    { head: 'Takes, along × in × up' },
    { head: 'From its front end', figure: true },
    { head: 'From the door', figure: true },
    { head: 'Over the floor', figure: true },
    { head: 'Weight', figure: true },
    { head: 'Mounted by' },
  ],
  rows: rows.map(({ line, number, name, stowed, weightLb }) => {
    const box = stowed?.lying?.box;
    const size = box && [box.x1 - box.x0, box.y1 - box.y0, box.z1 - box.z0].map((side) => inches(side));
    return {
      id: line.id,
      cells: [
        String(number ?? '–'),
        line.count > 1 ? `${name}, ${counted(line.count, 'piece')}` : name,
        size ? size.join(' × ') : 'no place in it yet',
        ...(box ? [box.x0, box.y0, box.z0].map((at) => inches(at)) : ['–', '–', '–']),
        lb(weightLb),
        LINE_FIELDS.mounted.names?.[line.mounted ?? 'department'] ?? '',
      ],
    };
  }),
});

/** One place with what rides there: compartments in their order, then the cab, the racks and what has none yet. */
export interface PlaceList {
  id: string;
  title: string;
  rows: Whereabouts[];
}

export const placeLists = reading('stowing', [compartments, whereabouts], (all, rows): PlaceList[] => {
  const by = groupsBy(rows, ({ line }) => line.compartmentId);
  const inBody = all.flatMap(({ id, name }) => (by.has(id) ? [{ id, title: name, rows: by.get(id)! }] : []));
  const elsewhere = [...by]
    .filter(([id]) => !all.some((one) => one.id === id))
    .map(([id, mine]) => ({ id, title: mine[0]!.place, rows: mine }));
  return [...inBody, ...elsewhere];
});

/** What is taken to a place, shelf by shelf, with a box to tick. */
export const pickTable = ({ title, rows }: PlaceList): TableOf => ({
  title: `${title}: ${counted(
    rows.reduce((sum, { line }) => sum + line.count, 0),
    'piece',
  )}`,
  columns: [
    { head: '☐' },
    { head: 'No.', figure: true },
    { head: 'Piece' },
    { head: 'Pieces', figure: true },
    { head: 'Where' },
    { head: 'Set' },
    { head: 'Weight', figure: true },
  ],
  rows: rows.map(({ line, number, name, place, weightLb }) => ({
    id: line.id,
    cells: [
      '☐',
      String(number ?? '–'),
      line.later === 'yes' ? `${name} (later)` : name,
      formatWhole(line.count),
      place,
      line.set ?? '',
      lb(weightLb),
    ],
  })),
});
