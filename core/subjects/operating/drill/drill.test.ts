import { describe, expect, it } from 'vitest';
import { DEMONSTRATION, starterBuild } from '../../../demonstration/index.js';
import type { Build } from '../../../build/index.js';
import { briefed } from '../../../test/site-cases.js';
import { withFoam } from '../../foam/index.js';
import { withPump } from '../../pump/index.js';
import { house } from '../../index.js';
import { panelSheets } from '../../plumbing/index.js';
import { act, actionOf, arrived, drillTruck, isOn, reads, shownOn, tasksOf } from './index.js';
import type { Action, DrillTruck, Panel } from './index.js';

const [pumper, , brush] = DEMONSTRATION.flatMap((d) => d.builds) as [Build, Build, Build];
/** 1,250 gpm behind a split shaft, 750 gal, two crosslays of 150 gpm at 144.75 psi. */
const plain = starterBuild('pumper', 'Plain', 'D');
const truckOf = (build: Build): DrillTruck => house.evaluate(house.settle(build)).read(drillTruck)!;
const truck = truckOf(plain);
const [line] = truck.lines as [DrillTruck['lines'][number]];

const valve = (kind: string, of = truck): Action => ({
  kind: 'valve',
  id: of.connections.find((one) => one.kind === kind)!.id,
});
const opened = (of = truck): Action => ({ kind: 'valve', id: of.lines[0]!.outlet!.id });
const throttle = (psi: number): Action => ({ kind: 'throttle', psi });
const ENGAGE: Action[] = [
  { kind: 'brake' },
  { kind: 'gear', to: 'neutral' },
  { kind: 'engage' },
  { kind: 'gear', to: 'pump' },
  { kind: 'chocks' },
];
const FIRST_LINE: Action[] = [...ENGAGE, valve('tankToPump'), { kind: 'prime' }, opened(), throttle(145)];
const LEAVE: Action[] = [
  throttle(0),
  opened(),
  valve('tankToPump'),
  { kind: 'gear', to: 'neutral' },
  { kind: 'leave' },
  { kind: 'chocks' },
];

/** Everything done in order: how the panel stands at the end, and each mistake on the way. */
function done(of: DrillTruck, actions: Action[], start: Panel = arrived(of)) {
  let panel = start;
  const mistakes: string[] = [];
  for (const action of actions) {
    const answer = act(of, panel, action);
    mistakes.push(...answer.mistakes.map(({ id }) => id));
    panel = answer.panel;
  }
  return { panel, mistakes };
}
const task = (id: string, of = truck) => tasksOf(of).find((one) => one.id === id)!;

