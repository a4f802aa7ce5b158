import type { Build } from '../build/index.js';

/** One saved change in the history of a demonstration build. */
export interface DemonstrationStep {
  words: string;
  who: string;
  label: string;
  build: Build;
}
