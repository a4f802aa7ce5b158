import { differencesOf as differences, mergeBuilds as merge } from '../build/index.js';
import type { Build, Difference, Merged } from '../build/index.js';
import { house } from '../subjects/index.js';

/** Choice by choice, what `after` has otherwise than `before`. */
export const differencesOf = (before: Build, after: Build): Difference[] => differences(house, before, after);

/** Puts what `mine` changed since `base` onto `theirs`, wherever theirs left it as it was. */
export const mergeBuilds = (base: Build, mine: Build, theirs: Build): Merged =>
  merge(house, base, mine, theirs);

export type { Difference, Merged } from '../build/index.js';
export { newsOf, reckonedOtherwise, standingIn } from './news.js';
export type { BeforeAndAfter, PartNews } from './news.js';
