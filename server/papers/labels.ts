import type { Content, TableCell } from 'pdfmake/interfaces.js';
import type { Block } from '#core/papers';
import { INK, PENCIL } from './rows.js';
import type { Say } from './rows.js';

const ACROSS = 3;
/** Points. */
const PADDING = 5;
const HIGH = 46;
const NUMBER = 22;

/** Labels side by side, each framed to be cut out: a number to see, a name and a place. */
export function labelsOf({ labels }: Extract<Block, { kind: 'labels' }>, say: Say, width: number): Content {
  if (labels.length === 0) return { text: '' };
  const cells = labels.map(({ number, name, place }): TableCell => ({
    columns: [
      { text: number, font: 'Barlow Condensed', fontSize: NUMBER, bold: true, width: 34 },
      {
        stack: [
          { text: say(name), bold: true, fontSize: 8.5 },
          { text: say(place), fontSize: 7.5, color: PENCIL },
        ],
        width: '*',
      },
    ],
    columnGap: 4,
  }));
  const rows = Array.from({ length: Math.ceil(cells.length / ACROSS) }, (_, i) =>
    Array.from({ length: ACROSS }, (_cell, k): TableCell => cells[i * ACROSS + k] ?? { text: '' }),
  );
  return {
    table: {
      widths: Array.from({ length: ACROSS }, () => width / ACROSS - 2 * PADDING),
      heights: HIGH - 2 * PADDING,
      dontBreakRows: true,
      body: rows,
    },
    layout: {
      hLineWidth: () => 0.4,
      vLineWidth: () => 0.4,
      hLineColor: () => INK,
      vLineColor: () => INK,
      paddingLeft: () => PADDING,
      paddingRight: () => PADDING,
      paddingTop: () => PADDING,
      paddingBottom: () => PADDING,
    },
  };
}
