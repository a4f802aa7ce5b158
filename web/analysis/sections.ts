import { lazy } from 'react';
import { SECTIONS } from '../subjects';
import type { Section } from '../subjects';
import { grouped } from './grouped';

/** The heads under which sections stand, in the order in which an engineer asks; others follow as they come. */
const HEADS = ['Weights', 'Water', 'Site', 'Structure', 'Limits and advice'];

const ADVICE: Section = {
  id: 'advice',
  title: 'Advice',
  group: 'Limits and advice',
  Section: lazy(async () => ({ default: (await import('../advice')).AdviceSection })),
};

const TIGHTEST: Section = {
  id: 'tightest',
  title: 'What limits it most',
  group: 'Limits and advice',
  Section: lazy(async () => ({ default: (await import('./Tightest')).Tightest })),
};

/** The sections of the analysis by their heads. */
export const SECTION_GROUPS = grouped([TIGHTEST, ...SECTIONS, ADVICE], HEADS);

/** All of them, in the order in which they are shown. */
export const SECTIONS_OF_ANALYSIS = SECTION_GROUPS.flatMap(({ sections }) => sections);
