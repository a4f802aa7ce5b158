import type { HoseSection } from '../subjects/hose/index.js';

/** What is known alike of some sections, and how many they are. */
type Some = Omit<HoseSection, 'id' | 'mark'> & { count: number };

const attack = { partId: 'attack-1.75', lengthFt: 50, couplings: 'threaded' } as const;
const passed = { result: 'passed', testedOn: '2026-05-09' } as const;

/** The attack hose of the demonstration pumper and what is spare of it, as its inventory has it. */
const LISTED: readonly Some[] = [
  { ...attack, count: 2, madeIn: 2021, ...passed, loadId: 'h1' },
  { ...attack, count: 4, madeIn: 2021, ...passed, loadId: 'h2' },
  { ...attack, count: 3, madeIn: 2023, ...passed, loadId: 'h3' },
  // Laid in since the test: the yearly one is due.
  { ...attack, count: 1, madeIn: 2016, result: 'passed', testedOn: '2025-04-26', loadId: 'h3' },
  { ...attack, count: 4, partId: 'attack-2.5', madeIn: 2019, ...passed, loadId: 'h4' },
  { ...attack, count: 1, madeIn: 2014, result: 'failed', testedOn: '2026-05-09' },
  { ...attack, count: 2, madeIn: 2026 },
];

/** Section by section, each with its number. */
export const listedSections: HoseSection[] = LISTED.flatMap(({ count, ...alike }) =>
  Array.from({ length: count }, () => alike),
).map((section, i) => ({ id: `s${i + 1}`, mark: `A-${String(i + 1).padStart(2, '0')}`, ...section }));