describe('a drill', () => {
  it('done as the card says is done without a mistake', () => {
    const first = done(truck, FIRST_LINE);
    expect([first.mistakes, task('tank').done(first.panel)]).toEqual([[], true]);
    const left = done(truck, LEAVE, task('leave').start);
    expect([left.mistakes, task('leave').done(left.panel)]).toEqual([[], true]);
  });

  it.each([
    ['the shift before neutral', [{ kind: 'brake' }, { kind: 'engage' }], ['grind']],
    ['the shift without the brake', [{ kind: 'gear', to: 'neutral' }, { kind: 'engage' }], ['brake']],
    ['the throttle before the pump', [{ kind: 'brake' }, { kind: 'chocks' }, throttle(100)], ['creep']],
    ['the throttle without chocks, and dry', [...ENGAGE.slice(0, 4), throttle(100)], ['chocks', 'dry']],
    ['a line before there is water', [...ENGAGE, opened()], ['early']],
    [
      'pressure without a flow',
      [...ENGAGE, valve('tankToPump'), { kind: 'prime' }, throttle(150)],
      ['boils'],
    ],
    [
      'pressure without a flow, but recirculating',
      [...ENGAGE, valve('tankToPump'), { kind: 'prime' }, valve('recirculation'), throttle(150)],
      [],
    ],
    ['the tank shut under a line', [...FIRST_LINE, valve('tankToPump')], ['lost']],
    ['the intake before the hydrant', [...FIRST_LINE, { kind: 'bleed' }], ['noHydrant']],
    [
      'away under pressure, with a line and in gear',
      [...FIRST_LINE, { kind: 'leave' }],
      ['grind', 'pressure', 'charged'],
    ],
    [
      'the brake off while it pumps, over the chocks',
      [...FIRST_LINE, { kind: 'brake' }],
      ['brake', 'chocks'],
    ],
    ['to drive with the pump in', [...FIRST_LINE, { kind: 'gear', to: 'drive' }], ['overrun']],
  ] as [string, Action[], string[]][])('%s is told', (_, actions, expected) => {
    expect(done(truck, actions).mistakes).toEqual(expected);
  });

  it('the tank falls by what flows, and runs empty under a line', () => {
    const { panel } = done(truck, FIRST_LINE);
    const { flowGpm } = reads(truck, panel);
    expect(flowGpm).toBeCloseTo(150, 0);
    // Opened at idle it flows less for a while than at its pressure.
    expect(panel.tankGal).toBeLessThan(truck.tankGal - 0.2 * flowGpm);
    expect(panel.tankGal).toBeGreaterThan(truck.tankGal - 0.4 * flowGpm);
    const dry = done(
      truck,
      Array.from({ length: 60 }, () => ({ kind: 'prime' }) as const),
      panel,
    );
    expect([dry.panel.tankGal, dry.mistakes]).toEqual([0, ['empty']]);
    expect(reads(truck, dry.panel).hasWater).toBe(false);
  });

  it('gauges show what hydraulics give: more set is more flow, two lines share the pump', () => {
    const at = (psi: number, ...more: Action[]) =>
      reads(truck, done(truck, [...FIRST_LINE.slice(0, -1), ...more, throttle(psi)]).panel);
    expect(at(100).flowGpm).toBeLessThan(at(145).flowGpm);
    expect(at(145).lines[0]!.psi).toBeCloseTo(145, 6);
    const both = at(145, { kind: 'valve', id: truck.lines[1]!.outlet!.id });
    expect(both.flowGpm).toBeCloseTo(2 * at(145).flowGpm, 6);
    // Beyond its curve it gives no more.
    expect(at(400).dischargePsi).toBeLessThan(400);
  });

  it('a hydrant takes over from the tank, and fills it; a weak one falls to 20 psi', () => {
    const strong = truckOf(briefed(plain, 'hydrants', { staticPsi: 60, residualPsi: 40, flowGpm: 1_000 }));
    const onto: Action[] = [
      { kind: 'hydrant' },
      { kind: 'bleed' },
      valve('tankFill', strong),
      valve('tankToPump', strong),
    ];
    const { panel, mistakes } = done(strong, onto, task('hydrant', strong).start);
    expect(mistakes).toEqual([]);
    expect(task('hydrant', strong).done(panel)).toBe(true);
    const weak = truckOf(briefed(plain, 'hydrants', { staticPsi: 30, residualPsi: 25, flowGpm: 60 }));
    expect(done(weak, onto, task('hydrant', weak).start).mistakes).toContain('intake');
    expect(tasksOf(truck).map(({ id }) => id)).toEqual(['tank', 'leave']);
  });

  it('foam after water and away before it is left; air after foam and away first', () => {
    const foamed = truckOf(withFoam(plain, 'compressed-air-240'));
    const { start, done: isDone } = task('foam', foamed);
    const good: Action[] = [
      { kind: 'foam' },
      { kind: 'air' },
      { kind: 'air' },
      { kind: 'foam' },
      { kind: 'flush' },
    ];
    const well = done(foamed, good, start);
    expect([well.mistakes, isDone(well.panel)]).toEqual([[], true]);
    expect(done(foamed, [{ kind: 'air' }], start).mistakes).toEqual(['airFirst']);
    expect(done(foamed, [{ kind: 'foam' }, { kind: 'air' }, { kind: 'foam' }], start).mistakes).toEqual([
      'airLast',
    ]);
    expect(done(foamed, [{ kind: 'foam' }]).mistakes).toEqual(['foamDry']);
    const unflushed = done(
      foamed,
      [
        { kind: 'foam' },
        { kind: 'foam' },
        throttle(0),
        opened(foamed),
        { kind: 'gear', to: 'neutral' },
        { kind: 'leave' },
      ],
      start,
    );
    expect(unflushed.mistakes).toEqual(['flush']);
    expect(isDone(done(foamed, [{ kind: 'foam' }, { kind: 'foam' }], start).panel)).toBe(false);
  });

  it('a skid with its own engine has no gear to be put in; there is none without a pump', () => {
    const skid = truckOf(brush);
    const actions: Action[] = [
      { kind: 'brake' },
      { kind: 'gear', to: 'neutral' },
      { kind: 'chocks' },
      { kind: 'engage' },
      valve('tankToPump', skid),
      { kind: 'prime' },
      opened(skid),
      throttle(Math.round(skid.lines[0]!.asked.pumpPressurePsi)),
    ];
    const { panel, mistakes } = done(skid, actions);
    expect([mistakes, task('tank', skid).done(panel)]).toEqual([[], true]);
    expect(house.evaluate(house.settle(withPump(plain, undefined))).read(drillTruck)).toBeNull();
  });

  it('the pumper of the demonstration has every task, each to be done from its own start', () => {
    const own = truckOf(pumper);
    expect(tasksOf(own).map(({ id }) => id)).toEqual(['tank', 'hydrant', 'foam', 'leave']);
    for (const { start, done: isDone } of tasksOf(own)) expect(isDone(start)).toBe(false);
  });

  it('each thing of the panel shows what its gauge does, and is worked where it can be', () => {
    const { panel } = done(truck, FIRST_LINE);
    const sheet = house
      .evaluate(plain)
      .read(panelSheets)
      .find(({ operator }) => operator)!;
    const shown = (id: string) => {
      const one = sheet.objects.find((of) => of.id === id)!;
      return [shownOn(one, panel, reads(truck, panel)), actionOf(one)?.kind ?? null, isOn(one, panel)];
    };
    expect(shown('master-discharge')).toEqual(['{145 psi}', null, false]);
    expect(shown('governor')).toEqual(['{145 psi}', null, false]);
    expect(shown('primer')).toEqual([null, 'prime', true]);
    expect(shown('tankToPump.control')).toEqual(['open', 'valve', true]);
    expect(shown(`${line.outlet!.id}.control`)).toEqual(['{#145 psi}', 'valve', true]);
    expect(shown('left-1.control')).toEqual(['shut', 'valve', false]);
    expect(shown('left-1')).toEqual([null, null, false]);
    expect(act(truck, panel, throttle(9_000)).panel.setPsi).toBe(400);
  });

  it('what the truck answers names its gauges', () => {
    const { panel } = done(truck, FIRST_LINE.slice(0, -1));
    expect(act(truck, panel, throttle(145)).says).toMatch(
      /^\{145 psi\} at the pump: crosslay 1 \{150 gpm\} at \{145 psi\}\. \{\d+ gal\} in the tank\.$/,
    );
    expect(act(truck, arrived(truck), { kind: 'brake' })).toMatchObject({
      did: 'Parking brake set',
      says: 'The pump stands.',
    });
    expect(line.outlet!.label).toBe('Crosslay 1');
  });
});
