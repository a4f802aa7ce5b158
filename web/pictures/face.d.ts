import type { ChartOf, Evaluation } from '#core/kernel';
import type { Diagram } from '#core/subjects/plumbing';
import type { MountingView, SideMap } from '#core/subjects/stowing';
import type { UnitSystem } from '#core/units';

/** The drawing of a truck as an SVG that stands alone, as large as fits into so many points. */
export declare function drawingSvg(
  evaluation: Evaluation,
  views: 'driver' | 'all',
  system: UnitSystem,
  width: number,
  height: number,
): string;

/** The single-line diagram of the plumbing as an SVG that stands alone. */
export declare function diagramSvg(of: Diagram, system: UnitSystem): string;

/** How words are set in a picture: in which font, how wide they are there, and which of them need another. */
export interface Lettering {
  font: string;
  /** Points, at a size in points. */
  widthOf(words: string, size: number): number;
  runs(words: string): { text: string; font?: string }[];
}

/** A chart as an SVG of so many points: its series and the ends of its axes are those of the screen. */
export declare function chartSvg(
  chart: ChartOf,
  system: UnitSystem,
  lettering: Lettering,
  width: number,
  height: number,
): string;

/** The driver's side of a truck in small as an SVG that stands alone, its colors as `var(--ink)` still. */
export declare function miniatureSvg(evaluation: Evaluation): string;

/** The style sheets that the screens write into their page: the server's policy allows these and no others. */
export declare function inlineStyles(): string[];

/** A side of the truck with all doors open, its pieces numbered, as large as fits into so many points. */
export declare function sideSvg(of: SideMap, width: number, height: number): string;

/** A compartment with its fittings and what is measured of them, and its surfaces, into so many points. */
export declare function mountingSvg(
  of: MountingView,
  system: UnitSystem,
  width: number,
  height: number,
): string;
