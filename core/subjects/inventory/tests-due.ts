import type { Build } from '../../build/index.js';
import { hoseShelf, isoDate } from '../hose/index.js';
import type { HoseSection } from '../hose/index.js';

/** Hose is service-tested so often, in months; the adopted standard decides. */
export const TESTED_EVERY_MONTHS = 12;

export type TestState = 'passed' | 'failed' | 'due' | 'never';
export const TEST_STATE_NAMES: Record<TestState, string> = {
  passed: 'passed',
  failed: 'out of service',
  due: 'due again',
  never: 'not on record',
};

/** How a section stands with its service test on a day. */
export function testState({ testedOn, result }: HoseSection, today: Date): TestState {
  if (result === 'failed') return 'failed';
  const day = testedOn === undefined ? null : isoDate(testedOn);
  if (!day || result === undefined) return 'never';
  const next = new Date(day);
  next.setUTCMonth(next.getUTCMonth() + TESTED_EVERY_MONTHS);
  return today.getTime() >= next.getTime() ? 'due' : 'passed';
}

/** Hose of one kind in the list: sections and feet, and how their tests stand. */
export interface OfKind {
  partId: string;
  name: string;
  sections: number;
  feet: number;
  states: Record<TestState, number>;
}

/** The list by kinds of hose, in the order of the catalog. */
export function byKind(build: Build, today: Date): OfKind[] {
  const stock = hoseShelf.in(build);
  const all = build.hose.sections ?? [];
  return stock.all().flatMap(({ id, name }): OfKind[] => {
    const of = all.filter(({ partId }) => partId === id);
    if (of.length === 0) return [];
    const states = { passed: 0, failed: 0, due: 0, never: 0 };
    for (const section of of) states[testState(section, today)] += 1;
    const feet = of.reduce((sum, { lengthFt }) => sum + lengthFt, 0);
    return [{ partId: id, name, sections: of.length, feet, states }];
  });
}

/** Loads against the sections that are listed for them: planned feet, listed and fit for service, ft. */
export const byLoad = (
  build: Build,
): { loadId: string; plannedFt: number; listedFt: number; failedFt: number }[] =>
  build.hose.loads
    .filter(({ lengthFt }) => lengthFt > 0)
    .map(({ id, lengthFt }) => {
      const of = (build.hose.sections ?? []).filter(({ loadId }) => loadId === id);
      const sum = (which: readonly HoseSection[]) =>
        which.reduce((feet, section) => feet + section.lengthFt, 0);
      return {
        loadId: id,
        plannedFt: lengthFt,
        listedFt: sum(of),
        failedFt: sum(of.filter(({ result }) => result === 'failed')),
      };
    });
