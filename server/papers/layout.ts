import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { chartSvg, diagramSvg, drawingSvg, mountingSvg, sideSvg } from '#pictures';
import { PLANNING_CAUTION } from '#core/kernel';
import type { Evaluation } from '#core/kernel';
import type { Block, Paper } from '#core/papers';
import { inUnits, SYSTEM_NAMES } from '#core/units';
import type { UnitSystem } from '#core/units';
import { inFonts, LETTERING } from './fonts.js';
import { labelsOf } from './labels.js';
import { BRASS, INK, PENCIL, stepsOf, tableOf } from './rows.js';
import type { Setting } from './rows.js';

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
const DRAWING_HEIGHT = 250;
const CHART_HEIGHT = 172;
const LOCKERS_HEIGHT = 300;
const GAP = 14;
/** Sizes in which a card is tried until it is one page, the largest first. */
export const CARD_SIZES = [8.2, 7.6, 7, 6.4, 5.8] as const;
/** The size of a paper that is set smaller. */
const SMALL = 6.8;
/** The name of a truck on its card. */
const CARD_TITLE = 17;
/** Level of a heading that begins a page. */
const BEGINS_PAGE = 2;
/** As a share of the page's height. */
const TOP_OF_PAGE = 0.06;

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
  const size = paper.dense ? cardSize : paper.small ? SMALL : 9;
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
    defaultStyle: { font: 'Barlow', fontSize: size, color: INK, lineHeight: 1.15 },
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
        fontSize: paper.dense ? CARD_TITLE : 24,
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
      ...contentOf(paper.blocks, {
        evaluation,
        system,
        width,
        say,
        dense: paper.dense || paper.small ? size : null,
      }),
    ],
    // Some headings begin a page, where they do not already; none stands alone at the foot of one.
    pageBreakBefore: (node, nodes) =>
      node.headlineLevel === BEGINS_PAGE
        ? node.startPosition.verticalRatio > TOP_OF_PAGE
        : node.headlineLevel === 1 && nodes.getFollowingNodesOnPage().length === 0,
  };
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
              svg: chartSvg(chart, system, LETTERING, half, CHART_HEIGHT),
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
        svg: chartSvg(block.chart, system, LETTERING, width, CHART_HEIGHT),
        width,
        margin: [0, 6, 0, 6],
      };
    case 'diagram':
      return {
        svg: diagramSvg(block.of, system),
        width,
        margin: [0, 2, 0, 2],
      };
    case 'lockers':
      return { svg: sideSvg(block.of, width, LOCKERS_HEIGHT), width, margin: [0, 2, 0, 4] };
    case 'mounting':
      return { svg: mountingSvg(block.of, system, width, LOCKERS_HEIGHT), width, margin: [0, 2, 0, 4] };
    case 'labels':
      return labelsOf(block, say, width);
    case 'drawing':
      return {
        svg: drawingSvg(evaluation, block.views, system, width, DRAWING_HEIGHT),
        width,
        margin: [0, 2, 0, 2],
      };
  }
}
