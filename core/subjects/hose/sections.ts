import { field } from '../../build/index.js';
import type { Build, Problem } from '../../build/index.js';
import type { HoseSection } from './block.js';

export const couplingKinds = { threaded: 'Threaded', quarterTurn: 'Quarter-turn' } as const;

/** What is known of a section of hose. */
export const SECTION_FIELDS = {
  mark: field.optional(field.text('Number on it', 1, 30)),
  partId: field.part('Hose', 'hose'),
  lengthFt: field.amount('Length', 'ft', { min: 5, max: 200 }),
  couplings: field.optional(field.oneOf('Couplings', ['threaded', 'quarterTurn'], couplingKinds)),
  madeIn: field.optional(field.count('Made in', 1950, 2100)),
  /** As year, month and day: 2026-04-30. */
  testedOn: field.optional(field.text('Service test on', 10, 10)),
  result: field.optional(
    field.oneOf('Result of it', ['passed', 'failed'], { passed: 'Passed', failed: 'Failed' }),
  ),
  loadId: field.optional(field.id('Lies in')),
};

/** A day of the calendar as year, month and day; null where there is no such day. */
export function isoDate(text: string): Date | null {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(text)) return null;
  const day = new Date(`${text}T00:00:00Z`);
  return Number.isNaN(day.getTime()) || day.toISOString().slice(0, 10) !== text ? null : day;
}

type Sections = readonly HoseSection[] | undefined;

export const sectionProblems = (sections: Sections): Problem[] =>
  (sections ?? []).flatMap(({ testedOn }, i) => {
    const at = `hose.sections.${i}.testedOn`;
    return testedOn === undefined || isoDate(testedOn)
      ? []
      : [
          {
            field: at,
            message: `${at} must be a day as year-month-day, such as 2026-04-30 (was "${testedOn}")`,
          },
        ];
  });

/** Sections lie in loads that there are, or in none. */
export function settledSections(
  sections: Sections,
  loads: readonly { id: string }[],
): { sections?: HoseSection[] } {
  if (!sections) return {};
  const there = new Set(loads.map(({ id }) => id));
  return {
    sections: sections.map((section) => {
      const { loadId, ...rest } = section;
      return loadId === undefined || there.has(loadId) ? section : rest;
    }),
  };
}

/** Feet of a load that are there, ft: those that it is planned with less its sections that failed their test. */
export const feetThere = (load: { id: string; lengthFt: number }, sections: Sections): number =>
  (sections ?? [])
    .filter(({ loadId, result }) => loadId === load.id && result === 'failed')
    .reduce((left, { lengthFt }) => Math.max(0, left - lengthFt), load.lengthFt);

/** All sections as given; none, and nothing is said of them. */
export function withSections(build: Build, sections: HoseSection[]): Build {
  const { sections: _old, ...rest } = build.hose;
  return { ...build, hose: sections.length > 0 ? { ...rest, sections } : rest };
}

/** A section as given, in its place or after the others; or gone. */
export function withSection(build: Build, id: string, section: HoseSection | null): Build {
  const all = build.hose.sections ?? [];
  if (section && !all.some((other) => other.id === id)) return withSections(build, [...all, section]);
  return withSections(
    build,
    all.flatMap((other) => (other.id !== id ? [other] : section ? [section] : [])),
  );
}
