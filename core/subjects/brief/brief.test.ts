import { describe, expect, it } from 'vitest';
import { withBlock } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import { DEMONSTRATION, starterBuild } from '../../demonstration/index.js';
import { differencesOf, mergeBuilds } from '../../compare/index.js';
import { inUnits } from '../../units/index.js';
import { house } from '../index.js';
import { BRIEF_FIELDS, BRIEF_KINDS, BRIEF_SECTIONS, DISTRICT_KINDS } from './index.js';
import {
  briefOf,
  hasBrief,
  linesOf,
  startBrief,
  statusAt,
  takenBrief,
  tightest,
  withBrief,
  withBriefLine,
  withOwnLine,
} from './index.js';
import type { AtPlace, Brief, BriefLine } from './index.js';

const plain = starterBuild('pumper', 'Plain', 'D');
const station = (own: Partial<BriefLine> = {}): BriefLine => ({
  id: 's1',
  wish: 'must',
  known: 'measured',
  name: 'Old station',
  doorHighIn: 122,
  doorWideIn: 150,
  aboveIn: 4,
  besideIn: 6,
  enters: 'backs',
  ...own,
});
const withLines = (...lines: BriefLine[]): Build => withBrief(plain, { stations: lines } as unknown as Brief);
const doorOf = (build: Build) => house.evaluate(build).finding('doorHeight');
const parsed = (build: Build) => house.parse(JSON.parse(JSON.stringify(build)));

describe('a line of the brief', () => {
  it('that is a must fails where it is missed, as a wish is told, and not for this truck is not looked at', () => {
    expect(doorOf(withLines(station()))?.status).toBe('fails');
    expect(doorOf(withLines(station({ wish: 'like' })))?.status).toBe('caution');
    expect(doorOf(withLines(station({ wish: 'out' })))).toBeNull();
  });

  it('says who asked for it and why wherever it is found, and where it is only assumed', () => {
    const { words } = doorOf(withLines(station({ who: 'The chief', why: 'The lintel stays' })))!;
    expect(words).toContain('Asked for by The chief: The lintel stays.');
    expect(doorOf(withLines(station({ known: 'assumed' })))!.words).toContain('The brief assumes it.');
    expect(doorOf(withLines(station({ differs: 'It lives elsewhere' })))!.words).toContain(
      'It lives elsewhere.',
    );
  });

  it('a miss of a must is told before a wish that is missed by more', () => {
    const place = (wish: 'must' | 'like', margin: number): AtPlace => ({
      line: { id: wish, wish, known: 'told' },
      actual: 0,
      limit: 0,
      margin,
      unit: 'in',
      words: '',
    });
    expect(tightest([place('like', -20), place('must', -1), place('must', 4)])!.line.id).toBe('must');
    expect(statusAt(place('must', NaN))).toBe('fails');
    const { words } = doorOf(withLines(station(), station({ id: 's2', name: 'Barn', doorHighIn: 121 })))!;
    expect(words).toMatch(/^Barn: .*Missed too: Old station\./);
  });
});

