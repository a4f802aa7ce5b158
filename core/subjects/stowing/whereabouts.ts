import { fromBuild, reading } from '../../kernel/index.js';
import type { Evaluation, TableOf } from '../../kernel/index.js';
import { formatWhole } from '../../units/index.js';
import { equipmentRows, placeTitle, YET } from '../equipment/index.js';
import type { EquipmentRow } from '../equipment/index.js';
import { reachIn, stowed } from './stowed.js';
import type { Stowed } from './stowed.js';
import { lockerViews, numbers } from './views.js';

/** Where a line of equipment is, as one looks for it. */
export interface Whereabouts extends EquipmentRow {
  /** Its number on the locker map; null where it is in no compartment. */
  number: number | null;
  stowed: Stowed | null;
  /** The compartment, the cab, the rack; and the shelf, tray or board, where it has its place on one. */
  place: string;
  /** It stands behind something, and is not seen from the door. */
  behind: boolean;
  /** How high hands take it, in; null where nobody says. */
  reachIn: number | null;
}

/** Every line of the list with where it is, in the order of the locker map; what is in no compartment after that. */
export const whereabouts = reading(
  'stowing',
  [equipmentRows, stowed, numbers, lockerViews, fromBuild((build) => build)],
  (rows, things, numbered, views, build): Whereabouts[] => {
    const unseen = new Set(
      views.flatMap((view) => view.things.filter(({ seenAt }) => !seenAt).map(({ lineId }) => lineId)),
    );
    const by = new Map(things.map((thing) => [thing.line.id, thing]));
    return rows
      .map((row): Whereabouts => {
        const thing = by.get(row.line.id) ?? null;
        const surface = thing?.lying?.surface;
        return {
          ...row,
          number: numbered.get(row.line.id) ?? null,
          stowed: thing,
          place: surface?.name ?? placeTitle(row.line.compartmentId, build),
          behind: unseen.has(row.line.id),
          reachIn: thing?.lying ? reachIn(thing) : null,
        };
      })
      .sort((a, b) => (a.number ?? Infinity) - (b.number ?? Infinity));
  },
);

/** Lines that are on the truck: with a place, and not for later. */
export const aboard = reading('stowing', [whereabouts], (all): Whereabouts[] =>
  all.filter(({ line }) => line.compartmentId !== YET && line.later !== 'yes'),
);

/** Number, piece and how many: what a locker map lists beside its picture. */
export const mapTable = (title: string, rows: readonly Whereabouts[]): TableOf => ({
  title,
  columns: [{ head: 'No.', figure: true }, { head: 'Piece' }, { head: 'Pieces', figure: true }],
  rows: rows.map(({ line, number, name, behind }) => ({
    id: line.id,
    cells: [
      number === null ? '–' : String(number),
      behind ? `${name}, behind` : name,
      formatWhole(line.count),
    ],
  })),
});

/** The rows of one place, by the id of a compartment, the cab or a rack. */
export const inPlace = (evaluation: Evaluation, placeId: string): Whereabouts[] =>
  evaluation.read(whereabouts).filter(({ line }) => line.compartmentId === placeId);
