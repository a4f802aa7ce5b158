import { block, field, linesIn, settled } from '../../build/index.js';
import type { BlockOf, Build, Problem } from '../../build/index.js';
import { partFigure, Shelf } from '../../kernel/index.js';
import { asideInWords, feet, inches } from '../../units/index.js';
import { bedsIn } from './beds.js';
import { COVER_NAMES, COVERS, WALKWAY_NAMES, WALKWAYS } from './cover-kinds.js';
import { SECTION_FIELDS, sectionProblems, settledSections } from './sections.js';
import { OWN_BED_NAMES, OWN_BEDS } from './own-bed-kinds.js';
import { FINISH_NAMES, FINISHES, isMadeUp, MOST_FT } from './packing/index.js';
import { HOSES } from './parts.js';
import type { Hose } from './parts.js';
import { REEL_NAMES, REEL_PLACES, REWIND_NAMES, REWINDS } from './reels.js';

const { plain } = partFigure;

export const hoseShelf = new Shelf<Hose>({
  kind: 'hose',
  title: 'Hose',
  shipped: HOSES,
  figures: [
    plain<Hose>('lbPerFt', 'Weight', 'lbft', 0.05, 8, true),
    plain<Hose>('flatWidthIn', 'Flat width', 'in', 0.5, 14),
    plain<Hose>('packedIn', 'Thickness, packed double', 'in', 0.05, 3),
    plain<Hose>('sectionFt', 'Section', 'ft', 5, 200),
    partFigure.within<Hose>(
      'couplingIn',
      'Couplings, across',
      'in',
      [0.5, 14],
      ({ couplingIn }) => couplingIn ?? NaN,
      (hose, couplingIn) => (hose.couplingIn === undefined ? hose : { ...hose, couplingIn }),
      { none: 'as usual for its size' },
    ),
    plain<Hose>('priceCentsPerFt', 'Price for each foot', 'cents', 0, 100_000),
  ],
});

const bedName = (id: string, build: Build): string =>
  bedsIn(build).find((other) => other.id === id)?.name ?? id;

/** Where crosslays can lie: over the pump, or in a module of their own ahead of it or behind it. */
export const CROSSLAY_PLACES = ['over', 'ahead', 'behind'] as const;
export type CrosslayPlace = (typeof CROSSLAY_PLACES)[number];
const CROSSLAY_PLACE_NAMES: Record<CrosslayPlace, string> = {
  over: 'over the pump',
  ahead: 'in a module ahead of the pump',
  behind: 'in a module behind the pump',
};

