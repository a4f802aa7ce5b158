import type { BuildSpec } from '../spec/index.js';
import { component } from './component.js';
import { boxAt } from './shapes.js';
import type { Component } from './types.js';

/** Size at which an item without a size of its own is drawn, in. */
const MARK_IN = 14;

/** What no list has, where it was put. */
export const ownItemComponents = (spec: BuildSpec): Component[] =>
  (spec.items ?? []).map(({ id, name, weightLb, xIn, yIn, zIn, basis, tolerancePct, priceCents }) =>
    component({
      id: `item-${id}`, name, group: 'Own items', step: 'equipment', weightLb, xIn, yIn, zIn, basis, priceCents,
      ...(tolerancePct === undefined ? {} : { tolerancePct }),
      shapes: [{ kind: 'ownItem', box: boxAt(xIn, yIn, zIn, MARK_IN, MARK_IN, MARK_IN) }],
    }));
