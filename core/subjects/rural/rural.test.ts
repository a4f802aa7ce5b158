import { describe, expect, it } from 'vitest';
import { DEMONSTRATION, starterBuild } from '../../demonstration/index.js';
import type { Build } from '../../build/index.js';
import { withBlock } from '../../build/index.js';
import { generator } from '../../test/random.js';
import { withNewConnections } from '../plumbing/index.js';
import { house } from '../index.js';
import {
  asTanker,
  carried,
  carriedTable,
  draftSites,
  joinsInWords,
  relayAt,
  relayTable,
  runShuttle,
  shuttle,
  shuttleChart,
  shuttleInto,
  shuttleInWords,
  shuttles,
  shuttleTable,
  suctionNeededFt,
  supplies,
  wayIn,
  waysIn,
  withWaterBy,
} from './index.js';
import type { ShuttleInput } from './index.js';

const [pumper] = DEMONSTRATION.flatMap((d) => d.builds) as [Build];
const plain = starterBuild('pumper', 'Plain', 'D');
const of = (build: Build) => house.evaluate(build);
const carrying = (...partIds: string[]): Build =>
  withBlock(plain, 'equipment', {
    lines: partIds.map((partId, i) => ({ id: `e${i}`, partId, count: 1, compartmentId: 'R1' })),
  });

const input = (own: Partial<ShuttleInput> = {}): ShuttleInput => ({
  distanceMiles: 2,
  deliveredShare: 0.9,
  source: { fillGpm: 1_000, handlingMin: 1.5, places: 1 },
  dump: { handlingMin: 1, places: 1 },
  tankers: [
    { gallons: 2_000, fillGpm: 1_000, dumpGpm: 1_000 },
    { gallons: 3_000, fillGpm: 1_000, dumpGpm: 1_500 },
  ],
  ...own,
});

describe('a tanker shuttle', () => {
  it('for any tankers: never more than a single stage gives, nor than all tankers bring', () => {
    const random = generator(7);
    for (let i = 0; i < 400; i++) {
      const tankers = Array.from({ length: 1 + Math.floor(random() * 8) }, () => ({
        gallons: 500 + random() * 4_000,
        fillGpm: 200 + random() * 1_500,
        dumpGpm: 100 + random() * 2_000,
      }));
      const of = input({
        distanceMiles: random() * 6,
        source: {
          fillGpm: 200 + random() * 1_500,
          handlingMin: random() * 4,
          places: 1 + Math.floor(random() * 2),
        },
        dump: { handlingMin: random() * 4, places: 1 + Math.floor(random() * 2) },
        tankers,
      });
      const got = shuttle(of);
      const each = got.tankers.reduce((sum, { flowGpm }) => sum + flowGpm, 0);
      expect(got.sustainedGpm).toBeLessThanOrEqual(each + 1e-9);
      expect(got.sustainedGpm).toBeLessThanOrEqual(of.source.places * of.source.fillGpm + 1e-9);
      const most = (minutes: 'fillMin' | 'dumpMin', places: number) =>
        places * Math.max(...got.tankers.map((round, j) => (0.9 * tankers[j]!.gallons) / round[minutes]));
      expect(got.sustainedGpm).toBeLessThanOrEqual(most('fillMin', of.source.places) + 1e-9);
      expect(got.sustainedGpm).toBeLessThanOrEqual(most('dumpMin', of.dump.places) + 1e-9);
      expect(shuttleInto(random() * 3_000, of).sustainedGpm).toBeLessThanOrEqual(got.sustainedGpm + 1e-9);
    }
  });

  it.each([
    ['its tankers', {}, 'tankers'],
    ['a slow source', { source: { fillGpm: 150, handlingMin: 2, places: 1 } }, 'source'],
    ['a long way to back in', { dump: { handlingMin: 12, places: 1 } }, 'dump'],
  ] as const)('is limited by %s', (_, own, limitedBy) => {
    expect(shuttle(input({ ...own, distanceMiles: 1 })).limitedBy).toBe(limitedBy);
  });

  it('a farther source never brings more, a tanker more never less', () => {
    let last = Infinity;
    for (const distanceMiles of [0, 0.5, 2, 5, 20]) {
      const { sustainedGpm } = shuttle(input({ distanceMiles }));
      expect(sustainedGpm).toBeLessThan(last);
      last = sustainedGpm;
    }
    const more = input({ distanceMiles: 20 });
    const third = { gallons: 1_500, fillGpm: 500, dumpGpm: 500 };
    expect(shuttle({ ...more, tankers: [...more.tankers, third] }).sustainedGpm).toBeGreaterThan(last);
  });

  it('a tanker that holds more than the folding tank waits for what is drawn, and both agree', () => {
    const one = input({ distanceMiles: 0, tankers: [{ gallons: 2_000, fillGpm: 1_000, dumpGpm: 1_000 }] });
    // Fills in 3.5 min, backs up in 1; 1,500 gal wait to be drawn at Q: Q × (4.5 + 1,500 ÷ Q) = 1,800.
    const waits = shuttleInto(500, one);
    expect(waits.sustainedGpm).toBeCloseTo(300 / 4.5, 6);
    expect(waits.tankers[0]!.dumpMin).toBeCloseTo(1 + 1_500 / (300 / 4.5), 6);
    expect(shuttleInto(2_000, one)).toEqual(shuttle(one));
  });

  it('minute by minute gives up what is drawn and what is left, within what the tank holds, and near what it sustains', () => {
    for (const [holds, asked] of [
      [2_000, 200],
      [2_000, 900],
      [800, 400],
    ] as const) {
      const run = runShuttle(input(), holds, asked, 240);
      expect(run.dumpedGal).toBeCloseTo(run.drawnGal + run.levelGal.at(-1)!, 3);
      expect(Math.max(...run.levelGal)).toBeLessThanOrEqual(holds + 1e-6);
      expect(Math.min(...run.levelGal)).toBeGreaterThanOrEqual(0);
      expect(Math.max(...run.drawnGpm)).toBeLessThanOrEqual(asked + 1e-6);
      // The first tankers come loaded: a little more than is sustained.
      expect(run.drawnGal / 240).toBeLessThan(shuttle(input()).sustainedGpm * 1.1 + 20);
      expect(run.drawnGal / 240).toBeGreaterThan(
        Math.min(asked, shuttleInto(holds, input()).sustainedGpm) * 0.9,
      );
    }
  });
});

