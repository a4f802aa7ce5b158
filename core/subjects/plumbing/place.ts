import { component, fromBuild, madeOf, provide, reading } from '../../kernel/index.js';
import type { Box, Component, Point } from '../../kernel/index.js';
import { beds, bodyPlace, pumpHouse, pumpPlumbing } from '../../truck/index.js';
import { hoseSize, IN_PER_FT } from '../../units/index.js';
import { chosenPump, skid } from '../pump/index.js';
import { KIND_NAMES } from './fields.js';
import type { Connection } from './fields.js';
import { controlShapes, openingShapes } from './looks.js';
import { connections, usualConnections } from './usual.js';

/**
 * What a connection weighs with its valve, elbow, cap and gauge, lb, and its pipe full of water, lb a foot; what it
 * costs for a pound (formulas: plumbing).
 */
const WEIGHS: Readonly<Record<number, { lb: number; pipeLbFt: number }>> = {
  0.75: { lb: 6, pipeLbFt: 0.9 },
  1: { lb: 10, pipeLbFt: 1.2 },
  1.5: { lb: 22, pipeLbFt: 2.2 },
  2: { lb: 35, pipeLbFt: 3.4 },
  2.5: { lb: 45, pipeLbFt: 4.6 },
  3: { lb: 55, pipeLbFt: 6.2 },
  3.5: { lb: 62, pipeLbFt: 7.6 },
  4: { lb: 70, pipeLbFt: 9.2 },
  4.5: { lb: 75, pipeLbFt: 11 },
  5: { lb: 82, pipeLbFt: 13 },
  6: { lb: 90, pipeLbFt: 17 },
  8: { lb: 130, pipeLbFt: 28 },
  10: { lb: 95, pipeLbFt: 0 },
};
const CENTS_PER_LB = 4_200;
/** A priming valve at an intake of its own, lb. */
const PRIMER_LB = 7;
/** What a motor or a cylinder on a valve adds, lb. */
const POWERED_LB = { electric: 12, air: 8, manual: 0, none: 0 } as const;

const weighs = ({ sizeIn }: Pick<Connection, 'sizeIn'>) => WEIGHS[sizeIn] ?? { lb: NaN, pipeLbFt: NaN };

/** Connections of the usual set and of this truck paired by what they are and their size: what is beyond, what is missing. */
export function against(
  usual: readonly Connection[],
  own: readonly Connection[],
): { beyond: Connection[]; missing: Connection[] } {
  const kind = ({ kind: of, sizeIn }: Connection) => `${of} ${sizeIn}`;
  const left = [...usual];
  const beyond = own.filter((one) => {
    const at = left.findIndex((other) => kind(other) === kind(one));
    if (at >= 0) left.splice(at, 1);
    return at < 0;
  });
  return { beyond, missing: left };
}

/** The ways to a tank are within the pump's weight, whether or not there is a tank for them. */
const difference = reading(
  'plumbing',
  [usualConnections, connections, fromBuild(({ tank }) => tank.gallons > 0)],
  (usual, own, hasTank) =>
    usual === own
      ? { beyond: [], missing: [] }
      : against(usual, hasTank ? own : own.filter(({ at }) => at !== 'within')),
);

/** The middle of the pump that all pipes come from; null without a pump. */
const pumpMiddle = reading(
  'plumbing',
  [pumpHouse, skid, bodyPlace],
  (house, at, body): (Point & { halfIn: number }) | null => {
    const box = house ?? (at && { ...at, z0: body.deckIn, z1: body.deckIn + at.heightIn });
    return (
      box && { xIn: (box.x0 + box.x1) / 2, yIn: 0, zIn: (box.z0 + box.z1) / 2, halfIn: (box.x1 - box.x0) / 2 }
    );
  },
);

/** What of the plumbing is in the pump's weight, and how its openings look. */
export const plumbingOfPump = provide(
  pumpPlumbing,
  [difference, openingShapes, controlShapes],
  ({ beyond, missing }, shapes, controls) => {
    const others = new Set(beyond.map(({ id }) => id));
    const lessLb = missing.reduce((sum, one) => sum + weighs(one).lb, 0);
    return {
      shapes: [...[...shapes].flatMap(([id, shape]) => (others.has(id) ? [] : [shape])), ...controls],
      lessLb,
      lessCents: Math.round(lessLb * CENTS_PER_LB),
    };
  },
);

/** Where a connection is: at its opening, or in the bed that it feeds, or at the pump. */
const standsAt = (box: Box | undefined, bed: Point | undefined, pump: Point): Point =>
  box
    ? { xIn: (box.x0 + box.x1) / 2, yIn: (box.y0 + box.y1) / 2, zIn: (box.z0 + box.z1) / 2 }
    : (bed ?? pump);

/** What the truck has beyond the usual set of its pump, each at its place with its pipe; and what drives its valves. */
export const plumbingComponents = reading(
  'plumbing',
  [difference, connections, openingShapes, pumpMiddle, beds, chosenPump],
  ({ beyond }, all, shapes, middle, bedPlaces, pump): Component[] => {
    if (!middle || !pump) return [];
    return all.flatMap((one): Component[] => {
      const extra = beyond.includes(one);
      const shape = shapes.get(one.id);
      const bed = bedPlaces.find(({ id }) => id === one.feedsId);
      const at = standsAt(
        shape?.box,
        bed && { xIn: (bed.x0 + bed.x1) / 2, yIn: bed.yCenter, zIn: bed.floorIn },
        middle,
      );
      const { lb, pipeLbFt } = weighs(one);
      const awayIn = Math.max(0, Math.abs(at.xIn - middle.xIn) - middle.halfIn);
      const pipeLb = extra ? (pipeLbFt * awayIn) / IN_PER_FT : 0;
      const ownLb = (extra ? lb : 0) + POWERED_LB[one.valve] + (one.primer ? PRIMER_LB : 0);
      const weightLb = ownLb + pipeLb;
      if (weightLb === 0) return [];
      const halfway = (from: number, to: number) => (ownLb * to + (pipeLb * (from + to)) / 2) / weightLb;
      return [
        component({
          id: `plumbing.${one.id}`,
          name: `${one.label}, ${KIND_NAMES[one.kind].toLowerCase()} of ${hoseSize(one.sizeIn)}${extra ? '' : one.primer ? ', its priming valve' : ', drive of its valve'}`,
          group: 'Pump',
          step: 'plumbing',
          weightLb,
          basis: 'estimated',
          priceCents: Math.round(weightLb * CENTS_PER_LB),
          made: madeOf(`connection-${one.sizeIn}`, 1, Math.round(awayIn)),
          xIn: halfway(middle.xIn, at.xIn),
          yIn: halfway(middle.yIn, at.yIn),
          zIn: halfway(middle.zIn, at.zIn),
          shapes: extra && shape ? [shape] : [],
          needs: 'pump',
        }),
      ];
    });
  },
);
