import { PLANNING_CAUTION } from '../kernel/index.js';
import type { Evaluation } from '../kernel/index.js';
import {
  bracketsTable,
  fittingsTable,
  inPlace,
  mapTable,
  mountingOf,
  pickTable,
  placeLists,
  sideMaps,
  stowing,
  whereabouts,
} from '../subjects/stowing/index.js';
import type { PlaceList } from '../subjects/stowing/index.js';
import { compartments } from '../truck/index.js';
import { caution, heading, inColumns, text } from './kinds.js';
import type { Block, Paper } from './kinds.js';

type Table = Extract<Block, { kind: 'table' }>;

const NOTHING = 'Nothing is listed for this truck yet.';
const COLUMNS = 3;
/** A list's own name and head take as much room as so many of its rows. */
const HEAD_ROWS = 3;

const listed = ({ title, rows }: PlaceList): Table => ({
  kind: 'table',
  table: mapTable(title, rows),
  titled: true,
  widths: [0.7, 4, 0.9],
});
const rowsOf = ({ table }: Table): number => table.rows.length + HEAD_ROWS;

/** A page a side: its compartments from their doors with numbers, and the list of each beside the others. */
export function mapPaper(evaluation: Evaluation): Paper {
  const lists = evaluation.read(placeLists);
  const maps = evaluation.read(sideMaps);
  const shown = new Set(maps.flatMap(({ lockers }) => lockers.map(({ of }) => of.id)));
  const elsewhere = lists.filter(({ id }) => !shown.has(id));
  const beside = (some: readonly PlaceList[]): Block => ({
    kind: 'columns',
    columns: inColumns(some.map(listed), COLUMNS, rowsOf),
  });
  return {
    title: 'Locker map',
    small: true,
    blocks: [
      ...(lists.length === 0 ? [text(NOTHING)] : []),
      ...maps.flatMap((of, i): Block[] => [
        heading(of.title, i > 0),
        { kind: 'lockers', of },
        beside(lists.filter(({ id }) => of.lockers.some((one) => one.of.id === id))),
      ]),
      ...(elsewhere.length > 0
        ? [heading('In the cab, with the ladders and elsewhere'), beside(elsewhere)]
        : []),
      caution(stowing.caution!),
    ],
  };
}

/** A label for each line with its number: for the shelf, the tray or the board where it rides. */
export function labelsPaper(evaluation: Evaluation): Paper {
  const rows = evaluation.read(whereabouts).filter(({ number }) => number !== null);
  return {
    title: 'Labels',
    blocks: [
      text(
        rows.length > 0
          ? 'One for each line of the list, in the order of the locker map: to cut out and stick where it rides.'
          : 'Nothing rides in a compartment yet.',
      ),
      {
        kind: 'labels',
        labels: rows.map(({ number, name, place, line }) => ({
          number: String(number),
          name: line.count > 1 ? `${name} × ${line.count}` : name,
          place,
        })),
      },
    ],
  };
}

/** What is taken to each place, with a box to tick: for whoever loads the truck. */
export function pickPaper(evaluation: Evaluation): Paper {
  const lists = evaluation.read(placeLists);
  return {
    title: 'Pick lists',
    blocks: [
      text(
        lists.length > 0
          ? 'By place, shelf by shelf from the floor up: tick what has been put there.'
          : NOTHING,
      ),
      ...lists.map((list): Block => ({
        kind: 'table',
        table: pickTable(list),
        titled: true,
        widths: [0.5, 0.6, 4, 0.8, 2.6, 1, 1],
      })),
    ],
  };
}

/** A page a compartment for its builder: what is fitted where, and where each piece is mounted. */
export function mountingPaper(evaluation: Evaluation): Paper {
  const views = evaluation.read(compartments).flatMap(({ id }) => mountingOf(evaluation, id) ?? []);
  return {
    title: 'Mounting drawings',
    blocks: [
      caution(`${PLANNING_CAUTION} ${stowing.caution!}`),
      text(
        'Measured inside, from the floor, from the front end of the compartment (at the rear from the driver’s side) and from the plane of its door. Numbers are those of the locker map, letters those of the fittings below.',
      ),
      ...views.flatMap((view, i): Block[] => {
        const rows = inPlace(evaluation, view.of.id);
        return [
          heading(`Compartment ${view.of.name}`, i > 0),
          { kind: 'mounting', of: view },
          ...(view.fittings.length > 0
            ? [{ kind: 'table' as const, table: fittingsTable(view), widths: [0.5, 3.4, 1, 1.2, 1, 1, 1, 1] }]
            : [text('Nothing is fitted in it.')]),
          ...(rows.length > 0
            ? [
                {
                  kind: 'table' as const,
                  table: bracketsTable(view.of, rows),
                  widths: [0.5, 3, 2, 1.2, 1, 1, 0.9, 1.3],
                },
              ]
            : []),
        ];
      }),
    ],
  };
}
