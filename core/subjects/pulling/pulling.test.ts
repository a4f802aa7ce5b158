import { describe, expect, it } from 'vitest';
import { remediesFor } from '../../advice/index.js';
import type { Build } from '../../build/index.js';
import { DEMONSTRATION, starterBuild } from '../../demonstration/index.js';
import { beds, tankBoxes } from '../../truck/index.js';
import { loadsIn, withBoards, withDead, withLoad, withLying, withNewLoad } from '../hose/index.js';
import { house } from '../index.js';
import { withTank, withTankLower } from '../tank/index.js';
import { loweringTable, pulls, pullsTable } from './index.js';

const plain = starterBuild('pumper', 'Plain', 'D');
const pumper = DEMONSTRATION[0]!.builds[0]!;
const of = (build: Build, bedId: string) =>
  house
    .evaluate(build)
    .read(pulls)
    .find(({ load }) => load.bedId === bedId)!;

describe('who pulls hose stands', () => {
  // The step under the pump house is at 24 in, the tailboard at 25; a crosslay's top at 82.51, the bed's at 109.12.
  it.each<[string, Build, string, string, number, boolean]>([
    ['on the ground beside a crosslay', plain, 'crosslay-1', 'ground', 76 + 21 * 0.31, true],
    ['on a step where there is one', withBoards(plain, true), 'crosslay-1', 'boards', 52 + 21 * 0.31, false],
    ['on the tailboard behind the bed', plain, 'main-left', 'tailboard', 94 + 36 * 0.42 - 25, true],
    ['on the ground before the bumper', pumper, 'bumper-well', 'ground', 20 + 10 * 0.31, false],
  ])('%s', (_, build, bedId, stand, gripIn, climbs) => {
    const pull = of(build, bedId);
    expect([pull.stand.id, pull.climbs]).toEqual([stand, climbs]);
    expect(pull.gripIn).toBeCloseTo(gripIn, 6);
  });

  it('and reads so in the table, with what is too high', () => {
    const { rows } = house.evaluate(plain).read(pullsTable);
    expect(rows.find(({ id }) => id === loadsIn(plain, 'crosslay-1')[0]!.id)).toMatchObject({
      cells: expect.arrayContaining(['to either side', 'the ground', 'nothing']),
      over: [3],
    });
  });
});

describe('lines that must lie free', () => {
  const [large] = loadsIn(plain, 'main-left');
  const [attack] = loadsIn(plain, 'main-right');

  it.each<[string, Build, number]>([
    ['two crosslays and 400 ft of attack hose in the main bed; none of it is supply', plain, 3],
    ['supply of as little is none', withLoad(plain, large!.id, { lengthFt: 400 }), 3],
    ['a dead lay is none', withDead(plain, attack!.id, true), 2],
    ['attack hose of more than 500 ft is none', withLoad(plain, attack!.id, { lengthFt: 550 }), 2],
    ['of 500 ft it is one', withLoad(plain, attack!.id, { lengthFt: 500 }), 3],
  ])('%s', (_, build, lines) =>
    expect(house.evaluate(build).finding('buried')).toMatchObject({
      status: 'holds',
      words: `All ${lines} lie free to be pulled.`,
    }),
  );
});

describe('a line under another', () => {
  const buried = withNewLoad(plain, 'crosslay-1', 'attack-1.75', 100, 'top');

  it('is told with what must come off first, and mended beside it or in a bed of its own', () => {
    const evaluation = house.evaluate(buried);
    expect(evaluation.finding('buried')).toMatchObject({ status: 'caution', actual: 1 });
    expect(evaluation.finding('buried')!.words).toMatch(/comes off after \{100 ft\} of/);
    const mended = remediesFor(evaluation, 'buried').filter(({ mends }) => mends);
    expect(mended.length).toBeGreaterThan(0);
    for (const { build } of mended) expect(house.evaluate(build).finding('buried')!.status).toBe('holds');
  });

  it('is one still where they change places', () =>
    expect(house.evaluate(withLying(buried, 'top', 'under')).finding('buried')!.actual).toBe(1));
});

describe('a lower bed', () => {
  it('costs length of tank: as many gallons in a lower section', () => {
    const lower = house.evaluate(withTankLower(plain, 4));
    const [box] = lower.read(tankBoxes);
    // 750 gal in 42 by 46 in, of which 97 % is water; the bed's floor goes down with it.
    expect(box!.lengthIn).toBeCloseTo((750 * 231) / 0.97 / (42 * 46), 6);
    expect(lower.read(beds).find(({ kind }) => kind === 'main')!.floorIn).toBeCloseTo(90, 6);
    expect(withTankLower(withTankLower(plain, 4), 0)).toEqual(plain);
  });

  it('is told for an inch and more, each with what it does to the truck', () => {
    const { columns, rows } = loweringTable(house.evaluate(plain));
    expect(columns.slice(1).map(({ head }) => head)).toEqual([
      'Bed {1 in} lower',
      'Bed {4 in} lower',
      'Bed {8 in} lower',
      'Crosslays in a module',
    ]);
    const cell = (id: string, column: number) => rows.find((row) => row.id === id)!.cells[column]!;
    const longer = (750 * 231) / 0.97 / 42 / 49 - (750 * 231) / 0.97 / 42 / 50;
    expect(cell('floorIn', 1)).toBe('{93 in} ({±-1 in})');
    expect(Number(/\{±([\d.]+) in\}/.exec(cell('tankIn', 1))![1])).toBeCloseTo(longer, 2);
  });

  it('says where a tank would be too long', () => {
    const { rows } = loweringTable(house.evaluate(withTank(plain, { gallons: 1_400 })));
    const spare = rows.find(({ id }) => id === 'spareIn')!;
    const short = spare.cells.flatMap((text, i) => (/too long$/.test(text) ? [i] : []));
    expect(short.length).toBeGreaterThan(0);
    expect(spare.wrong).toEqual(short);
  });

  it('the tank is cut no lower than a tank can be, its upper part first', () => {
    const boxes = (lowerIn: number) =>
      house
        .evaluate(withTankLower(pumper, lowerIn))
        .read(tankBoxes)
        .map(({ heightIn }) => heightIn);
    expect(boxes(0)).toEqual([24, 25]);
    expect(boxes(10)).toEqual([24, 15]);
    expect(boxes(30)).toEqual([13, 6]);
  });
});
