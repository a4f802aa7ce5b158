import { describe, expect, it } from 'vitest';
import { DEMONSTRATION } from '../demonstration/index.js';
import type { Build } from '../build/index.js';
import { house } from '../subjects/index.js';
import { withItem } from '../subjects/items/index.js';
import { sheetRows, withWeighedOf } from '../subjects/weights/index.js';
import { components } from '../truck/index.js';
import { inUnits, UNIT_SYSTEMS } from '../units/index.js';
import { readSheet, sheetCsv } from './index.js';

const builds = DEMONSTRATION.flatMap(({ builds: all }) => all) as [Build, Build, Build];
const [pumper] = builds;
const weighed = (build: Build, id: string, weightLb: number): Build =>
  withWeighedOf(
    build,
    house
      .evaluate(build)
      .read(components)
      .find((of) => of.id === id)!,
    {
      weightLb,
      basis: 'weighed',
    },
  );
const withItems = withItem(weighed(pumper, 'body', 3_900), 'own-1', {
  id: 'own-1',
  name: 'Trunk, "blue"',
  weightLb: 80.5,
  xIn: 120,
  yIn: -3,
  zIn: 60,
  basis: 'estimated',
  tolerancePct: 12,
  priceCents: 0,
});
const read = (text: string, build = pumper) => readSheet(house.evaluate(build), text);
const row = (...cells: (string | number)[]) =>
  `id,name,weight (lb),x (in),y (in),z (in),basis,tolerance (%)\n${cells.join(',')}\n`;
/** The pump's name as the sheet has it, in quotes for its comma. */
const PUMP = `"${inUnits(
  house
    .evaluate(pumper)
    .read(sheetRows)
    .find(({ id }) => id === 'pump')!.name,
  'us',
)}"`;

