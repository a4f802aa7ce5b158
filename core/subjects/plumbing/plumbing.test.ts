import { describe, expect, it } from 'vitest';
import { DEMONSTRATION, starterBuild } from '../../demonstration/index.js';
import { BUILD_TYPES } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import { components } from '../../truck/index.js';
import { withFitting } from '../fittings/index.js';
import { withLoad } from '../hose/index.js';
import { house } from '../index.js';
import { pumpShelf, withPump } from '../pump/index.js';
import { withTank } from '../tank/index.js';
import { inService } from '../weights/index.js';
import {
  connections,
  panelSheets,
  usualConnections,
  withConnection,
  withNewConnections,
  withNoConnections,
  withOwnConnections,
} from './index.js';
import { overlapping } from './shelves.js';

const plain = starterBuild('pumper', 'Plain', 'D');
const evaluate = (build: Build) => house.evaluate(build);
const weight = (build: Build) => evaluate(build).read(inService).weights;
const builds = [
  ...DEMONSTRATION.flatMap((department) => department.builds),
  ...BUILD_TYPES.map((type) => starterBuild(type, `Plain ${type}`, 'D')),
  withTank(plain, { gallons: 0 }),
].map((build) => [build.name, build] as const);

describe('the weight of plumbing', () => {
  it.each(builds)('%s: is the same whether its usual set is assumed or its own', (_, build) => {
    const { connections: _own, ...plumbing } = build.plumbing;
    const assumed = { ...build, plumbing } as Build;
    expect(weight(withOwnConnections(evaluate(assumed))).totalLb).toBeCloseTo(weight(assumed).totalLb, 9);
  });

  it('grows by a discharge beyond the usual set, with its pipe to where it opens', () => {
    const rear = withNewConnections(evaluate(plain), {
      kind: 'discharge',
      label: 'R',
      at: 'rear',
      sizeIn: 2.5,
    });
    const [one] = evaluate(rear)
      .read(components)
      .filter(({ id }) => id.startsWith('plumbing.'));
    // 45 lb, and 4.6 lb for each foot from the house to the end of the body.
    const { rear: before, totalLb } = weight(plain);
    const after = weight(rear);
    expect(after.totalLb - totalLb).toBeCloseTo(one!.weightLb, 6);
    expect(one!.weightLb).toBeGreaterThan(45 + 4.6 * 10);
    expect(after.rear.loadLb - before.loadLb).toBeGreaterThan(45);
  });

  it('shrinks by what is missing of the usual set, off the pump', () => {
    // 45 lb of a discharge of 2½ in, 70 of one of 4 in.
    const less = ['left-1', 'large-1'].reduce<Build>(
      (on, id) => withConnection(evaluate(on), id, null),
      plain,
    );
    expect(weight(plain).totalLb - weight(less).totalLb).toBeCloseTo(45 + 70, 9);
  });

  it('counts nothing twice when a discharge of the set opens elsewhere', () => {
    const moved = withConnection(evaluate(plain), 'left-1', { at: 'right' });
    expect(weight(moved).totalLb).toBeCloseTo(weight(plain).totalLb, 9);
  });

  it('is that of the pump without any, where there are none', () => {
    const none = withNoConnections(plain);
    const pump = (build: Build) =>
      evaluate(build)
        .read(components)
        .find(({ id }) => id === 'pump')!.weightLb;
    expect(pump(none)).toBeGreaterThan(0.6 * pump(plain));
    expect(pump(none)).toBeLessThan(pump(plain));
  });
});

describe('the usual set', () => {
  it.each(pumpShelf.shipped.all().map((pump) => [pump.id, pump] as const))(
    'of %s holds by every check of the plumbing',
    (id, pump) => {
      const start = starterBuild(pump.types[0]!, 'P', 'D');
      const evaluation = evaluate(house.settle(withPump(start, id), start));
      const failing = evaluation.findings.filter(
        ({ steps, status }) => steps.includes('plumbing') && status !== 'holds',
      );
      expect(failing.map(({ id: of, words }) => `${of}: ${words}`)).toEqual([]);
      for (const { objects } of evaluation.read(panelSheets)) expect(overlapping(objects)).toEqual([]);
    },
  );

  it('follows the beds and the monitors of the truck', () => {
    const feeds = (build: Build) =>
      evaluate(build)
        .read(usualConnections)
        .flatMap(({ feedsId }) => feedsId ?? []);
    expect(feeds(plain)).toContain('f2');
    expect(feeds(house.settle(withFitting(plain, 'deck-monitor', false)))).not.toContain('f2');
    expect(feeds(withLoad(plain, 'h4', null))).not.toContain('main-right');
  });

  it('is gone with its pump, and back with it', () => {
    const own = withOwnConnections(evaluate(plain));
    const without = house.settle(withPump(own, undefined), own);
    expect(evaluate(without).read(connections)).toEqual([]);
    const back = house.settle(withPump(without, 'midship-1250-side'), without);
    expect(back.plumbing).toEqual(own.plumbing);
  });
});

describe('a file with plumbing is refused', () => {
  const own = withOwnConnections(evaluate(plain));
  it.each([
    [
      'with a size that nobody makes',
      { sizeIn: 2.2 },
      /plumbing\.connections\.0\.sizeIn must be one of 0\.75, 1,/,
    ],
    [
      'with a feed of nothing',
      { feedsId: 'nowhere' },
      /plumbing\.connections\.0\.feedsId must be a bed or a monitor/,
    ],
    ['with a valve of another kind', { valve: 'magic' }, /plumbing\.connections\.0\.valve must be one of/],
    ['without a label', { label: '' }, /plumbing\.connections\.0\.label/],
  ] as const)('%s', (_, change, message) => {
    const file = JSON.parse(JSON.stringify(own));
    Object.assign(file.plumbing.connections[0], change);
    expect(() => house.parse(file)).toThrow(message);
  });
});