describe('the brief of a build', () => {
  const district = { stations: [station({ doorHighIn: 150 })] } as unknown as Brief;

  it('is the department’s, but for what the truck has otherwise with a reason', () => {
    const taken = takenBrief(plain, district);
    expect(hasBrief(taken, district)).toBe(true);
    const own = withOwnLine(taken, 'stations', station({ doorHighIn: 130, differs: 'Moves to station 2' }));
    const later = {
      stations: [station({ doorHighIn: 160 }), station({ id: 's2', name: 'New' })],
    } as unknown as Brief;
    const again = takenBrief(own, later);
    expect(linesOf(briefOf(again), 'stations').map(({ doorHighIn }) => doorHighIn)).toEqual([130, 122]);
    expect(hasBrief(again, later)).toBe(true);
    expect(hasBrief(own, later)).toBe(false);
  });

  it('goes through a file, and a file that has none is whole', () => {
    for (const kind of DISTRICT_KINDS) {
      const build = withBrief(plain, startBrief(kind));
      expect(parsed(build)).toEqual(build);
    }
    const { brief: _brief, road: _road, ...older } = JSON.parse(JSON.stringify(plain));
    expect(briefOf(house.parse(older))).toEqual({});
  });

  it.each([
    ['stations.0.doorHighIn', station({ doorHighIn: 20 }), /must be at least 72/],
    ['stations.0.wish', station({ wish: 'perhaps' as never }), /must be one of/],
    ['stations.0.name', station({ name: '' }), /1 to 80 characters/],
    ['stations.0.roof', station({ roof: 3 }), /not a field/],
  ])('is refused with a bad %s', (field, line, message) => {
    expect(() => parsed(withLines(line))).toThrow(new RegExp(`brief\\.${field}`));
    expect(() => parsed(withLines(line))).toThrow(message);
  });

  it('differs and merges line by line, in words', () => {
    const base = withLines(station());
    const mine = withOwnLine(base, 'stations', station({ doorHighIn: 130 }));
    const theirs = withBrief(
      base,
      withBriefLine(briefOf(base), 'crew', 'c', { id: 'c', wish: 'must', known: 'told', seats: 5 }),
    );
    const [said] = differencesOf(base, mine);
    expect(inUnits(`${said!.title}: ${said!.before} → ${said!.after}`, 'us')).toMatch(
      /^Brief, station: Old station: must: door height 122 in.* → must: door height 130 in/,
    );
    // Half a foot decides at a gateway: it is told.
    const gate = (intoFt: number) =>
      withBrief(plain, {
        corners: [{ ...station(), fromFt: 24, intoFt, insideFt: 4 }],
      } as unknown as Brief);
    const [narrower] = differencesOf(gate(19), gate(18.5));
    expect(inUnits(narrower!.after, 'us')).toContain('width it turns into 18 ft 6 in');
    const target = { ...station(), figure: 'tank', sense: 'least', value: 1_000 };
    const [asked] = differencesOf(plain, withBrief(plain, { targets: [target] } as unknown as Brief));
    expect(inUnits(asked!.after, 'metric')).toBe('must: tank at least 3,785 L');
    const merged = mergeBuilds(base, mine, theirs);
    expect(merged.collisions).toEqual([]);
    expect(linesOf(briefOf(merged.build!), 'stations')[0]!.doorHighIn).toBe(130);
    expect(linesOf(briefOf(merged.build!), 'crew')).toHaveLength(1);
  });
});

describe('the page of a brief', () => {
  it('has every kind of line once', () => {
    expect(BRIEF_SECTIONS.flatMap(({ kinds }) => kinds).sort()).toEqual([...BRIEF_KINDS].sort());
  });

  it.each(DISTRICT_KINDS)('starts in a %s district with lines that are all assumed', (kind) => {
    const lines = BRIEF_KINDS.flatMap((of) => linesOf(startBrief(kind), of) as unknown as BriefLine[]);
    expect(lines.length).toBeGreaterThan(6);
    expect(lines.every(({ known, wish }) => known === 'assumed' && wish === 'must')).toBe(true);
  });

  it('of each demonstration department says something of station, street and bridge or ground, with reasons', () => {
    for (const { brief } of DEMONSTRATION) {
      for (const kind of ['crew', 'stations', 'corners', 'changes', 'bridges', 'budget'] as const)
        expect(linesOf(brief, kind).length, kind).toBeGreaterThan(0);
      const lines = BRIEF_KINDS.flatMap((of) => linesOf(brief, of) as unknown as BriefLine[]);
      expect(lines.some(({ why }) => why !== undefined)).toBe(true);
    }
  });

  it('every field of every kind is read by a check or carried into the paper: none has bounds that cross', () => {
    for (const kind of BRIEF_KINDS)
      for (const field of Object.values(BRIEF_FIELDS[kind].fields))
        if (field.kind === 'amount') expect(field.min).toBeLessThan(field.max);
  });
});

it('the demonstration pumper passes door and covered bridge with inches to spare, told each, and fails one gateway', () => {
  const [pumper] = DEMONSTRATION[0]!.builds as [Build];
  const say = (id: string) => inUnits(house.evaluate(pumper).finding(id)!.words, 'us');
  expect(say('doorHeight')).toMatch(/^Station of 1926: 2\.2 in to spare/);
  expect(say('clearHeight')).toMatch(/^Covered bridge: 4\.2 in to spare/);
  expect(say('corner')).toMatch(/^Withy Farm gateway: 6\.\d in short .*Three hundred cows/);
  expect(
    house.evaluate(withBlock(pumper, 'bumper', { partId: 'steel-12' })).finding('corner')!.margin,
  ).toBeGreaterThan(0);
});
