import { describe, expect, it } from 'vitest';
import { BUILD_TYPES } from '../build/index.js';
import type { Build } from '../build/index.js';
import { DEMONSTRATION, starterBuild } from '../demonstration/index.js';
import { absentIn } from '../kernel/index.js';
import { withBumper } from './bumper/index.js';
import { house } from './index.js';
import { withPump } from './pump/index.js';

const builds: Build[] = [
  ...DEMONSTRATION.flatMap((d) => d.builds),
  ...BUILD_TYPES.map((type) => starterBuild(type, `Plain ${type}`, 'D')),
];
const [pumper, , brush] = builds as [Build, Build, Build];
const absentOf = (build: Build, step: string) =>
  absentIn(house, build, step).map(({ title, because }) => `${title} ${because}`);

describe('a choice that is not there', () => {
  it.each(builds.map((build) => [build.name, build] as const))(
    'is none that can be made, and says why: %s',
    (_, build) => {
      for (const { id: step } of house.stepsFor(build)) {
        const there = house.choicesIn(house.subject(step), house.evaluate(build)).map(({ id }) => id);
        for (const { id, title, because } of absentIn(house, build, step)) {
          expect(there, step).not.toContain(id);
          expect(title).toMatch(/^[A-Z{\d]/);
          expect(because).toMatch(/^(needs?|stands) /);
        }
      }
    },
  );

  it.each([
    ['no crosslay is missing', pumper, 'hose', /Crosslay/, 0],
    [
      'the third crosslay',
      withPump(pumper, 'midship-1250-side'),
      'hose',
      /^Crosslay 3 needs a pump that carries 3 crosslays: this one carries 2$/,
      1,
    ],
    [
      'crosslays without a pump',
      withPump(pumper, undefined),
      'hose',
      /^Crosslays need .*there is no pump$/,
      1,
    ],
    [
      'a well in a plain bumper',
      withBumper(pumper, 'plain'),
      'bumper',
      /^Hose well.* needs a bumper extended/,
      1,
    ],
    ['dividers of an open bed', brush, 'hose', /^Dividers in the hose bed need a body with a hose bed/, 1],
    ['bulkheads of an open bed', brush, 'body', /^Bulkhead .* needs a body with compartments/, 2],
    ['concentrate without foam', builds[1]!, 'foam', /needs a foam system$/, 2],
  ] as const)('%s', (_, build, step, words, count) => {
    expect(absentOf(house.settle(build), step).filter((said) => words.test(said))).toHaveLength(count);
  });
});
