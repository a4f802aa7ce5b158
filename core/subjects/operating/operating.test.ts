import { describe, expect, it } from 'vitest';
import { DEMONSTRATION, starterBuild } from '../../demonstration/index.js';
import { withBlock } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import { BUILD_TYPES } from '../../build/index.js';
import { withFoam } from '../foam/index.js';
import { connections, withConnections } from '../plumbing/index.js';
import { pumpShelf, withPump } from '../pump/index.js';
import { withPumping } from '../pumping/index.js';
import { house } from '../index.js';
import { byHandTable, cardTable, procedures } from './index.js';

const [pumper, aerial, brush] = DEMONSTRATION.flatMap((d) => d.builds) as [Build, Build, Build];
const plain = starterBuild('pumper', 'Plain', 'D');
const of = (build: Build) => house.evaluate(house.settle(build));
const steps = (build: Build, id: string) =>
  of(build)
    .read(procedures)
    .find((one) => one.id === id)
    ?.steps.map(({ do: does }) => does) ?? [];
const titles = (build: Build) =>
  of(build)
    .read(procedures)
    .map(({ id }) => id);

describe('the steps of a truck', () => {
  it.each([
    ['midship-1250-side', /^Transmission to neutral; wait until nothing turns$/, 7],
    ['pto-1000', /^Engage the power take-off; wait for its light$/, 5],
    ['electric-1250', /^Drive mode to pump$/, 5],
    ['skid-250', /^Start the pump’s engine; warm it/, 5],
  ])('%s is engaged by its drive', (pump, known, count) => {
    const engage = steps(withPump(plain, pump), 'engage');
    expect(engage).toHaveLength(count);
    expect(engage).toContainEqual(expect.stringMatching(known));
    expect(engage[0]).toBe('Stop; set the parking brake');
  });

  it('neutral comes before the shift, and the gear after it; to leave the other way round', () => {
    const engage = steps(plain, 'engage').map((does) => does.split(/[;,]/)[0]);
    expect(engage.indexOf('Transmission to neutral')).toBeLessThan(engage.indexOf('Pump shift to pump'));
    expect(engage.indexOf('Pump shift to pump')).toBeLessThan(
      engage.indexOf('Transmission to its pumping gear'),
    );
    const leave = steps(plain, 'leave');
    expect(leave.findIndex((does) => does.includes('neutral'))).toBeLessThan(
      leave.findIndex((does) => does.startsWith('Pump shift to road')),
    );
  });

  it('come from the parts that are on it', () => {
    expect(titles(plain)).toEqual([
      'engage',
      'tank',
      'hydrant',
      'draft',
      'relay',
      'several',
      'leave',
      'freezing',
    ]);
    const compressed = withFoam(plain, 'compressed-air-140');
    expect(titles(compressed)).toEqual(expect.arrayContaining(['foam', 'flush', 'air']));
    expect(steps(compressed, 'air')[1]).toBe('{140 cfm}: Crosslay 1 and Crosslay 2 at once');
    expect(titles(brush)).toContain('roll');
    expect(titles(withBlock(plain, 'tank', { gallons: 0 }))).not.toContain('tank');
    expect(titles(withPump(plain, undefined))).toEqual([]);
    const two = pumpShelf
      .in(plain)
      .all()
      .find(({ stages }) => stages === 2)!;
    expect(steps(withPump(plain, two.id), 'stages')[0]).toContain(`{${two.ratedGpm / 2} gpm}`);
  });

  it('name the truck’s own valves, and their way by hand where something else turns them', () => {
    const tank = of(pumper)
      .read(procedures)
      .find(({ id }) => id === 'tank')!.steps[0]!;
    expect(tank).toMatchObject({
      do: 'Tank-to-pump open',
      byHand: expect.stringContaining('lever kept at the panel'),
    });
    expect(
      of(pumper)
        .read(byHandTable)
        .rows.map(({ cells }) => cells[0]),
    ).toEqual(['Tank-to-pump']);
    const without = withConnections(
      pumper,
      of(pumper)
        .read(connections)
        .map(({ byHand: _by, ...one }) => one),
    );
    expect(of(without).read(byHandTable).rows[0]).toMatchObject({ wrong: [2] });
  });

  it('in frost use what is fitted against it', () => {
    expect(steps(plain, 'freezing')[1]).toBe('Recirculate');
    expect(steps(withPumping(plain, { heater: 'yes', winterPort: 'yes' }), 'freezing')).toEqual([
      'A little water through every line in use',
      'Heater on; recirculate',
      'To travel: every drain open; prime dry; winter port',
    ]);
  });

  it.each(
    BUILD_TYPES.map((type) => starterBuild(type, 'Plain', 'D'))
      .concat(pumper, aerial, brush)
      .map((build) => [build.name + build.type, build] as const),
  )(
    '%s: each has its reason, its own id within its procedure, and words with no figure missing',
    (_, build) => {
      for (const { steps: all } of of(build).read(procedures)) {
        expect(new Set(all.map(({ id }) => id)).size).toBe(all.length);
        for (const one of all) {
          expect(one.why.length).toBeGreaterThan(10);
          expect(`${one.do} ${one.why}`).not.toMatch(/NaN|undefined|Infinity/);
        }
      }
    },
  );
});

describe('the card’s lines', () => {
  it('each by the color and label of its handle, with the pressure that it asks for and what is mixed into it', () => {
    const { rows, columns } = of(pumper).read(cardTable);
    expect(columns.map(({ head }) => head)).toEqual([
      'Handle',
      'Line',
      'Hose',
      'Nozzle',
      'Flow',
      'Pump at',
      'Foam',
    ]);
    expect(rows[0]).toMatchObject({
      swatch: '#16191d',
      cells: [
        'Bumper well, black',
        'Bumper well',
        '{100 ft} of {1.75 size}',
        'Fog, {150 gpm} at {75 psi}',
        expect.any(String),
        expect.any(String),
        'A 0.3 %',
      ],
    });
    expect(rows.at(-1)!.cells.at(-1)).toBe('water');
    expect(of(withFoam(plain, 'compressed-air-140')).read(cardTable).rows[0]!.cells.at(-1)).toBe(
      'medium, {70 cfm}',
    );
  });
});
