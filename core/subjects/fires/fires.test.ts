import { describe, expect, it } from 'vitest';
import { DEMONSTRATION, starterBuild } from '../../demonstration/index.js';
import type { Build } from '../../build/index.js';
import { briefed } from '../../test/site-cases.js';
import { withFoam, withCell } from '../foam/index.js';
import { house } from '../index.js';
import { atFires, firesTable, galPerFt, mustCome, needs } from './index.js';

const [pumper] = DEMONSTRATION.flatMap((d) => d.builds) as [Build];
/** 750 gal, two lines of 150 gpm. */
const plain = starterBuild('pumper', 'Plain', 'D');
const of = (build: Build) => house.evaluate(build);
const structure = { floorFt2: 1_200, floors: 2, burnsPct: 50, minutes: 10 };
const spill = { areaFt2: 500, fuel: 'floats', minutes: 15 };

describe('what a fire takes', () => {
  it.each([
    ['structureFires', structure, 400, 4_000],
    ['vehicleFires', { gpm: 95, minutes: 6 }, 95, 570],
    ['spills', spill, 50, 750],
    ['spills', { ...spill, fuel: 'mixes' }, 100, 1_500],
    ['grassFires', { edgeFt: 1_000, wideFt: 3, deepIn: 0.1, minutes: 10 }, 18.7, 187],
  ] as const)('%s %j: %d gpm, %d gal', (kind, own, gpm, gallons) => {
    const [need] = of(briefed(plain, kind, own)).read(needs);
    expect(need!.gpm).toBeCloseTo(gpm, 6);
    expect(need!.solutionGal).toBeCloseTo(gallons, 6);
  });

  it('a strip of 3 ft, a tenth of an inch deep, takes 0.187 gal a foot', () => {
    expect(galPerFt(3, 0.1)).toBeCloseTo(0.187, 9);
  });

  it('class A at the percentage of its cell where the truck has it, class B at a spill always', () => {
    const foamed = withCell(withFoam(plain, 'injection-a-small'), 'foam', { percent: 0.3 });
    expect(of(briefed(plain, 'structureFires', structure)).read(needs)[0]).toMatchObject({ foamClass: null });
    expect(of(briefed(foamed, 'structureFires', structure)).read(needs)[0]).toMatchObject({
      foamClass: 'A',
      concentrateGal: 12,
    });
    expect(of(briefed(foamed, 'spills', spill)).read(needs)[0]).toMatchObject({
      foamClass: 'B',
      concentrateGal: 22.5,
    });
  });
});

describe('a truck at a fire', () => {
  const at = (build: Build, kind: Parameters<typeof briefed>[1], own: object) =>
    of(briefed(build, kind, own as Record<string, unknown>)).read(atFires)[0]!;
  const classB = withCell(withFoam(plain, 'injection-b'), 'foam', { gallons: 20 });

  it.each([
    [
      'a flow that its lines don’t give',
      plain,
      structure,
      'flow',
      0,
      '{100 gpm} more and {3250 gal} of water',
    ],
    ['more water than it carries', plain, { ...structure, floors: 1 }, 'water', 3.75, '{1250 gal} of water'],
  ] as const)('%s', (_, build, own, stop, lasts, come) => {
    const got = at(build, 'structureFires', own);
    expect([got.stop, mustCome(got)]).toEqual([stop, come]);
    expect(got.lastsMin).toBeCloseTo(lasts, 9);
  });

  it('a spill: nothing without class B; its concentrate ends before its water; one for alcohol is needed where it mixes', () => {
    expect(at(plain, 'spills', spill)).toMatchObject({ stop: 'foam', lastsMin: 0, concentrateGal: 0 });
    const some = at(classB, 'spills', spill);
    expect([some.stop, some.lastsMin]).toEqual(['foam', 20 / 1.5]);
    expect(mustCome(some)).toBe('{2.5 gal} of class B concentrate');
    expect(at(classB, 'spills', { ...spill, fuel: 'mixes' }).concentrateGal).toBe(0);
    const alcohol = withCell(classB, 'foam', { concentrateId: 'class-b-alcohol' });
    expect(at(alcohol, 'spills', { ...spill, fuel: 'mixes' })).toMatchObject({
      concentrateGal: 20,
      need: { percent: 6 },
    });
  });

  it('the demonstration: a car is put out alone, a farmhouse is not, and no foam goes with the diesel', () => {
    const cells = of(pumper)
      .read(firesTable)
      .rows.map((row) => [row.cells[0], row.cells.at(-1)]);
    expect(cells).toEqual([
      ['Farmhouse', expect.stringMatching(/gal\} of water$/)],
      ['Car on the county road', 'nothing'],
      ['Diesel at the dairy', '{18 gal} of class B concentrate'],
      ['River meadow', 'nothing'],
    ]);
  });
});
