import { describe, expect, it } from 'vitest';
import type { Build } from '../../build/index.js';
import { DEMONSTRATION, starterBuild } from '../../demonstration/index.js';
import { beds, bodyPlace } from '../../truck/index.js';
import { house } from '../index.js';
import { bedsTable, loadsIn, withFinish, withNewLoad, withReel } from './index.js';

const plain = starterBuild('pumper', 'Plain', 'D');
const ladder = DEMONSTRATION[1]!.builds[0]!;
const crosslay = loadsIn(plain, 'crosslay-1')[0]!.id;
const cells = (build: Build, id: string) =>
  house
    .evaluate(build)
    .read(bedsTable)
    .rows.find((row) => row.id === id)!.cells;

describe('an inch more of a bed', () => {
  it.each<[string, Build, string, RegExp]>([
    ['is told in feet where hose lies in lays', plain, crosslay, /^\+ /],
    ['means nothing to packs of hose made up', withFinish(plain, crosslay, 'bundles'), crosslay, /^·$/],
    [
      'means nothing to a drum',
      withNewLoad(withReel(plain, 'rear', true), 'reel', 'booster-1', 100, 'red'),
      'red',
      /^·$/,
    ],
  ])('%s', (_, build, id, said) => {
    const [wider, deeper] = cells(build, id).slice(-2);
    expect(wider).toMatch(said);
    expect(deeper).toMatch(said);
  });
});

it('beds beside a bedded ladder stand on the body, as far out on both sides, clear of the turntable', () => {
  const evaluation = house.evaluate(ladder);
  const { topIn } = evaluation.read(bodyPlace);
  const main = evaluation.read(beds).filter(({ kind }) => kind === 'main');
  expect(main.map(({ yCenter, widthIn, floorIn }) => [yCenter, widthIn, floorIn])).toEqual([
    [-34, 24, topIn + 1],
    [34, 24, topIn + 1],
  ]);
});
