import type { BuildSpec } from '../spec/index.js';

/** One saved change in the history of a demonstration build. */
export interface DemonstrationStep {
  words: string;
  who: string;
  label: string;
  spec: BuildSpec;
}
