import { BASIS_TOLERANCE_PCT } from '../catalogue/index.js';
import type { BuildSpec } from '../spec/index.js';
import type { Component } from './types.js';

/** Components with the weights that are better known than the catalogue's; a liquid's weight follows from its gallons and stays. */
export function corrected(components: Component[], corrections: BuildSpec['corrections']): Component[] {
  if (!corrections?.length) return components;
  const byId = new Map(corrections.map((correction) => [correction.componentId, correction]));
  return components.map((component) => {
    const better = byId.get(component.id);
    if (!better || component.filling) return component;
    const { weightLb, basis, tolerancePct } = component;
    return { ...component, weightLb: better.weightLb, basis: better.basis, tolerancePct: better.tolerancePct ?? BASIS_TOLERANCE_PCT[better.basis], catalogued: { weightLb, basis, tolerancePct } };
  });
}
