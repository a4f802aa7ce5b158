import { expect, it } from 'vitest';
import { equipmentCsv, readEquipmentCsv } from '../exchange/index.js';
import { house } from '../subjects/index.js';
import { osierList } from './osier-list.js';
import { starterBuild } from './starter.js';

it('the whole list of a pumper is 300 pieces, a file whole, and a CSV that comes in as it went out', () => {
  const plain = starterBuild('pumper', 'Listed', 'D');
  const build = { ...plain, equipment: { ...plain.equipment, lines: osierList } };
  expect(osierList.reduce((sum, { count }) => sum + count, 0)).toBe(300);
  expect(house.parse(JSON.parse(JSON.stringify(build))).equipment).toEqual(build.equipment);
  const { build: again, problems } = readEquipmentCsv(plain, equipmentCsv(build, 'us'), 'us');
  expect(problems).toEqual([]);
  expect(equipmentCsv(again, 'us')).toBe(equipmentCsv(build, 'us'));
});
