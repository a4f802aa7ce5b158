import type {
  Content,
  ContentTable,
  ContentText,
  TableCell,
  TDocumentDefinitions,
} from 'pdfmake/interfaces.js';
import { chartSvg, diagramSvg, drawingSvg } from '#pictures';
import { markAt, PLANNING_CAUTION } from '#core/kernel';
import type { ChartOf, Evaluation, TableOf } from '#core/kernel';
import type { Block, Paper } from '#core/papers';
import { inUnits, shownIn, SYSTEM_NAMES } from '#core/units';
import type { UnitSystem } from '#core/units';
import { CHART_FONT, inFonts, printable } from './fonts.js';

/** Of which build and revision a paper is. */
export interface Imprint {
  build: string;
  department: string;
  type: string;
  revision: number;
  /** When that revision was saved. */
  date: Date;
  who: string;
}

/** Points. */
const SIZES = {
  us: { name: 'LETTER', width: 612 },
  canada: { name: 'LETTER', width: 612 },
  metric: { name: 'A4', width: 595 },
} as const;
const MARGIN = 36;
const CELL_PADDING = 4.5;
const DRAWING_HEIGHT = 250;
const CHART_HEIGHT = 172;
const GAP = 14;
/** Sizes in which a card is tried until it is one page, the largest first. */
export const CARD_SIZES = [8.2, 7.6, 7, 6.4, 5.8] as const;
/** Of a card: its name, and what its heads are larger than its text. */
const CARD = { title: 17, head: 1.35 };
/** Level of a heading that begins a page. */
const BEGINS_PAGE = 2;
/** As a share of the page's height. */
const TOP_OF_PAGE = 0.06;

const INK = '#1E2A36';
const PENCIL = '#58616C';
const RULE = '#D9D3C5';
const SIGNAL = '#B8401F';
const BRASS = '#7D5F0E';

const day = new Intl.DateTimeFormat('en-US', { dateStyle: 'long', timeZone: 'UTC' });

/**
 * A paper of the core as a document to print, its figures in a person's units; the same paper always gives
 * the same file.
 */
export function documentOf(
  paper: Paper,
  evaluation: Evaluation,
  imprint: Imprint,
  system: UnitSystem,
  cardSize: number = CARD_SIZES[0],
): TDocumentDefinitions {
  const { name: pageSize, width: pageWidth } = SIZES[system];
  const width = pageWidth - 2 * MARGIN;
  const say = (words: string) => inFonts(inUnits(words, system));
  const revision = `Revision ${imprint.revision} of ${day.format(imprint.date)}`;
  return {
    info: {
      title: `${paper.title}: ${imprint.build}`,
      subject: `${imprint.department}, ${revision}`,
      creator: 'Baros',
      producer: 'Baros',
      creationDate: imprint.date,
    },
    pageSize,
    pageMargins: paper.dense ? [MARGIN, 34, MARGIN, 40] : [MARGIN, 46, MARGIN, 54],
    defaultStyle: { font: 'Barlow', fontSize: paper.dense ? cardSize : 9, color: INK, lineHeight: 1.15 },
    styles: { heading: { font: 'Barlow Condensed', fontSize: 14, bold: true, margin: [0, 12, 0, 4] } },
    header: () => ({
      columns: [
        { text: say(`${imprint.build}, ${imprint.department}`), color: PENCIL },
        { text: paper.title, alignment: 'right', color: PENCIL },
      ],
      margin: [MARGIN, paper.dense ? 14 : 22, MARGIN, 0],
      fontSize: 8,
    }),
    footer: (page, pages) => ({
      margin: [MARGIN, 8, MARGIN, 0],
      fontSize: 7,
      color: PENCIL,
      columns: [
        { text: PLANNING_CAUTION, width: '*' },
        { text: `${revision}\nPage ${page} of ${pages}`, width: 140, alignment: 'right' },
      ],
    }),
    content: [
      {
        text: say(imprint.build),
        font: 'Barlow Condensed',
        fontSize: paper.dense ? CARD.title : 24,
        bold: true,
      },
      {
        text: [paper.title, ', ', say(imprint.department) as never],
        fontSize: paper.dense ? 9 : 11,
        margin: [0, 0, 0, paper.dense ? 0 : 4],
      },
      {
        text: say(
          `${revision}${imprint.who ? `, saved by ${imprint.who}` : ''}. ${imprint.type}. Units: ${SYSTEM_NAMES[system]}.`,
        ),
        color: PENCIL,
        margin: [0, 0, 0, paper.dense ? 2 : 8],
      },
      ...contentOf(paper.blocks, { evaluation, system, width, say, dense: paper.dense ? cardSize : null }),
    ],
    // Some headings begin a page, where they do not already; none stands alone at the foot of one.
    pageBreakBefore: (node, nodes) =>
      node.headlineLevel === BEGINS_PAGE
        ? node.startPosition.verticalRatio > TOP_OF_PAGE
        : node.headlineLevel === 1 && nodes.getFollowingNodesOnPage().length === 0,
  };
}

