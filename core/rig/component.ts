import { BASIS_TOLERANCE_PCT } from '../catalogue/index.js';
import type { Component } from './types.js';

type Given = Omit<Component, 'tolerancePct' | 'role' | 'shapes' | 'priceCents' | 'basis'> & Partial<Component>;

/** A component with the usual tolerance of its basis; catalogued, fixed and free of charge unless said otherwise. */
export function component(given: Given): Component {
  const basis = given.basis ?? 'catalogued';
  return { role: 'fixed', shapes: [], priceCents: 0, tolerancePct: BASIS_TOLERANCE_PCT[basis], ...given, basis };
}
