import { boxOf, component, madeOf, fromBuild, reading, settling } from '../../kernel/index.js';
import type { Box, Component, Taking } from '../../kernel/index.js';
import { alongFrame, beds, bodyPlace } from '../../truck/index.js';
import { feet } from '../../units/index.js';
import { chosenChassis } from '../chassis/index.js';
import { bedsOfBuild } from './beds-of-build.js';
import { boardComponents } from './boards.js';
import { coverComponents } from './covers.js';
import { boxOfBed, ownBedComponents } from './own-beds.js';
import { bedded } from './loads.js';
import type { Finish } from './packing/index.js';
import type { Hose } from './parts.js';

/** A booster reel with its motor and without its hose; what a crank saves; guide rollers. Lb, cents. */
const REEL = { weightLb: 140, priceCents: 385_000 };
const CRANK = { weightLb: -18, priceCents: -92_000 };
const ROLLER = { weightLb: 9, priceCents: 14_500 };
const NOTHING = { weightLb: 0, priceCents: 0 };

/** A module of crosslays: its weight for an inch, price, underside, top over the frame, and inside the body's sides. */
const MODULE = { lbPerIn: 9, priceCents: 480_000, underFrameIn: 16, overFrameIn: 34, insideIn: 1 };
/** Hose that lies flat shows one line for so many thicknesses. */
const THICKNESSES_A_LINE = 3;

/** How many lines packed hose shows from its side. */
const linesOf = ({ z0, z1 }: Box, { packedIn, flatWidthIn }: Hose, finish: Finish): number =>
  Math.max(
    1,
    Math.round(
      (z1 - z0) / (finish === 'flat' || finish === 'shoulder' ? packedIn * THICKNESSES_A_LINE : flatWidthIn),
    ),
  );

/** The reels that are there: those that were asked for, and those with hose on them. */
const reelsThere = settling(
  'hose',
  [bedsOfBuild, fromBuild(({ hose }) => hose.loads), beds],
  (all, loads, places) =>
    all
      .filter(({ id, kind, bare }) => kind === 'reel' && (bare || loads.some(({ bedId }) => bedId === id)))
      .map(({ id }) => places.find((place) => place.id === id)!),
);

/** The openings of the crosslays in the pump house, and what reels take from the compartments. */
export const hoseTakes = reading('hose', [beds, alongFrame, reelsThere], (all, along, reels): Taking[] => [
  {
    from: 'compartments',
    boxes: [...reels, ...all.filter(({ kind }) => kind === 'own')].map(boxOfBed),
  },
  {
    from: 'pumpHouse',
    boxes: all.filter(({ kind }) => kind === 'crosslay' && !along['preconnects']).map(boxOfBed),
  },
]);

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
const reelComponents = reading('hose', [reelsThere, fromBuild(({ hose }) => hose.reels)], (reels, lines) =>
  reels.map((bed): Component => {
    const line = lines?.find(({ id }) => id === bed.id);
    const has = [REEL, line?.rewind === 'hand' ? CRANK : NOTHING, line?.roller ? ROLLER : NOTHING];
    return component({
      id: bed.id,
      name: bed.name,
      group: 'Hose',
      step: 'hose',
      xIn: (bed.x0 + bed.x1) / 2,
      yIn: bed.yCenter,
      zIn: bed.floorIn + bed.depthIn / 2,
      weightLb: has.reduce((sum, { weightLb }) => sum + weightLb, 0),
      priceCents: has.reduce((sum, { priceCents }) => sum + priceCents, 0),
      made: madeOf('reel'),
      shapes: [{ kind: 'reel', box: boxOfBed(bed) }],
    });
  }),
);

/** The hose in its beds, the reels that some of it is wound on, and the module that some of it lies in. */
export const hoseComponents = reading(
  'hose',
  [bedded, crosslayModule, reelComponents, boardComponents, ownBedComponents, coverComponents],
  (loads, module, reels, steps, own, covers) => [
    ...covers,
    ...steps,
    ...own,
    ...module,
    ...reels,
    ...loads.map(({ id, hose, lengthFt, bed, box, center, finish }): Component =>
      component({
        id: `hose.${id}`,
        name: `${feet(lengthFt)} of ${hose.name}, ${bed.name.toLowerCase()}`,
        group: 'Hose',
        step: 'hose',
        ...center,
        role: 'hose',
        weightLb: lengthFt * hose.lbPerFt,
        basis: hose.basis,
        priceCents: Math.round(lengthFt * hose.priceCentsPerFt),
        made: madeOf(hose.id, 1, lengthFt),
        shapes: box ? [{ kind: 'hose', layers: linesOf(box, hose, finish), runs: bed.runs, box }] : [],
      }),
    ),
  ],
);
