import { boxOf, component, fromBuild, hasChoice, madeOf, pickChoice, settling } from '../../kernel/index.js';
import type { Box, Choice, Component } from '../../kernel/index.js';
import { withBlock } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import { beds, bodyPlace } from '../../truck/index.js';
import type { BedPlace } from '../../truck/index.js';
import { isFlatbed } from './beds.js';
import { COVER_NAMES } from './cover-kinds.js';
import { hoseBlock } from './block.js';
import type { Cover } from './cover-kinds.js';

/** Covers: for a square inch, as thick, for a square foot; lb, in, cents (formulas: hose beds). */
const COVER: Record<Cover, { lbPerIn2: number; thickIn: number; centsPerFt2: number }> = {
  tarp: { lbPerIn2: 0.003, thickIn: 1, centsPerFt2: 1_900 },
  hinged: { lbPerIn2: 0.0125, thickIn: 2, centsPerFt2: 7_200 },
  walked: { lbPerIn2: 0.016, thickIn: 3, centsPerFt2: 8_600 },
};
/** A tarp over the rear of a bed: for a square inch, as thick; lb, in. */
const END_TARP = { lbPerIn2: 0.004, thickIn: 1, priceCents: 38_000 };
/** Grating to walk on over the compartments, lb for a square inch, as thick and no wider, in. */
const GRATING = { lbPerIn2: 0.014, thickIn: 1.5, mostWideIn: 16, centsPerFt2: 5_400 };
const IN2_PER_FT2 = 144;

const about = { group: 'Hose', step: 'hose', basis: 'estimated' } as const;

/** Something flat in its place, by its area. */
function flat(id: string, name: string, box: Box, lbPerIn2: number, centsPerFt2: number): Component {
  const sides = [box.x1 - box.x0, box.y1 - box.y0, box.z1 - box.z0].sort((a, b) => b - a);
  const areaIn2 = sides[0]! * sides[1]!;
  return component({
    id,
    name,
    ...about,
    weightLb: areaIn2 * lbPerIn2,
    priceCents: Math.round((areaIn2 / IN2_PER_FT2) * centsPerFt2),
    xIn: (box.x0 + box.x1) / 2,
    yIn: (box.y0 + box.y1) / 2,
    zIn: (box.z0 + box.z1) / 2,
    made: madeOf(id, 1, areaIn2),
    shapes: [{ kind: 'cover', box }],
  });
}

/** The walls around a bed are so thick, and a divider no thicker than that; in. */
const WALL_IN = 1;
const APART_IN = 3;

/** Main beds that a divider or nothing parts: they share a cover. */
function coveredTogether(
  all: readonly BedPlace[],
): { x0: number; x1: number; y0: number; y1: number; top: number; floor: number }[] {
  const spans = all.map(({ x0, x1, yCenter, widthIn, floorIn, depthIn }) => ({
    x0: x0 - WALL_IN,
    x1: x1 + WALL_IN,
    y0: yCenter - widthIn / 2 - WALL_IN,
    y1: yCenter + widthIn / 2 + WALL_IN,
    top: floorIn + depthIn,
    floor: floorIn,
  }));
  const joined: typeof spans = [];
  for (const span of spans.sort((a, b) => a.y0 - b.y0)) {
    const last = joined.at(-1);
    if (last && span.y0 - last.y1 <= APART_IN) last.y1 = span.y1;
    else joined.push({ ...span });
  }
  return joined;
}

/** What covers the main beds, closes their rear, and what one walks on beside them. */
export const coverComponents = settling(
  'hose',
  [
    fromBuild(({ hose }) => hose.cover),
    fromBuild(({ hose }) => hose.endTarp),
    fromBuild(({ hose }) => hose.walkway),
    beds,
    bodyPlace,
  ],
  (cover, endTarp, walkway, all, body): Component[] => {
    const spans = coveredTogether(all.filter(({ kind, x1, x0 }) => kind === 'main' && x1 > x0));
    const covers = spans.flatMap(({ x0, x1, y0, y1, top, floor }, i) => {
      const nth = i === 0 ? '' : `-${i + 1}`;
      const over = cover && COVER[cover];
      return [
        ...(over
          ? [
              flat(
                `hose.cover${nth}`,
                COVER_NAMES[cover],
                boxOf(x0, x1, y0, y1, top, top + over.thickIn),
                over.lbPerIn2,
                over.centsPerFt2,
              ),
            ]
          : []),
        ...(endTarp
          ? [
              {
                ...flat(
                  `hose.end-tarp${nth}`,
                  'End tarp',
                  boxOf(x1, x1 + END_TARP.thickIn, y0, y1, floor, top),
                  END_TARP.lbPerIn2,
                  0,
                ),
                priceCents: END_TARP.priceCents,
              },
            ]
          : []),
      ];
    });
    if (!walkway || spans.length === 0) return covers;
    const sign = walkway === 'left' ? -1 : 1;
    const inner = Math.max(...spans.map(({ y0, y1 }) => (sign > 0 ? y1 : -y0)));
    const outer = Math.min(body.widthIn / 2, inner + GRATING.mostWideIn);
    const [ya, yb] = [sign * inner, sign * outer];
    const box = boxOf(
      body.frontIn,
      body.endIn,
      Math.min(ya, yb),
      Math.max(ya, yb),
      body.topIn,
      body.topIn + GRATING.thickIn,
    );
    return [
      ...covers,
      flat('hose.walkway', 'Walkway beside the hose bed', box, GRATING.lbPerIn2, GRATING.centsPerFt2),
    ];
  },
);

/** What covers the main beds, closes their rear and is walked on beside them. */
export function coverChoices(build: Build): Choice[] {
  if (isFlatbed(build)) return [];
  const { cover, endTarp, walkway } = hoseBlock.fields;
  const { hose } = build;
  return [
    pickChoice('bed-cover', cover, hose.cover, build, (to) => withBlock(build, 'hose', { cover: to })),
    hasChoice(
      'bed-end-tarp',
      'Rear of the hose bed',
      { id: 'end-tarp', label: endTarp.title },
      hose.endTarp !== undefined,
      (on) => withBlock(build, 'hose', { endTarp: on ? 'yes' : undefined }),
    ),
    pickChoice('bed-walkway', walkway, hose.walkway, build, (to) =>
      withBlock(build, 'hose', { walkway: to }),
    ),
  ];
}