describe('the ways of a tanker’s water into a truck', () => {
  it('a folding tank, a direct fill or an intake, the best first; one can be chosen', () => {
    expect(
      of(plain)
        .read(waysIn)
        .map(({ by }) => by),
    ).toEqual(['intake']);
    const direct = withNewConnections(of(carrying('folding-tank')), {
      kind: 'directFill',
      label: 'Fill',
      at: 'rear',
      sizeIn: 2.5,
    });
    expect(of(direct).read(waysIn)).toEqual([
      { by: 'folding', mostGpm: Infinity, places: Infinity },
      { by: 'directFill', mostGpm: 250, places: 1 },
      { by: 'intake', mostGpm: 250, places: 1 },
    ]);
    expect(of(withWaterBy(direct, 'directFill')).read(wayIn)?.by).toBe('directFill');
    // Gone, it is not used any more.
    expect(of(withWaterBy(plain, 'folding')).read(wayIn)?.by).toBe('intake');
  });

  it.each([
    [['folding-tank'], 2_100],
    [['folding-tank', 'folding-tank-small'], 2_100],
    [['folding-tank', 'folding-tank-small', 'jet-siphon'], 3_100],
    [[], 0],
  ] as const)('%j are dumped into together: %d gal', (ids, gallons) => {
    expect(of(carrying(...ids)).read(supplies).dumpedIntoGal).toBe(gallons);
  });

  it('the pumper of the demonstration is limited by its dump; over its direct fill it would get less', () => {
    const [site] = of(pumper).read(shuttles);
    expect(site).toMatchObject({ limitedBy: 'dump', askedGpm: 300, foldingGal: 2_100 });
    expect(site!.flowGpm).toBeGreaterThan(300);
    expect(shuttleInWords(site!)).toContain('the place where they dump');
    expect(shuttleTable(site!).rows.map(({ cells }) => cells[0])).toEqual([
      'Withy Ford tanker',
      'Alderholm tanker',
      'Sedge Hill tanker',
    ]);
    const chart = shuttleChart(site!, 1_000);
    expect(Math.max(...(chart.series[0]!.values as number[]))).toBeLessThanOrEqual(2_100);
    const [slow] = of(withWaterBy(pumper, 'intake')).read(shuttles);
    expect(slow!.flowGpm).toBeLessThan(site!.flowGpm);
  });
});

