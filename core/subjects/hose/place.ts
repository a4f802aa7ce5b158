import { boxOf, component, madeOf, fromBuild, reading, settling } from '../../kernel/index.js';
import type { Box, Component, Taking } from '../../kernel/index.js';
import { alongFrame, beds, bodyPlace } from '../../truck/index.js';
import type { BedPlace } from '../../truck/index.js';
import { feet, IN_PER_FT } from '../../units/index.js';
import { chosenChassis } from '../chassis/index.js';
import { bedsOfBuild } from './bed-places.js';
import { hoseShelf } from './block.js';
import type { Hose } from './parts.js';

/** Share of a bed that packed hose really fills (formulas: hose beds). */
const PACKING = 0.85;
/** A booster reel without its hose. */
const REEL = { weightLb: 140, priceCents: 385_000 };

/** A module of crosslays: its weight for an inch, price, underside, top over the frame, and inside the body's sides. */
const MODULE = { lbPerIn: 9, priceCents: 480_000, underFrameIn: 16, overFrameIn: 34, insideIn: 1 };
/** Packed hose shows one line for so many thicknesses. */
const THICKNESSES_A_LINE = 3;

/** The reels that are there: those that were asked for, and those with hose on them. */
const reelsThere = settling(
  'hose',
  [bedsOfBuild, fromBuild(({ hose }) => hose.loads), beds],
  (all, loads, places) =>
    all
      .filter(({ id, kind, bare }) => kind === 'reel' && (bare || loads.some(({ bedId }) => bedId === id)))
      .map(({ id }) => places.find((place) => place.id === id)!),
);

const boxOfBed = ({ x0, x1, yCenter, widthIn, floorIn, depthIn }: BedPlace): Box =>
  boxOf(x0, x1, yCenter - widthIn / 2, yCenter + widthIn / 2, floorIn, floorIn + depthIn);

/** The openings of the crosslays in the pump house, and what reels take from the compartments. */
export const hoseTakes = reading('hose', [beds, alongFrame, reelsThere], (all, along, reels): Taking[] => [
  { from: 'compartments', boxes: reels.map(boxOfBed) },
  {
    from: 'pumpHouse',
    boxes: all.filter(({ kind }) => kind === 'crosslay' && !along['preconnects']).map(boxOfBed),
  },
]);

/** How high packed hose stands in a bed, in. */
export function packedHeightIn(
  hose: Pick<Hose, 'flatWidthIn' | 'packedIn'>,
  lengthFt: number,
  bed: Pick<BedPlace, 'x0' | 'x1' | 'widthIn'>,
): number {
  const in3 = (lengthFt * IN_PER_FT * hose.flatWidthIn * hose.packedIn) / PACKING;
  // A long tank may leave a bed no length at all; what is in it then stands as high as it must to be refused.
  return in3 / (Math.max(1, bed.x1 - bed.x0) * bed.widthIn);
}

const chosenLoads = reading('hose', [fromBuild(({ hose }) => hose), hoseShelf.stock], ({ loads }, stock) =>
  loads.map((load) => ({ ...load, hose: stock.part(load.partId) })),
);

/** The hose in its beds, each load on what lies under it. */
const bedded = reading('hose', [chosenLoads, beds], (loads, all) => {
  const filledIn = new Map<string, number>();
  return loads.flatMap((load) => {
    const bed = all.find(({ id }) => id === load.bedId);
    if (!bed || load.lengthFt === 0) return [];
    const below = filledIn.get(bed.id) ?? 0;
    const heightIn = packedHeightIn(load.hose, load.lengthFt, bed);
    filledIn.set(bed.id, below + heightIn);
    return [{ ...load, bed, bottomIn: bed.floorIn + below, heightIn }];
  });
});

