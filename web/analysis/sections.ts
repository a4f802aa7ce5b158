import { lazy } from 'react';
import { SECTIONS } from '../subjects';
import type { Section } from '../subjects';

/** The heads under which sections stand, in the order in which an engineer asks; others follow as they come. */
const GROUPS = ['Weights', 'Structure', 'Limits and advice'];

const ADVICE: Section = {
  id: 'advice',
  title: 'Advice',
  group: 'Limits and advice',
  Section: lazy(async () => ({ default: (await import('../advice')).AdviceSection })),
};

const all = [...SECTIONS, ADVICE];
const groups = [
  ...GROUPS,
  ...new Set(all.map(({ group }) => group).filter((group) => !GROUPS.includes(group))),
];

/** The sections of the analysis by their heads. */
export const SECTION_GROUPS = groups
  .map((group) => ({ group, sections: all.filter((section) => section.group === group) }))
  .filter(({ sections }) => sections.length > 0);

/** All of them, in the order in which they are shown. */
export const SECTIONS_OF_ANALYSIS = SECTION_GROUPS.flatMap(({ sections }) => sections);