describe('a truck that runs as a tanker itself', () => {
  const dumping = withNewConnections(
    of(pumper),
    { kind: 'dump', label: 'Dump', at: 'rear', sizeIn: 10 },
    { kind: 'directFill', label: 'Fill', at: 'rear', sizeIn: 2.5 },
  );
  it('by its dump valve and its direct fill; through an intake without one; not without a dump valve', () => {
    expect(of(pumper).read(asTanker)).toBeNull();
    expect(of(dumping).read(asTanker)).toEqual({ gallons: 1_000, fillGpm: 250, dumpGpm: 3_500 });
    const plainFill = withNewConnections(of(plain), { kind: 'dump', label: 'Dump', at: 'rear', sizeIn: 8 });
    expect(of(plainFill).read(asTanker)).toEqual({ gallons: 750, fillGpm: 250, dumpGpm: 2_500 });
  });

  it('says what it would bring beside the others', () => {
    expect(of(pumper).read(joinsInWords)).toBe('');
    // Filled in 4 + 1.5 min, dumped in 1,000 ÷ 3,500 + 2.5, 2 × 2.69 on the road: 900 gal a round.
    const brings = 900 / (4 + 1.5 + 1_000 / 3_500 + 2.5 + 2 * (0.65 + 1.7 * 1.2));
    const said = /it brings \{([\d.]+) gpm\}/.exec(of(dumping).read(joinsInWords))![1];
    expect(Number(said)).toBeCloseTo(brings, 9);
  });
});

describe('suction', () => {
  it.each([
    [0, 0, 2],
    [9, 12, 17],
    [5, 12, 15],
  ])('%d ft down over %d ft of bank takes %d ft', (liftFt, reachFt, needed) => {
    expect(suctionNeededFt({ liftFt, reachFt })).toBe(needed);
  });

  it('at each draft site of the demonstration, with what it draws and how long it primes', () => {
    const sites = of(pumper).read(draftSites);
    expect(sites.map(({ site, carriedFt }) => [site.name, carriedFt])).toEqual([
      ['Mill pond', 20],
      ['Osier bridge landing', 20],
    ]);
    expect(sites[0]!.primingS).toBeLessThan(sites[1]!.primingS);
    expect(of(plain).read(draftSites)).toEqual([]);
  });

  it('what is carried for it says where it rides and how it comes down', () => {
    const rows = of(pumper)
      .read(carriedTable)
      .rows.map(({ cells }) => cells);
    expect(rows).toHaveLength(of(pumper).read(carried).length);
    expect(rows[0]).toEqual([
      'Folding tank, {2100 gal}',
      'holds {2100 gal}',
      '{130 lb}',
      'Folding tank rack, driver’s side',
      expect.stringMatching(/ in\}$/),
      'lifted down by two, one of them on a step',
    ]);
  });
});

describe('a relay', () => {
  const curve = [
    { gpm: 1_000, psi: 150 },
    { gpm: 700, psi: 200 },
    { gpm: 500, psi: 250 },
  ];
  it('asks for the friction of the lay and 20 psi for the other’s intake; beyond the curve there is none', () => {
    // 5 in: 0.08 × 10² × 10 = 80 psi for 1,000 ft at 1,000 gpm.
    expect(relayAt(curve, { sizeIn: 5, lengthFt: 1_000, coefficient: 0.08 }, 1_000)).toEqual({
      gpm: 1_000,
      askedPsi: 100,
      givesPsi: 150,
      longestFt: expect.closeTo(130 / 0.08, 6),
    });
    expect(relayAt(curve, { sizeIn: 5, lengthFt: 1_000, coefficient: 0.08 }, 1_001)).toBeNull();
  });

  it('is told flow by flow with the supply hose that is carried', () => {
    expect(
      of(pumper)
        .read(relayTable)!
        .rows.map(({ cells }) => cells[0]),
    ).toEqual(['{375 gpm}', '{750 gpm}', '{1125 gpm}', '{1500 gpm}']);
  });
});