/** A chart whose names can be printed. */
const printed = (chart: ChartOf): ChartOf => ({
  ...chart,
  x: {
    ...chart.x,
    at: chart.x.at.map((name) => (typeof name === 'string' ? printable(name) : name)) as ChartOf['x']['at'],
  },
});

type Say = (words: string) => ReturnType<typeof inFonts>;

/** What blocks are laid out with. Points. */
interface Setting {
  evaluation: Evaluation;
  system: UnitSystem;
  width: number;
  say: Say;
  /** The size of the text where it is set small. */
  dense: number | null;
}

function contentOf(blocks: Block[], setting: Setting): Content[] {
  const { system, width } = setting;
  const content: Content[] = [];
  const half = (width - GAP) / 2;
  for (const [i, block] of blocks.entries()) {
    const before = blocks[i - 1];
    if (block.kind === 'chart' && block.half && before?.kind === 'chart' && before.half) continue;
    const next = blocks[i + 1];
    content.push(
      block.kind === 'chart' && block.half && next?.kind === 'chart' && next.half
        ? {
            columns: [block, next].map(({ chart }) => ({
              svg: chartSvg(printed(chart), system, CHART_FONT, half, CHART_HEIGHT),
              width: half,
            })),
            columnGap: GAP,
            margin: [0, 6, 0, 6],
          }
        : blockOf(block, setting),
    );
  }
  return endingFlush(content);
}

/** Content whose end asks for no room below it: that alone would begin an empty page. */
function endingFlush(content: Content[]): Content[] {
  const last = content.at(-1);
  const end: unknown = Array.isArray(last) ? last.at(-1) : last;
  const margin = (end as { margin?: number[] } | undefined)?.margin;
  if (margin?.length === 4) margin[3] = 0;
  return content;
}

function blockOf(block: Block, setting: Setting): Content {
  const { evaluation, system, width, say, dense } = setting;
  switch (block.kind) {
    case 'heading':
      return { text: say(block.text), style: 'heading', headlineLevel: block.newPage ? BEGINS_PAGE : 1 };
    case 'text':
      return {
        stack: [{ text: say(block.text) }],
        unbreakable: true,
        margin: [0, dense ? 0 : 3, 0, dense ? 3 : 6],
      };
    case 'caution':
      return {
        layout: 'noBorders',
        table: {
          widths: [2, '*'],
          body: [
            [
              { text: '', fillColor: BRASS },
              { text: say(block.text), color: BRASS, margin: [4, 0, 0, 0] },
            ],
          ],
        },
        margin: dense ? [0, 1, 0, 2] : [0, 4, 0, 6],
      };
    case 'facts':
      return {
        columns: block.facts.map(([name, value]) => ({
          stack: [{ text: say(name), color: PENCIL, fontSize: 7.5 }, { text: say(value) }],
        })),
        columnGap: GAP,
        margin: [0, 2, 0, 8],
      };
    case 'table':
      return [
        ...(block.titled
          ? [
              {
                text: say(block.table.title),
                bold: true,
                margin: [0, 4, 0, 0] as [number, number, number, number],
              },
            ]
          : []),
        tableOf(block.table, setting, block.widths),
      ];
    case 'steps':
      return stepsOf(block, say, dense ?? 9);
    case 'columns': {
      const each = (width - GAP * (block.columns.length - 1)) / block.columns.length;
      return {
        columns: block.columns.map((blocks) => ({
          width: each,
          stack: contentOf(blocks, { ...setting, width: each }),
        })),
        columnGap: GAP,
      };
    }
    case 'chart':
      return {
        svg: chartSvg(printed(block.chart), system, CHART_FONT, width, CHART_HEIGHT),
        width,
        margin: [0, 6, 0, 6],
      };
    case 'diagram':
      return {
        svg: diagramSvg(block.of, system),
        width,
        margin: [0, 2, 0, 2],
      };
    case 'drawing':
      return {
        svg: drawingSvg(evaluation, block.views, system, width, DRAWING_HEIGHT),
        width,
        margin: [0, 2, 0, 2],
      };
  }
}

/** Steps with their numbers; the reason behind each in another color, and its way by hand. */
function stepsOf({ title, steps }: Extract<Block, { kind: 'steps' }>, say: Say, size: number): Content {
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
        fontSize: size * CARD.head,
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

function tableOf(
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
