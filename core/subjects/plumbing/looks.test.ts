import { describe, expect, it } from 'vitest';
import { DEMONSTRATION, starterBuild } from '../../demonstration/index.js';
import { BUILD_TYPES } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import { components, pumpHouse } from '../../truck/index.js';
import { house } from '../index.js';
import { withPanelAt } from '../pump/index.js';
import { openingGrips } from './grips.js';
import { controlShapes, openingShapes } from './looks.js';
import {
  connections,
  diagram,
  isPowered,
  panelSheets,
  plumbingTable,
  rowInWords,
  withConnection,
} from './index.js';

const plain = starterBuild('pumper', 'Plain', 'D');
const evaluate = (build: Build) => house.evaluate(build);
const builds = [
  ...DEMONSTRATION.flatMap((department) => department.builds),
  ...BUILD_TYPES.map((type) => starterBuild(type, `Plain ${type}`, 'D')),
]
  .filter(({ pump }) => pump.partId !== undefined)
  .map((build) => [build.name, build] as const);

describe.each(builds)('%s', (_, build) => {
  const evaluation = evaluate(build);

  it('shows each dial, handle and switch of the operator’s panel once on the drawing', () => {
    const sheet = evaluation.read(panelSheets).find(({ operator }) => operator)!;
    const controls = sheet.objects.filter(({ what }) => what === 'control').map((of) => of.connection!);
    const parts = evaluation
      .read(controlShapes)
      .flatMap((shape) => (shape.kind === 'control' ? shape.shows : []));
    const count = (part: string) => parts.filter((one) => one === part).length;
    const masters = sheet.objects.filter(({ id }) => id.startsWith('master')).length;
    expect(count('dial')).toBe(controls.filter(({ gauge }) => gauge !== 'none').length + masters);
    expect(count('switch')).toBe(controls.filter(isPowered).length);
    expect(count('handle')).toBe(controls.length - count('switch'));
    const drawn = evaluation.read(components).flatMap(({ shapes }) => shapes);
    for (const shape of evaluation.read(controlShapes)) expect(drawn).toContain(shape);
  });

  it('has every opening in sight to take hold of, and it stays on its face wherever it is moved', () => {
    const grips = openingGrips(evaluation);
    expect(grips.length).toBeGreaterThan(2);
    for (const grip of grips)
      for (const far of [-900, 900]) {
        const moved = evaluate(grip.moved({ x: far, y: far, z: far }));
        expect(moved.finding('panelRoom')?.margin, grip.title).toBeDefined();
        const after = openingGrips(moved).find(({ id }) => id === grip.id)!;
        expect(after.atIn, grip.title).toBeGreaterThanOrEqual(0);
        expect(after.atIn, grip.title).toBeLessThanOrEqual(after.ends.max + 0.5);
      }
  });

  it('has each connection once in the table and once in the diagram', () => {
    const ids = evaluation.read(connections).map(({ id }) => id);
    expect(
      evaluation
        .read(plumbingTable)
        .rows.map(({ id }) => id)
        .sort(),
    ).toEqual([...ids].sort());
    const rows = evaluation.read(diagram)!.rows;
    expect(rows.map(({ connection }) => connection.id).sort()).toEqual([...ids].sort());
    for (const row of rows) {
      expect(rowInWords(row)).toContain(row.connection.label);
      // What fills or empties the tank from outside does not go through the pump.
      expect(row.pastPump).toBe(row.connection.kind === 'directFill' || row.connection.kind === 'dump');
    }
  });
});

describe('an opening that is moved by hand', () => {
  const moved = (build: Build, id: string, by: { x?: number; y?: number; z?: number }) => {
    const before = evaluate(build);
    const after = evaluate(
      openingGrips(before)
        .find((grip) => grip.id === `connection-${id}`)!
        .moved(by),
    );
    const middle = (of: typeof before) => {
      const { x0, x1, y0, y1, z0, z1 } = of.read(openingShapes).get(id)!.box;
      return [(x0 + x1) / 2, (y0 + y1) / 2, (z0 + z1) / 2];
    };
    return middle(after).map((at, i) => at - middle(before)[i]!);
  };

  // To the half inch in which it is kept.
  it.each([
    ['left-1', { x: 6, z: 4 }, [6, 0, 4]],
    ['right-1', { x: -6, z: 4 }, [-6, 0, 4]],
    ['rear-1', { y: 8, z: 2 }, [0, 8, 2]],
  ] as const)('%s goes with it, from whichever side it is seen', (id, by, way) => {
    moved(plain, id, by).forEach((inches, i) => expect(Math.abs(inches - way[i]!)).toBeLessThanOrEqual(0.26));
  });
});

it('a panel behind a door, over the pump or in the cab is not drawn on the side', () => {
  const rolling = DEMONSTRATION.flatMap((department) => department.builds).find(
    ({ type }) => type === 'brush',
  )!;
  expect(evaluate(rolling).read(controlShapes).length).toBeGreaterThan(3);
  expect(evaluate(withPanelAt(rolling, 'cab')).read(controlShapes)).toEqual([]);
  const [left, right] = (['left', 'right'] as const).map((place) => evaluate(withPanelAt(plain, place)));
  expect(left!.read(pumpHouse)).toEqual(right!.read(pumpHouse));
  expect(new Set(left!.read(controlShapes).map((of) => of.kind === 'control' && of.face))).toEqual(
    new Set(['left']),
  );
  expect(new Set(right!.read(controlShapes).map((of) => of.kind === 'control' && of.face))).toEqual(
    new Set(['right']),
  );
  const electric = evaluate(withConnection(evaluate(plain), 'left-1', { valve: 'electric' }));
  expect(
    electric.read(controlShapes).filter((of) => of.kind === 'control' && of.shows.includes('switch')),
  ).toHaveLength(1);
});
