import fc from 'fast-check';
import { SEED } from './often.js';

// Chance draws the same in every run: what a test says depends on the code alone.
fc.configureGlobal({ seed: SEED });
