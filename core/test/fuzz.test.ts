import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { BadInput, readJson } from '../build/index.js';
import { walk } from '../build/walk.js';
import { partsCsv, report, sheetCsv } from '../exchange/index.js';
import { PAPERS } from '../papers/index.js';
import { house } from '../subjects/index.js';
import { oddBuild, RUNS, SEED, textOf } from './odd.js';

/** What a build of that text is read as; null where it is refused with its reasons. */
function read(text: string) {
  try {
    return house.parse(readJson(text));
  } catch (error) {
    expect(error, text.slice(0, 300)).toBeInstanceOf(BadInput);
    const { problems } = error as BadInput;
    expect(problems.length).toBeGreaterThan(0);
    expect(problems.length).toBeLessThanOrEqual(50);
    return null;
  }
}

const numbersIn = (value: unknown): number[] =>
  typeof value === 'number'
    ? [value]
    : typeof value === 'object' && value !== null
      ? Object.values(value).flatMap(numbersIn)
      : [];

it(
  'whatever a build file says, it is refused with a reason, or opened, weighed, printed and written again',
  { timeout: 3_600_000 },
  () => {
    let taken = 0;
    fc.assert(
      fc.property(oddBuild, (odd) => {
        const build = read(textOf(odd));
        if (!build) return;
        taken += 1;
        const evaluation = house.evaluate(build);
        for (const figure of Object.values(evaluation.figures())) expect(Number.isFinite(figure)).toBe(true);
        for (const { status, actual, limit, margin, words } of evaluation.findings) {
          const judged = [actual, limit, margin].every(Number.isFinite);
          if (!judged) expect(status).toBe('fails');
          expect(words).not.toMatch(/undefined|\bNaN\b|Infinity/);
        }
        for (const paper of PAPERS) expect(JSON.stringify(paper.of(evaluation))).not.toMatch(/\bNaN\b/);
        expect(numbersIn(report(build)).every(Number.isFinite)).toBe(true);
        expect(sheetCsv(evaluation, 'metric')).not.toContain('NaN');
        expect(partsCsv(build.parts.own, 'us')).not.toContain('NaN');
        const again = house.parse(JSON.parse(JSON.stringify(build)));
        expect(house.measure(again)).toEqual(evaluation.figures());
      }),
      { numRuns: RUNS, seed: SEED },
    );
    // Odd values that are all refused would show nothing.
    expect(taken).toBeGreaterThan(RUNS / 20);
  },
);

it('the walk over the rules says what class-validator says', { timeout: 3_600_000 }, () => {
  fc.assert(
    fc.property(oddBuild, (odd) => {
      const text = textOf(odd);
      let file: unknown;
      try {
        file = house.upgrade(readJson(text));
      } catch {
        return;
      }
      const { holds, tooMuch } = walk(house.BuildFile, file as object);
      if (tooMuch || /"(__proto__|constructor)":/.test(text)) return;
      const errors = validateSync(plainToInstance(house.BuildFile, file), {
        whitelist: true,
        forbidNonWhitelisted: true,
        forbidUnknownValues: true,
      });
      expect(holds).toBe(errors.length === 0);
    }),
    { numRuns: Math.min(RUNS, 2000), seed: SEED },
  );
});
