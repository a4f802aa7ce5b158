import { gather, reading } from '../kernel/index.js';
import type { Component } from '../kernel/index.js';

/** Lists as one; by hand, since this is where an edit spends its time. */
function joined(lists: readonly Component[][]): Component[] {
  const all: Component[] = [];
  for (const list of lists) for (const component of list) all.push(component);
  return all;
}

const placed = gather<Component[]>('truck', (subject) => subject.components);
const amending = gather<(placed: Component[]) => Component[]>('truck', (subject) => subject.amends);

/** The truck as components with mass, place and shape; every drawing, analysis and table reads this. */
export const components = reading('truck', [placed, amending], (lists, amends) =>
  amends.reduce((all, amend) => amend(all), joined(lists)),
);

/** What is itemized, cents. */
export const itemizedCents = reading('truck', [components], (all) =>
  all.reduce((sum, { priceCents }) => sum + priceCents, 0),
);
