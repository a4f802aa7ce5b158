import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';
import { readJson } from '#core/build';
import { DEMONSTRATION } from '#core/demonstration';
import { CALCULATIONS } from '#core/exchange';
import { calculated } from './lib/calculate.mjs';

const script = fileURLToPath(new URL('calc.mjs', import.meta.url));
const examples = (name: string): { input: unknown; expect: Record<string, number> }[] =>
  JSON.parse(readFileSync(new URL(`../core/test/examples/${name}.json`, import.meta.url), 'utf8'));
const [example] = examples('weights');

describe('npm run -s calc', () => {
  const calc = (args: string[], input: string) =>
    spawnSync(process.execPath, [script, ...args], { input, encoding: 'utf8' });

  it('prints one JSON object and nothing else', () => {
    const { status, stdout, stderr } = calc(['weights', '-'], JSON.stringify(example!.input));
    expect([status, stderr]).toEqual([0, '']);
    expect(JSON.parse(stdout)['totalLb']).toBeCloseTo(example!.expect['totalLb']!, 3);
  });

  it('evaluate gives the findings of a build file with their remedies', () => {
    const { status, stdout } = calc(['evaluate', '-'], JSON.stringify(DEMONSTRATION[0]!.builds[0]));
    const front = JSON.parse(stdout).findings.find((f: { id: string }) => f.id === 'frontAxle');
    expect([status, front.status, front.remedies.length >= 2]).toEqual([0, 'fails', true]);
  });

  it('refuses in one line on standard error, exit 2, nothing on standard output', () => {
    const { status, stdout, stderr } = calc(['weights', '-'], '{"items":[]}');
    expect([status, stdout]).toEqual([2, '']);
    expect(stderr).toMatch(/^chassis must be given/);
    expect(stderr.trim().split('\n')).toHaveLength(1);
  });
});

describe('what the command refuses', () => {
  it.each<[string, string[], string, RegExp]>([
    ['a missing field', ['weights', '-'], '{"items":[]}', /^chassis must be given/],
    [
      'an unknown field',
      ['tank', '-'],
      JSON.stringify({ ...(examples('tank')[0]!.input as object), color: 1 }),
      /^color is not a field of this input/,
    ],
    [
      'a low point beyond the axles',
      ['angles', '-'],
      JSON.stringify({ ...(examples('angles')[0]!.input as object), lowPoint: { xIn: 300, heightIn: 15 } }),
      /^lowPoint.xIn must be less than the wheelbase of 192 \(was 300\)/,
    ],
    [
      'a bore without its tip',
      ['line', '-'],
      JSON.stringify({
        ...(examples('line')[0]!.input as object),
        nozzle: { type: 'smoothBore', pressurePsi: 50 },
      }),
      /^nozzle.tipIn must be given for a nozzle of type smoothBore/,
    ],
    [
      'hose of no usual friction',
      ['line', '-'],
      JSON.stringify({
        ...(examples('line')[0]!.input as object),
        hose: [{ sizeIn: 2.25, lengthFt: 50 }],
      }),
      /^hose.0.coefficient must be given for hose of 2.25 in/,
    ],
    [
      'an endless number',
      ['tank', '-'],
      JSON.stringify(examples('tank')[0]!.input).replace('"gallons":700', '"gallons":1e999'),
      /^gallons must be a number \(was Infinity\)/,
    ],
    [
      'a later file',
      ['evaluate', '-'],
      JSON.stringify({ ...DEMONSTRATION[0]!.builds[0], version: 7 }),
      /^version must be at most 3/,
    ],
    ['no JSON', ['weights', '-'], '{"a":', /^FILE must hold one JSON object/],
    ['no file', ['weights', 'not-there.json'], '', /^FILE cannot be read/],
    [
      'no such calculation',
      ['toString', '-'],
      '{}',
      /^NAME must be one of weights, tank, payload, angles, turning, bridge, line, pump, foam, hosebed, shuttle, evaluate \(was "toString"\)/,
    ],
    ['no words', [], '', /^usage: /],
  ])('%s, in one line', (_, args, input, message) => {
    const { refused } = calculated(args, { CALCULATIONS, readJson }, (file) =>
      file === '-' ? input : readFileSync(file, 'utf8'),
    );
    expect(refused).toMatch(message);
    expect(refused).not.toContain('\n');
  });
});
