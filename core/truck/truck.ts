import { each, gather, reading } from '../kernel/index.js';
import type { Component, Shape } from '../kernel/index.js';

/** Lists as one; by hand, since this is where an edit spends its time. */
function joined(lists: readonly Component[][]): Component[] {
  const all: Component[] = [];
  for (const list of lists) for (const component of list) all.push(component);
  return all;
}

const areSeveral = (placed: Component[] | Component[][]): placed is Component[][] => Array.isArray(placed[0]);

const placed = gather<Component[] | Component[][]>('truck', (subject) => subject.components);
const amending = gather<(placed: Component[][]) => Component[][]>('truck', (subject) => subject.amends);

/**
 * The truck's components list by list, as their subjects place them. A list that an edit leaves alone is the very
 * same list after it: what adds up is added up within each (`each`), and those that stayed need no adding.
 */
export const clumps = reading('truck', [placed, amending], (lists, amends) =>
  amends.reduce(
    (all, amend) => amend(all),
    lists.flatMap((list) => (areSeveral(list) ? list : [list])),
  ),
);

/** The truck as components with mass, place and shape; every drawing, analysis and table reads this. */
export const components = reading('truck', [clumps], joined);

/** What is seen of no truck from outside: gear behind doors, people, and mere marks. */
export const INSIDE: ReadonlySet<Shape['kind']> = new Set(['stowed', 'mark', 'seat']);

const outsideOf = each('truck', clumps, (clump) =>
  clump.filter(({ shapes }) => shapes.some(({ kind }) => !INSIDE.has(kind))),
);

/** The components with a shape of their own on the truck; most are gear that rides in others. */
export const outside = reading('truck', [outsideOf], joined);

const centsOf = each('truck', clumps, (clump) => clump.reduce((sum, { priceCents }) => sum + priceCents, 0));

/** What is itemized, cents. */
export const itemizedCents = reading('truck', [centsOf], (all) => all.reduce((sum, cents) => sum + cents, 0));
