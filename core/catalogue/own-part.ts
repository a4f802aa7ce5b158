import type { Basis } from './types.js';

/** Where a figure of a department's own part comes from. */
export const FIGURE_SOURCES = ['scale', 'plate', 'brochure', 'drawing', 'estimate'] as const;
export type FigureSource = (typeof FIGURE_SOURCES)[number];

/** What a weight from such a source rests on. */
export const SOURCE_BASIS: Record<FigureSource, Basis> = { scale: 'weighed', plate: 'catalogued', brochure: 'catalogued', drawing: 'calculated', estimate: 'estimated' };

/** One figure of a part, in US units, with where it comes from. */
export interface PartFigure {
  field: string;
  value: number;
  source: FigureSource;
}

/** The kinds of part that a department can add or correct. */
export const OWN_KINDS = ['chassis', 'bumper', 'bumperItem', 'pump', 'foam', 'hose', 'ladder', 'body', 'fitting', 'device', 'equipment'] as const;
export type OwnKind = (typeof OWN_KINDS)[number];

/**
 * A department's own part: like one that ships with Baros, with the figures that are known of the real one.
 * Under the id of a shipped part it corrects that part.
 */
export interface OwnPart {
  id: string;
  kind: OwnKind;
  /** The shipped part whose shape and remaining figures it takes. */
  likeId: string;
  name: string;
  figures: PartFigure[];
}
