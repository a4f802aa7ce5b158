import { BASIS_TOLERANCE_PCT } from '../catalogue/index.js';
import type { Component } from './types.js';

type Optional = 'tolerancePct' | 'role' | 'shapes' | 'priceCents' | 'basis' | 'filling';
type Given = Omit<Component, Optional | 'catalogued'> & Partial<Pick<Component, Optional>>;

/**
 * A component with the usual tolerance of its basis; catalogued, fixed and free of charge unless said otherwise.
 * Field by field, so that all of them have one shape: this is the hottest place of an edit.
 */
export function component(given: Given): Component {
  const basis = given.basis ?? 'catalogued';
  const made: Component = {
    id: given.id,
    name: given.name,
    group: given.group,
    step: given.step,
    role: given.role ?? 'fixed',
    weightLb: given.weightLb,
    xIn: given.xIn,
    yIn: given.yIn,
    zIn: given.zIn,
    basis,
    tolerancePct: given.tolerancePct ?? BASIS_TOLERANCE_PCT[basis],
    priceCents: given.priceCents ?? 0,
    shapes: given.shapes ?? [],
  };
  if (given.filling) made.filling = given.filling;
  return made;
}
