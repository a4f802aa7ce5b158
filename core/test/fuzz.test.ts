import { readFileSync } from 'node:fs';
import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { BadInput, readJson, walk } from '../build/index.js';
import { CALCULATIONS, partsCsv, report, sheetCsv } from '../exchange/index.js';
import { PAPERS } from '../papers/index.js';
import { house } from '../subjects/index.js';
import { LONG_MS, ODD, oddBuild, placesOf, put, RUNS, textOf } from './odd.js';
import { SEED } from './often.js';

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
  { timeout: LONG_MS },
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

it('the walk over the rules says what class-validator says', { timeout: LONG_MS }, () => {
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

it(
  'whatever the command is given: refused with a reason, or worked out in figures',
  { timeout: LONG_MS },
  () => {
    const calcs = ['weights', 'tank', 'angles'] as const;
    const cases = calcs.flatMap((calc) => {
      const { input } = JSON.parse(
        readFileSync(new URL(`./examples/${calc}.json`, import.meta.url), 'utf8'),
      )[0] as { input: object };
      return placesOf(input).flatMap((place) => ODD.map((value) => ({ calc, input, place, value })));
    });
    fc.assert(
      fc.property(fc.nat(cases.length - 1), (which) => {
        const { calc, input, place, value } = cases[which]!;
        const odd = structuredClone(input) as Record<string, unknown>;
        put(odd, place, value);
        try {
          const result = CALCULATIONS[calc](readJson(JSON.stringify(odd)));
          expect(numbersIn(result).every(Number.isFinite)).toBe(true);
        } catch (error) {
          expect(error).toBeInstanceOf(BadInput);
        }
      }),
      { numRuns: RUNS, seed: SEED },
    );
  },
);
