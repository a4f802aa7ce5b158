import { fromBuild, reading } from '../../kernel/index.js';
import { bedsIn } from './beds.js';

/** The beds of the build; what they follow from is settled so that an edit of anything else leaves them be. */
export const bedsOfBuild = {
  ...reading('hose', [fromBuild((build) => build)], bedsIn),
  settles: true as const,
};