/** How high the hose stands in each bed that has some, against the bed's depth. */
export const hoseFit = reading('hose', [bedded], (loads) => {
  const fit = new Map<string, { bedName: string; neededIn: number; depthIn: number }>();
  for (const { bed, heightIn } of loads) {
    const of = fit.get(bed.id) ?? { bedName: bed.name, neededIn: 0, depthIn: bed.depthIn };
    fit.set(bed.id, { ...of, neededIn: of.neededIn + heightIn });
  }
  return [...fit.values()];
});

/** What is carried, whether or not it fits. */
export const hoseCarried = reading('hose', [chosenLoads], (loads) =>
  loads.map(({ hose: { sizeIn, use }, lengthFt }) => ({ sizeIn, use, lengthFt })),
);

/** The module of crosslays, where they have one. */
const crosslayModule = reading(
  'hose',
  [alongFrame, bodyPlace, chosenChassis, beds],
  ({ preconnects: at }, body, { chassis }, all): Component[] => {
    if (!at) return [];
    const half = body.widthIn / 2 - MODULE.insideIn;
    const [z0, z1] = [body.frameIn - MODULE.underFrameIn, chassis.frame.topIn + MODULE.overFrameIn];
    return [
      component({
        id: 'hose.module',
        name: 'Module for crosslays',
        group: 'Hose',
        step: 'hose',
        weightLb: MODULE.lbPerIn * (at.x1 - at.x0),
        basis: 'estimated',
        priceCents: MODULE.priceCents,
        xIn: (at.x0 + at.x1) / 2,
        yIn: 0,
        zIn: (z0 + z1) / 2,
        made: madeOf('crosslay-module', 1, at.x1 - at.x0),
        shapes: [
          {
            kind: 'preconnects',
            box: boxOf(at.x0, at.x1, -half, half, z0, z1),
            slots: all
              .filter(({ kind }) => kind === 'crosslay')
              .map(({ x0, x1, floorIn, depthIn }) => boxOf(x0, x1, -half, half, floorIn, floorIn + depthIn)),
          },
        ],
      }),
    ];
  },
);

/** Each reel, whether or not there is hose on it. */
const reelComponents = reading('hose', [reelsThere], (reels) =>
  reels.map((bed): Component =>
    component({
      id: bed.id,
      name: bed.name,
      group: 'Hose',
      step: 'hose',
      xIn: (bed.x0 + bed.x1) / 2,
      yIn: bed.yCenter,
      zIn: bed.floorIn + bed.depthIn / 2,
      ...REEL,
      made: madeOf('reel'),
      shapes: [{ kind: 'reel', box: boxOfBed(bed) }],
    }),
  ),
);

/** The hose in its beds, the reels that some of it is wound on, and the module that some of it lies in. */
export const hoseComponents = reading(
  'hose',
  [bedded, crosslayModule, reelComponents],
  (loads, module, reels) => [
    ...module,
    ...reels,
    ...loads.map(({ id, hose, lengthFt, bed, bottomIn, heightIn }): Component => {
      const across = [bed.yCenter - bed.widthIn / 2, bed.yCenter + bed.widthIn / 2] as const;
      return component({
        id: `hose.${id}`,
        name: `${feet(lengthFt)} of ${hose.name}, ${bed.name.toLowerCase()}`,
        group: 'Hose',
        step: 'hose',
        xIn: (bed.x0 + bed.x1) / 2,
        yIn: bed.yCenter,
        zIn: bottomIn + Math.min(heightIn, bed.depthIn) / 2,
        role: 'hose',
        weightLb: lengthFt * hose.lbPerFt,
        basis: hose.basis,
        priceCents: Math.round(lengthFt * hose.priceCentsPerFt),
        made: madeOf(hose.id, 1, lengthFt),
        shapes:
          bed.kind === 'reel'
            ? []
            : [
                {
                  kind: 'hose',
                  layers: Math.max(1, Math.round(heightIn / (hose.packedIn * THICKNESSES_A_LINE))),
                  runs: bed.runs,
                  box: boxOf(bed.x0, bed.x1, ...across, bottomIn, bottomIn + heightIn),
                },
              ],
      });
    }),
  ],
);
