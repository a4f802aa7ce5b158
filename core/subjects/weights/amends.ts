import { BASIS_TOLERANCE_PCT } from '../../build/index.js';
import { component, madeOf, fromBuild, reading } from '../../kernel/index.js';
import type { Component } from '../../kernel/index.js';
import { bodyPlace, components, compartments } from '../../truck/index.js';
import type { BodyPlace, Compartment } from '../../truck/index.js';
import type { Growth, WeighedWeight } from './block.js';

export const weightsOf = fromBuild(({ weights }) => weights);

/**
 * Whether a weighed weight is of what stands there now: the same part in the same size. What an older file
 * did not say is taken as it is.
 */
const stillOf = ({ partId, size }: WeighedWeight, { made }: Component): boolean =>
  (partId === undefined || partId === made.part) && (size === undefined || size === made.size);

/**
 * A component with the weight that was weighed of it, scaled by how many there are now; a liquid's weight
 * follows from its gallons and stays.
 */
function weighed(of: Component, better: WeighedWeight | undefined): Component {
  if (!better || of.follows || !stillOf(better, of)) return of;
  const { weightLb, basis, tolerancePct } = of;
  return {
    ...of,
    weightLb: better.weightLb * (better.count === undefined ? 1 : of.made.count / better.count),
    basis: better.basis,
    tolerancePct: better.tolerancePct ?? BASIS_TOLERANCE_PCT[better.basis],
    // What was weighed rests on its own scale ticket.
    source: of.id,
    catalogued: { weightLb, basis, tolerancePct },
  };
}

/** Weight kept free for later, lb: a percentage is of the truck in service. */
const growthLb = (growth: Growth, placed: Component[][]): number =>
  growth.unit === 'lb'
    ? growth.value
    : (placed.flat().reduce((sum, c) => sum + c.weightLb, 0) * growth.value) / 100;

/**
 * The growth reserve as components of its own, spread over the compartments by volume; in the middle of the
 * body where there are none.
 */
function reserve(
  growth: Growth | undefined,
  placed: Component[][],
  places: readonly Compartment[],
  body: BodyPlace,
): Component[] {
  const reserveLb = growth ? growthLb(growth, placed) : 0;
  if (reserveLb === 0) return [];
  const about = {
    group: 'Growth reserve',
    step: 'equipment',
    role: 'growth',
    basis: 'estimated',
    follows: 'follows from the growth reserve',
    made: madeOf('growth'),
  } as const;
  const volume = places.reduce((sum, { volumeFt3 }) => sum + volumeFt3, 0);
  if (volume === 0)
    return [
      component({
        id: 'growth',
        name: 'Growth reserve',
        ...about,
        weightLb: reserveLb,
        xIn: (body.frontIn + body.endIn) / 2,
        yIn: 0,
        zIn: body.topIn / 2,
      }),
    ];
  return places.map(({ id, volumeFt3, center }) =>
    component({
      id: `growth.${id}`,
      name: `Growth reserve, ${id}`,
      ...about,
      weightLb: (reserveLb * volumeFt3) / volume,
      ...center,
    }),
  );
}

/** What the department knows better of weights, and what it keeps free. */
export const weightsAmend = reading(
  'weights',
  [weightsOf, compartments, bodyPlace],
  ({ weighed: better, growth }, places, body) => {
    const byId = new Map(better.map((one) => [one.id, one]));
    // A list that an edit leaves alone is the same list when it has been amended.
    const known = new WeakMap<Component[], Component[]>();
    const amended = (list: Component[]): Component[] => {
      let better = known.get(list);
      if (!better) known.set(list, (better = list.map((of) => weighed(of, byId.get(of.id)))));
      return better;
    };
    return (placed: Component[][]): Component[][] => {
      const all = byId.size === 0 ? placed : placed.map(amended);
      return growth ? [...all, reserve(growth, all, places, body)] : all;
    };
  },
);

/** Weighed weights that no longer count: something else stands there, or nothing. */
export const endedWeights = reading('weights', [weightsOf, components], ({ weighed: better }, all) => {
  if (better.length === 0) return [];
  const standing = new Map(all.map((of) => [of.id, of]));
  return better
    .filter(({ id }) => !standing.get(id)?.catalogued)
    .map((weight) => ({ weight, now: standing.get(weight.id) ?? null }));
});
