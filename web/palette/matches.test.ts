import { describe, expect, it } from 'vitest';
import { ALSO_CALLED, matches } from './matches';

describe('what is typed finds a name', () => {
  it.each([
    ['Crosslay 1', 'cross', true],
    ['Hose bed, driver’s side', 'bed hose', true],
    ['Crosslay 1', 'speedlay', true],
    ['Crosslay 1', 'cross lay', true],
    ['Spare air cylinder', 'air bottle', true],
    ['Spare air cylinder', 'bottles', true],
    ['Breathing apparatus pack', 'SCBA', true],
    ['Breathing apparatus pack', 'scb', true],
    ['Breathing apparatus pack', 'sc', false],
    ['Front axle', 'gawr', true],
    ['Gross weight', 'GVWR', true],
    ['Battery spreader with spare battery', 'jaws of life', true],
    ['Weight sheet as CSV', 'export', true],
    ['Pump', 'scba', false],
  ] as const)('%s by “%s”: %s', (name, typed, found) => {
    expect(matches(name, typed) > 0).toBe(found);
  });

  it('its own name before one that is also called so', () => {
    expect(matches('Payload left', 'payload')).toBeGreaterThan(matches('Gross weight', 'gvwr'));
    expect(matches('Tank', 'tank')).toBeGreaterThan(matches('Empty tank', 'tank'));
  });

  it('every word of the field leads to another one', () => {
    for (const [said, names] of Object.entries(ALSO_CALLED)) {
      expect(names.length, said).toBeGreaterThan(0);
      expect(matches(names[0]!, said), said).toBeGreaterThan(0);
    }
  });
});
