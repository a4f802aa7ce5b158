import { catalogueWith } from '../catalogue/index.js';
import type { Catalogue } from '../catalogue/index.js';
import type { BuildSpec } from './build-spec.js';

/** The parts that a build can name: what ships with Baros, and the own parts that travel with it. */
export const catalogueOf = (spec: Pick<BuildSpec, 'ownParts'>): Catalogue => catalogueWith(spec.ownParts);
