import { expect, it } from 'vitest';
import { meadowPumper } from '../demonstration/index.js';
import { house } from '../subjects/index.js';
import { whereabouts } from '../subjects/stowing/index.js';
import { csvRows } from './csv.js';
import { placesCsv } from './places-csv.js';

it('places as CSV: a row for each line, in a person’s units', () => {
  const meadow = house.evaluate(meadowPumper);
  const [head, ...rows] = csvRows(placesCsv(meadow, 'us'));
  const of = (name: string, row: readonly string[]) => row[head!.findIndex((one) => one.startsWith(name))];
  expect(rows).toHaveLength(meadowPumper.equipment.lines.length);
  const first = meadow.read(whereabouts)[0]!;
  expect(of('number', rows[0]!)).toBe('1');
  expect(of('place', rows[0]!)).toBe(first.place);
  expect(Number(of('from its front end', rows[0]!))).toBe(first.stowed!.lying!.box.x0);
  const metric = csvRows(placesCsv(meadow, 'metric'));
  expect(metric[0]).toContain('weight (kg)');
  const weight = metric[0]!.indexOf('weight (kg)');
  expect(Number(metric[1]![weight])).toBeCloseTo(first.weightLb * 0.45359237, 6);
});
