import type { BuildSpec } from '../spec/index.js';
import { component } from './component.js';
import type { Component, Layout } from './types.js';

/** Weight kept free for later, lb: a percentage is of the truck in service. */
export const growthLb = (growth: BuildSpec['growth'], components: Component[]): number =>
  !growth ? 0 : growth.unit === 'lb' ? growth.value : (components.reduce((sum, c) => sum + c.weightLb, 0) * growth.value) / 100;

/** The growth reserve as components of its own, spread over the compartments by volume; in the middle of the body where there are none. */
export function growthComponents(spec: BuildSpec, components: Component[], layout: Layout): Component[] {
  const reserveLb = growthLb(spec.growth, components);
  if (reserveLb === 0) return [];
  const about = { group: 'Growth reserve', step: 'equipment', role: 'growth', basis: 'estimated' } as const;
  const volume = layout.compartments.reduce((sum, c) => sum + c.volumeFt3, 0);
  if (volume === 0) return [component({ id: 'growth', name: 'Growth reserve', ...about, weightLb: reserveLb, xIn: (layout.bodyFront + layout.bodyEnd) / 2, yIn: 0, zIn: layout.bodyTop / 2 })];
  return layout.compartments.map((c) => component({ id: `growth-${c.id}`, name: `Growth reserve, ${c.id}`, ...about, weightLb: (reserveLb * c.volumeFt3) / volume, ...c.centre }));
}
