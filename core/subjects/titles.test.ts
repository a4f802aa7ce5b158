import { describe, expect, it } from 'vitest';
import { fieldTitle } from '../build/index.js';
import { house } from './index.js';

describe('what a person calls a field of the build file', () => {
  it.each([
    ['chassis.wheelbaseIn', 'Chassis, wheelbase'],
    ['hose.loads.2.lengthFt', 'Hose loads, hose load 3, length'],
    ['equipment.lines.0', 'Equipment, piece of equipment 1'],
    ['chassis.nothing', 'Chassis'],
    ['nothing.at.all', ''],
    ['', ''],
  ])('%s is “%s”', (path, title) => {
    expect(fieldTitle(house.blocks, path)).toBe(title);
  });
});
