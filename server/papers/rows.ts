import type { Content, ContentTable, ContentText, TableCell } from 'pdfmake/interfaces.js';
import { markAt } from '#core/kernel';
import type { Evaluation, TableOf } from '#core/kernel';
import type { Block } from '#core/papers';
import { shownIn } from '#core/units';
import type { UnitSystem } from '#core/units';
import type { inFonts } from './fonts.js';

export const INK = '#1E2A36';
export const PENCIL = '#58616C';
const RULE = '#D9D3C5';
const SIGNAL = '#B8401F';
export const BRASS = '#7D5F0E';
const CELL_PADDING = 4.5;
/** What heads of steps are larger than their text. */
const HEAD = 1.35;

export type Say = (words: string) => ReturnType<typeof inFonts>;

/** What blocks are laid out with. Points. */
export interface Setting {
  evaluation: Evaluation;
  system: UnitSystem;
  width: number;
  say: Say;
  /** The size of the text where it is set small. */
  dense: number | null;
}

/** Steps with their numbers; the reason behind each in another color, and its way by hand. */
export function stepsOf(
  { title, steps }: Extract<Block, { kind: 'steps' }>,
  say: Say,
  size: number,
): Content {
  const run = (words: string, color?: string): ContentText[] => {
    const runs = say(words);
    return (typeof runs === 'string' ? [{ text: runs }] : runs).map((of) => ({
      ...of,
      ...(color ? { color } : {}),
    }));
  };
  return {
    stack: [
      {
        text: say(title),
        font: 'Barlow Condensed',
        fontSize: size * HEAD,
        bold: true,
        margin: [0, 3, 0, 0.5],
      },
      ...steps.map((one, i): Content => ({
        columns: [
          { text: String(i + 1), width: size * 1.3, bold: true },
          {
            text: [
              ...run(one.do),
              ...run(`: ${one.why}`, PENCIL),
              ...(one.byHand ? run(`. By hand: ${one.byHand}`, BRASS) : []),
            ],
            width: '*',
          },
        ],
        columnGap: 2,
        margin: [0, 0, 0, 0.8],
      })),
    ],
  };
}

/** A square of a color before the words that name it. */
const swatched = (color: string, cell: Content): TableCell => ({
  columns: [
    {
      width: SWATCH + 3,
      canvas: [{ type: 'rect', x: 0, y: 1, w: SWATCH, h: SWATCH, color, lineColor: INK, lineWidth: 0.4 }],
    },
    cell,
  ],
});
const SWATCH = 6.5;

export function tableOf(
  { columns, rows }: TableOf,
  { system, width, say, dense }: Setting,
  shares = columns.map(() => 1),
): ContentTable {
  const room = width - columns.length * 2 * CELL_PADDING;
  const sum = shares.reduce((a, b) => a + b, 0);
  const cell = (words: string, i: number, more: object = {}): TableCell =>
    ({
      text: say(words),
      ...(columns[i]?.figure ? { alignment: 'right' as const, fontFeatures: ['tnum'] } : {}),
      ...more,
    }) as TableCell;
  // A figure and its unit stay on one line.
  const figure = (words: string, i: number, more: object) =>
    cell(words, i, columns[i]?.figure ? { ...more, noWrap: true } : more);
  return {
    margin: dense ? [0, 1, 0, 4] : [0, 2, 0, 8],
    fontSize: dense ?? 7.8,
    table: {
      headerRows: 1,
      keepWithHeaderRows: 1,
      dontBreakRows: true,
      widths: shares.map((share) => (room * share) / sum),
      body: [
        columns.map(({ head, unit }, i) =>
          cell(unit ? `${head}, ${shownIn(system, unit).unit}` : head, i, { bold: true }),
        ),
        ...rows.map((row) =>
          row.cells.map((words, i) => {
            const mark = markAt(row, i);
            const set = figure(
              `${words}${mark ?? ''}`,
              i,
              mark !== null ? { bold: true, color: SIGNAL } : row.strong ? { bold: true } : {},
            );
            return row.swatch && i === 0 ? swatched(row.swatch, set as Content) : set;
          }),
        ),
      ],
    },
    layout: {
      hLineWidth: (line, node) =>
        line === 0 ? 0 : line === 1 || line === node.table.body.length ? 0.8 : 0.4,
      vLineWidth: () => 0,
      hLineColor: (line) => (line === 1 ? INK : RULE),
      paddingLeft: () => CELL_PADDING,
      paddingRight: () => CELL_PADDING,
      paddingTop: () => (dense ? 0.8 : 1.6),
      paddingBottom: () => (dense ? 0.4 : 1.2),
    },
  };
}