describe('the weight sheet', () => {
  it.each(builds.map((spec) => [spec.name, spec] as const))('%s: its lines sum to the axles', (_, spec) => {
    const evaluation = house.evaluate(spec);
    const rows = evaluation.read(sheetRows);
    const { front, rear } = house.measure(spec);
    expect(rows.reduce((sum, r) => sum + r.frontLb, 0)).toBeCloseTo(front!, 6);
    expect(rows.reduce((sum, r) => sum + r.rearLb, 0)).toBeCloseTo(rear!, 6);
  });

  it.each(
    [...builds, withItems].flatMap((spec) =>
      UNIT_SYSTEMS.map((system) => [spec.name, system, spec] as const),
    ),
  )('%s goes out in %s and comes in again as the same truck', (_, system, spec) => {
    const evaluation = house.evaluate(spec);
    const reading = readSheet(evaluation, sheetCsv(evaluation, system));
    expect(reading.refused).toEqual([]);
    expect(reading.changes).toEqual([]);
    expect(reading.unchanged).toBe(evaluation.read(components).length);
    expect(reading.build).toEqual(spec);
  });

  it('takes a better weight, in pounds or kilograms', () => {
    const lbs = read(row('pump', PUMP, 3_500, '', '', '', 'weighed', ''));
    expect(lbs.changes).toMatchObject([{ id: 'pump', what: 'weight', beforeLb: 3_350, afterLb: 3_500 }]);
    expect(house.measure(lbs.build)['gross']! - house.measure(pumper)['gross']!).toBeCloseTo(150, 9);
    const kg = read('id,weight (kg)\npump,1587.5732950\n');
    expect(kg.build.weights.weighed[0]!.weightLb).toBeCloseTo(3_500, 6);
    expect(
      house
        .evaluate(lbs.build)
        .read(components)
        .find(({ id }) => id === 'pump'),
    ).toMatchObject({
      basis: 'weighed',
      tolerancePct: 1,
      catalogued: { weightLb: 3_350 },
    });
  });

  it.each([
    ['with units in brackets', 'id,weight (lb)', 3_500],
    ['with units after a comma', 'ID,"Weight, lb"', 3_500],
    ['without units, in those of the reader', 'id,weight', 1_587.573295],
  ])('reads heads %s', (_, heads, typed) => {
    const reading = readSheet(house.evaluate(pumper), `${heads}\npump,${typed}\n`, 'metric');
    expect(reading.refused).toEqual([]);
    expect(reading.changes[0]!.afterLb).toBeCloseTo(3_500, 5);
  });

  it('takes a row for the component of its id only where name and count are the truck’s', () => {
    const line = pumper.equipment.lines.find(({ count }) => count > 1)!;
    const at = `equipment.${line.id}`;
    const known = house
      .evaluate(pumper)
      .read(sheetRows)
      .find(({ id }) => id === at)!;
    const reasons = read(
      `id,name,count,weight (lb)\npump,Some other pump,,3500\n${at},${known.name},${line.count + 1},9\n,${known.name},,9\n`,
    ).refused.map(({ reason }) => reason);
    expect(reasons[0]).toMatch(/^"pump" is .* on this truck, and "Some other pump" in the sheet$/);
    expect(reasons[1]).toMatch(
      new RegExp(`there ${line.count} times on this truck, and ${line.count + 1} times`),
    );
    expect(reasons[2]).toMatch(new RegExp(`on this truck already: give its id, ${at},`));
    expect(read(`id,name,count,weight (lb)\n${at},${known.name},${line.count},9\n`).changes).toHaveLength(1);
  });

  it('adds an extra item, and moves one', () => {
    const added = read(row('', 'Tool chest', 140, 210, 20, 40, 'estimated', ''));
    expect(added.changes).toMatchObject([{ what: 'new item', beforeLb: null, afterLb: 140 }]);
    const moved = read(
      row(added.changes[0]!.id, 'Tool chest', 140, 90, 20, 40, 'estimated', ''),
      added.build,
    );
    expect(moved.changes).toMatchObject([{ what: 'extra item' }]);
    expect(moved.build.items.lines).toMatchObject([{ name: 'Tool chest', xIn: 90 }]);
  });

  it.each<[string, string, RegExp]>([
    ['an empty file', '', /^the file is empty/],
    ['no weight column', 'id,name\npump,Pump\n', /no column weight/],
    ['nothing to tell rows apart by', 'weight (lb)\n12\n', /no column id or name/],
    [
      'a component that the truck does not have',
      row('sidecar', 'Sidecar', 10, 0, 0, 0, '', ''),
      /no component "sidecar"/,
    ],
    [
      'words for a weight',
      row('pump', PUMP, 'heavy', '', '', '', '', ''),
      /weight must be a number \(was "heavy"\)/,
    ],
    ['no weight', row('pump', PUMP, '', '', '', '', '', ''), /weight is missing/],
    [
      'a negative weight',
      row('pump', PUMP, -5, '', '', '', '', ''),
      /weight must be from \{#0 lb\} to \{60000 lb\} \(was -5\)/,
    ],
    [
      'an item off the truck',
      row('', 'Balloon', 5, 0, 0, 900, 'estimated', ''),
      /z must be from \{#0 in\} to \{170 in\}/,
    ],
    ['an item without a place', row('', 'Lost', 5, '', '', '', 'estimated', ''), /needs its place/],
    ['an item without a name', row('', '', 5, 0, 0, 0, 'estimated', ''), /needs a name/],
    [
      'a basis that is none',
      row('pump', PUMP, 3_500, '', '', '', 'hearsay', ''),
      /basis must be one of weighed/,
    ],
    ['the water', row('water', '', 9, '', '', '', '', ''), /follows from its gallons/],
    [
      'one line twice',
      `${row('pump', PUMP, 3_500, '', '', '', '', '')}pump,${PUMP},3600,,,,,\n`,
      /"pump" is there twice/,
    ],
  ])('refuses %s by its line, and says why', (_, text, reason) => {
    const { refused } = read(text);
    expect(refused.map((r) => r.reason).join('\n')).toMatch(reason);
  });

  it('reads the good rows beside the bad ones, in a file with a byte-order mark', () => {
    const text = `\uFEFF${row('pump', PUMP, 3_500, '', '', '', 'weighed', '')}sidecar,Sidecar,10,,,,,\nbody,,3900,,,,weighed,\n`;
    const reading = read(text);
    expect(reading.changes.map(({ id }) => id)).toEqual(['pump', 'body']);
    expect(reading.refused).toMatchObject([{ line: 3 }]);
  });
});
