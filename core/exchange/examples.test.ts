import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { CALCULATIONS } from './index.js';

interface Example {
  calc: string;
  name: string;
  input: unknown;
  expect: object;
}

const read = (file: string): Example[] =>
  JSON.parse(readFileSync(new URL(`../test/examples/${file}.json`, import.meta.url), 'utf8'));

/**
 * Every figure of `expected` within 0.001 or one part in a million, whichever is larger; more fields are
 * allowed.
 */
function agrees(actual: unknown, expected: unknown, path: string): void {
  if (typeof expected === 'number') {
    expect(typeof actual, path).toBe('number');
    expect(Math.abs((actual as number) - expected), path).toBeLessThanOrEqual(
      Math.max(0.001, Math.abs(expected) * 1e-6),
    );
  } else if (typeof expected === 'object' && expected !== null) {
    for (const [key, value] of Object.entries(expected))
      agrees((actual as Record<string, unknown>)?.[key], value, `${path}.${key}`);
  } else expect(actual, path).toEqual(expected);
}

describe.each(
  Object.keys(CALCULATIONS).filter((name) => name !== 'evaluate') as (keyof typeof CALCULATIONS)[],
)('worked examples of %s', (calc) => {
  it.each(read(calc).map((example) => [example.name, example] as const))('%s', (_, example) => {
    expect(example.calc).toBe(calc);
    agrees(CALCULATIONS[calc](example.input), example.expect, calc);
  });
});