export const hoseBlock = block({
  id: 'hose',
  title: 'Hose loads',
  version: 1,
  fields: {
    /** Where the crosslays lie; over the pump where left out. */
    crosslaysAt: field.optional(
      field.oneOf('Where the crosslays lie', CROSSLAY_PLACES, CROSSLAY_PLACE_NAMES),
    ),
    /** Steps under the sides of the pump house, from which crosslays are reached. */
    boards: field.optional(field.oneOf('Steps at the pump house', ['yes'], { yes: 'yes' })),
    /** What covers the main beds, closes them at the rear, and is walked on beside them; none where left out. */
    cover: field.optional(field.oneOf('Cover of the hose bed', COVERS, COVER_NAMES)),
    endTarp: field.optional(field.oneOf('End tarp', ['yes'], { yes: 'yes' })),
    walkway: field.optional(field.oneOf('Walkway beside the hose bed', WALKWAYS, WALKWAY_NAMES)),
    /** How high the walls of the main bed stand over its floor; as usual where left out. */
    wallsIn: field.optional(field.amount('Walls of the hose bed', 'in', { min: 6, max: 60, step: 1 })),
    /** How wide the main bed is inside its walls; between the compartments where left out. */
    bedWidthIn: field.optional(field.amount('Width of the hose bed', 'in', { min: 16, max: 96, step: 1 })),
    /** Walls along the main bed, by their distance from the middle; one in the middle where left out. */
    dividers: field.optional(
      field.lines(
        'Hose bed dividers',
        'Divider',
        4,
        { yIn: field.amount('From the middle', 'in', { min: -40, max: 40, step: 1 }) },
        ({ yIn }) => ({
          title: 'Hose bed divider',
          words: asideInWords(yIn),
        }),
      ),
    ),
    /** Reels by their places; what the body usually has where left out. */
    reels: field.optional(
      field.lines(
        'Reels',
        'Reel',
        REEL_PLACES.length,
        {
          at: field.oneOf('Where the reel stands', REEL_PLACES, REEL_NAMES),
          rewind: field.optional(field.oneOf('Hose is wound back', REWINDS, REWIND_NAMES)),
          roller: field.optional(field.oneOf('Guide rollers', ['yes'], { yes: 'yes' })),
          drumIn: field.optional(field.amount('Drum', 'in', { min: 4, max: 18, step: 0.5 })),
        },
        ({ at }) => ({ title: 'Reel', words: REEL_NAMES[at] }),
      ),
    ),
    /** Beds beyond those that pump, bumper and body bring. */
    beds: field.optional(
      field.lines(
        'Further hose beds',
        'Hose bed',
        12,
        {
          at: field.oneOf('Where it is', OWN_BEDS, OWN_BED_NAMES),
          lengthIn: field.amount('Length inside, along the hose', 'in', { min: 8, max: 200, step: 1 }),
          wideIn: field.amount('Width inside', 'in', { min: 3, max: 96, step: 1 }),
          deepIn: field.amount('Depth inside', 'in', { min: 3, max: 72, step: 1 }),
          xIn: field.optional(
            field.amount('Front, behind the front axle', 'in', { min: -120, max: 500, step: 1 }),
          ),
          yIn: field.optional(
            field.amount('Middle, to the officer’s side', 'in', { min: -60, max: 60, step: 1 }),
          ),
          floorIn: field.optional(
            field.amount('Floor over the ground', 'in', { min: 10, max: 140, step: 1 }),
          ),
          slides: field.optional(field.oneOf('Slides out', ['yes'], { yes: 'yes' })),
        },
        ({ at, lengthIn, wideIn, deepIn }) => ({
          title: OWN_BED_NAMES[at],
          words: `${inches(lengthIn)} × ${inches(wideIn)} × ${inches(deepIn)}`,
        }),
      ),
    ),
    /** The sections of hose that there are, with the record of their tests. */
    sections: field.optional(
      field.lines(
        'Sections of hose',
        'Section of hose',
        400,
        SECTION_FIELDS,
        ({ mark, lengthFt, partId }, _, names) => ({
          title: `Section of hose${mark ? ` ${mark}` : ''}`,
          words: `${feet(lengthFt)} of ${names.part('hose', partId)}`,
        }),
      ),
    ),
    loads: field.lines(
      'Hose loads',
      'Hose load',
      20,
      {
        bedId: field.id('Bed', bedName),
        partId: field.part('Hose', 'hose'),
        lengthFt: field.amount('Length', 'ft', { min: 0, max: MOST_FT }),
        /** Flat where left out. */
        finish: field.optional(field.oneOf('Packed as', FINISHES, FINISH_NAMES)),
        /** Beside the load before it, with its own share of the bed's width; on top of it where left out. */
        beside: field.optional(field.oneOf('Beside the load before', ['yes'], { yes: 'yes' })),
        /** The width that it and what lies on it have; an even share where left out. */
        wideIn: field.optional(field.amount('Width for it', 'in', { min: 2, max: 96, step: 1 })),
        /** Coupled to a discharge when it is stretched, and not before. */
        dead: field.optional(field.oneOf('Dead lay', ['yes'], { yes: 'yes' })),
        /** What the department knows of how full it packs; what is usual where left out. */
        fillPct: field.optional(field.amount('Filled', '%', { min: 30, max: 100, step: 1 })),
      },
      (load, build, names) => ({
        title: bedName(load.bedId, build),
        words: `${feet(load.lengthFt)} of ${names.part('hose', load.partId)}`,
      }),
    ),
  },
  empty: { loads: [] },
  fromVersion2: (file) =>
    ({
      loads: linesIn(file, 'hose').map(({ hoseId, ...rest }, i) => ({
        id: `h${i + 1}`,
        ...rest,
        partId: hoseId,
      })),
    }) as never,
});

declare module '../../build/build.js' {
  interface Blocks {
    hose: BlockOf<typeof hoseBlock>;
  }
}

export type HoseSection = NonNullable<Build['hose']['sections']>[number];
export type OwnBed = NonNullable<Build['hose']['beds']>[number];
export type HoseLoad = Build['hose']['loads'][number];
/** Whether a load is kept connected: no dead lay, and not made up section by section. */
export const isConnected = ({ dead, finish = 'flat' }: Pick<HoseLoad, 'dead' | 'finish'>): boolean =>
  dead === undefined && !isMadeUp(finish);

/** What lies in a bed, in order. */
export const loadsIn = (build: Build, bedId: string): HoseLoad[] =>
  build.hose.loads.filter((load) => load.bedId === bedId);

export function settleHose(build: Build): Build {
  const beds = new Set(bedsIn(build).map(({ id }) => id));
  const loads = build.hose.loads.filter(({ bedId }) => beds.has(bedId));
  return settled(build, 'hose', {
    ...build.hose,
    ...settledSections(build.hose.sections, loads),
    loads,
  });
}

export function hoseProblems(build: Build): Problem[] {
  const beds = bedsIn(build).map(({ id }) => id);
  const ofBeds = build.hose.loads.flatMap(({ bedId }, i) => {
    const at = `hose.loads.${i}.bedId`;
    return beds.includes(bedId)
      ? []
      : [{ field: at, message: `${at} must be a bed of this truck: ${beds.join(', ')} (was "${bedId}")` }];
  });
  return [...ofBeds, ...sectionProblems(build.hose.sections)];
}
