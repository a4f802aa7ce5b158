import { describe, expect, it } from 'vitest';
import { starterBuild } from '../../demonstration/index.js';
import type { Build } from '../../build/index.js';
import { withNoConnections } from '../plumbing/index.js';
import { house } from '../index.js';
import { withPump } from '../pump/index.js';
import { bestWay, clears, served } from './index.js';
import type { Served } from './index.js';

const plain = starterBuild('pumper', 'Plain', 'D');
const of = (build: Build) => house.evaluate(house.settle(build)).read(served);
const part = (all: Served[], id: string) => all.find((one) => one.part.id === id)!;
const way = (one: Served, id: string) => one.ways.find((of) => of.id === id)!;

describe('the large parts of a pump', () => {
  it.each([
    ['midship-1250-side', [26, 22, 24]],
    ['midship-1500-side', [30, 24, 26]],
    ['pto-1000', [26, 22, 24]],
  ] as const)('%s: as large as its rating is usually built', (pump, [lengthIn, widthIn, heightIn]) => {
    expect(part(of(withPump(plain, pump)), 'pump').part).toMatchObject({ lengthIn, widthIn, heightIn });
  });

  it('need two inches more than they are: sideways by length and height, upward by length and width', () => {
    const pump = part(of(plain), 'pump');
    expect(way(pump, 'officer').needs).toEqual({ wide: 28, high: 26 });
    expect(way(pump, 'top').needs).toEqual({ wide: 28, high: 24 });
    expect(way(pump, 'cab').needs).toEqual({ wide: 24, high: 26 });
    // Of 4 in: 6 and 2.4 for each inch.
    expect(way(part(of(plain), 'valves'), 'officer').needs.wide).toBeCloseTo(6 + 2.4 * 4 + 2, 9);
    expect(way(part(of(plain), 'gearCase'), 'officer').needs).toEqual({ wide: 18, high: 24 });
  });

  it('come out with what is piped to the panel first, or the operator’s controls too', () => {
    const pump = part(of(plain), 'pump');
    expect(way(pump, 'driver').inTheWay).toEqual(
      expect.arrayContaining(['Driver’s 1', 'Driver’s suction', 'the controls and gauges']),
    );
    expect(way(pump, 'officer').inTheWay).toContain('Officer’s 1');
    expect(way(pump, 'officer').inTheWay).not.toContain('the controls and gauges');
    expect(way(pump, 'top').inTheWay).toEqual(['Crosslay 1', 'Crosslay 2']);
    const best = bestWay(pump);
    expect(best.passes).toBe(true);
    for (const other of pump.ways.filter(({ passes }) => passes))
      expect(other.inTheWay.length).toBeGreaterThanOrEqual(best.inTheWay.length);
  });

  it('have no valve where nothing is piped, and there are none without a pump', () => {
    expect(of(withNoConnections(plain)).map((one) => one.part.id)).toEqual(['pump', 'gearCase']);
    expect(of(withPump(plain, undefined))).toEqual([]);
  });

  it('pass an opening that is as large as they need, and none that is smaller either way', () => {
    const pump = part(of(plain), 'pump');
    for (const one of pump.ways)
      if (one.passes) {
        expect(one.opening.wide).toBeGreaterThanOrEqual(one.needs.wide);
        expect(one.opening.high).toBeGreaterThanOrEqual(one.needs.high);
      }
  });

  it('say what comes off first', () => {
    expect(way(part(of(plain), 'pump'), 'cab').inTheWay).toEqual([]);
    expect(clears(way(part(of(plain), 'pump'), 'cab'))).toBe('nothing in the way');
    expect(clears(way(part(of(plain), 'pump'), 'top'))).toBe('first off: Crosslay 1 and Crosslay 2');
  });
});
