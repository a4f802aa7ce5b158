import { block, field, linesIn } from '../build/index.js';
import type { Basis, BlockOf } from '../build/index.js';

/** Where a figure of a department's own part comes from. */
export const FIGURE_SOURCES = ['scale', 'plate', 'brochure', 'drawing', 'estimate'] as const;
export type FigureSource = (typeof FIGURE_SOURCES)[number];

/** What a weight from such a source rests on. */
export const SOURCE_BASIS: Record<FigureSource, Basis> = {
  scale: 'weighed',
  plate: 'catalogued',
  brochure: 'catalogued',
  drawing: 'calculated',
  estimate: 'estimated',
};

/** One figure of a part, in US units, with where it comes from. */
export interface PartFigure {
  field: string;
  value: number;
  source: FigureSource;
}

/**
 * A department's own part: like one that ships with Baros, with the figures that are known of the real one.
 * Under the id of a shipped part it corrects that part.
 */
export interface OwnPart {
  id: string;
  kind: string;
  /** The shipped part whose shape and remaining figures it takes. */
  likeId: string;
  name: string;
  figures: PartFigure[];
}

/** Beyond any figure of a part; each kind has closer bounds of its own. */
const MOST_FIGURE = 1e12;

/** The fields of an own part: the rules of the file and of the endpoint. */
export const ownPartFields = {
  kind: field.id('Kind'),
  likeId: field.part('Like', 'any'),
  name: field.text('Name', 1, 80),
  figures: field.many(
    'Figures',
    field.group('Figure', {
      field: field.text('Figure', 1, 40),
      value: field.amount('Value', '', { min: -MOST_FIGURE, max: MOST_FIGURE }),
      source: field.oneOf('Source', FIGURE_SOURCES),
    }),
    60,
  ),
};

/** Shipped parts whose ids became American with version 3 of the build file. */
const RENAMED: Readonly<Record<string, string>> = {
  'aluminium-12': 'aluminum-12',
  'aluminium-18': 'aluminum-18',
  'aluminium-24': 'aluminum-24',
  'brush-aluminium': 'brush-aluminum',
  'body-aluminium': 'body-aluminum',
  'body-galvanised': 'body-galvanized',
  'bed-aluminium': 'bed-aluminum',
  'fan-petrol': 'fan-gasoline',
  'tyre-kit': 'tire-kit',
};

/** A part of a file of version 1 or 2 under its id of today. */
export const american = (id: string): string => RENAMED[id] ?? id;

/** A figure of a part that was kept by an older Baros, by its name of today. */
export const americanFigure = (id: string): string => (id === 'centreZIn' ? 'centerZIn' : id);

/** An own part as an older Baros kept it, under the ids of today. */
export const americanPart = <P extends { id?: unknown; likeId?: unknown; figures?: unknown }>(own: P): P => ({
  ...own,
  ...(typeof own.id === 'string' ? { id: american(own.id) } : {}),
  ...(typeof own.likeId === 'string' ? { likeId: american(own.likeId) } : {}),
  ...(Array.isArray(own.figures)
    ? {
        figures: own.figures.map((figure: { field?: unknown }) =>
          typeof figure?.field === 'string' ? { ...figure, field: americanFigure(figure.field) } : figure,
        ),
      }
    : {}),
});

/** The department's own parts that a build names: they travel with it. */
export const ownPartsBlock = block({
  id: 'parts',
  title: 'Own parts',
  version: 1,
  fields: {
    own: field.many('Own parts', field.group('Own part', { id: field.id('Id'), ...ownPartFields }), 200),
  },
  empty: { own: [] },
  fromVersion2: (file) => {
    return { own: linesIn(file, 'ownParts').map(americanPart) as never };
  },
});

declare module '../build/build.js' {
  interface Blocks {
    parts: BlockOf<typeof ownPartsBlock>;
  }
}
