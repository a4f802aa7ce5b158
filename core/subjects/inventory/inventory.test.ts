import { describe, expect, it } from 'vitest';
import type { Build } from '../../build/index.js';
import { starterBuild } from '../../demonstration/index.js';
import { hoseCsv, readHoseCsv } from '../../exchange/index.js';
import { bedded, loadsIn, withSection, withSections } from '../hose/index.js';
import type { HoseSection } from '../hose/index.js';
import { house } from '../index.js';
import { byKind, byLoad, kindsTable, loadsTable, testState, withPlannedListed } from './index.js';

const plain = starterBuild('pumper', 'Plain', 'D');
const day = (text: string) => new Date(`${text}T12:00:00Z`);
const TODAY = day('2026-11-27');
const section = (id: string, said: Partial<HoseSection> = {}): HoseSection => ({
  id,
  partId: 'attack-1.75',
  lengthFt: 50,
  ...said,
});
const crosslay = loadsIn(plain, 'crosslay-1')[0]!.id;
let count = 0;
const listed = withPlannedListed(plain, () => `s${++count}`);

describe('a section of hose', () => {
  it.each<[string, Partial<HoseSection>, string]>([
    ['without a test', {}, 'never'],
    ['with a day and no result', { testedOn: '2026-05-01' }, 'never'],
    ['tested within the year', { testedOn: '2025-11-28', result: 'passed' }, 'passed'],
    ['tested a year ago to the day', { testedOn: '2025-11-27', result: 'passed' }, 'due'],
    ['that failed, whenever', { testedOn: '2020-01-01', result: 'failed' }, 'failed'],
  ])('%s', (_, said, state) => expect(testState(section('x', said), TODAY)).toBe(state));

  it.each([['2026-02-30'], ['2026-1-1x'], ['30.04.2026']])('is refused with a test on %s', (testedOn) => {
    const file = JSON.parse(JSON.stringify(withSections(plain, [section('x', { testedOn })])));
    expect(() => house.parse(file)).toThrow(/hose\.sections\.0\.testedOn must/);
  });
});

describe('the list', () => {
  it('begins from what loads are planned with, section by section', () => {
    // 200 ft of 1¾ in twice, 800 ft of 5 in and 400 ft of 2½ in, in sections of 50, 100 and 50 ft.
    expect(byKind(listed, TODAY).map(({ partId, sections, feet }) => [partId, sections, feet])).toEqual([
      ['attack-1.75', 8, 400],
      ['attack-2.5', 8, 400],
      ['supply-5', 8, 800],
    ]);
    expect(byLoad(listed).every(({ plannedFt, listedFt }) => plannedFt === listedFt)).toBe(true);
    expect(withPlannedListed(listed)).toEqual(listed);
  });

  it('a section that failed leaves its load: feet, weight and line', () => {
    const one = listed.hose.sections!.find(({ loadId }) => loadId === crosslay)!;
    const failed = withSection(listed, one.id, { ...one, result: 'failed' });
    const load = (build: Build) =>
      house
        .evaluate(build)
        .read(bedded)
        .find(({ id }) => id === crosslay)!;
    expect([load(listed).lengthFt, load(failed).lengthFt]).toEqual([200, 150]);
    expect(house.measure(listed)['gross']! - house.measure(failed)['gross']!).toBeCloseTo(50 * 0.34, 6);
    const row = loadsTable(failed).rows.find(({ id }) => id === crosslay)!;
    expect(row.cells.slice(1)).toEqual(['{200 ft}', '{200 ft}', '{50 ft}', '{150 ft}', '1 section']);
    expect(kindsTable(failed, TODAY).rows[0]!.cells.at(-1)).toBe('1');
  });

  it('what is left to find is counted in whole sections', () => {
    // Half a section short of 200 ft: a section more is wanted.
    const short = withSection(listed, listed.hose.sections!.find(({ loadId }) => loadId === crosslay)!.id, {
      ...listed.hose.sections!.find(({ loadId }) => loadId === crosslay)!,
      lengthFt: 25,
    });
    const row = loadsTable(short).rows.find(({ id }) => id === crosslay)!;
    expect([row.cells[2], row.cells.at(-1)]).toEqual(['{175 ft}', '1 section']);
  });

  it('lets go of a load that is no more', () => {
    const { loads } = listed.hose;
    const without = house.settle({
      ...listed,
      hose: { ...listed.hose, loads: loads.filter(({ id }) => id !== crosslay) },
    });
    expect(without.hose.sections!.filter(({ loadId }) => loadId === undefined).length).toBe(4);
  });
});

describe('its CSV', () => {
  const full = withSection(listed, 's1', {
    ...listed.hose.sections![0]!,
    mark: '=17',
    couplings: 'quarterTurn',
    madeIn: 2019,
    testedOn: '2026-04-30',
    result: 'passed',
  });
  const bare = ({ hose }: Build) => hose.sections!.map(({ id: _id, ...rest }) => rest);

  it.each(['us', 'metric', 'canada'] as const)('goes out and comes in again as it was, in %s', (system) => {
    const { build, problems, sections } = readHoseCsv(plain, hoseCsv(full, system), system);
    expect([problems, sections]).toEqual([[], 24]);
    expect(bare(build)).toEqual(bare(full));
  });

  it.each<[string, string, RegExp]>([
    ['without its heads', 'a,b\n1,2', /must name the columns hose and length/],
    ['in another unit', 'hose,length (m)\n1¾ in attack,15', /length is in m; lengths here are in ft/],
    ['with hose that nobody knows', 'hose,length\nlong stuff,50', /Line 2: hose must be the name of a hose/],
    [
      'with a length that is none',
      'hose,length\n1¾ in attack,abc',
      /Line 2: length must be a number from 5 to 200/,
    ],
    ['with no day', 'hose,length,tested on\n1¾ in attack,50,May 3', /Line 2: tested on must be a day/],
    [
      'with another result',
      'hose,length,result\n1¾ in attack,50,fine',
      /Line 2: result must be passed or failed/,
    ],
    [
      'with a bed that is not there',
      'hose,length,lies in\n1¾ in attack,50,attic',
      /Line 2: lies in must be a load/,
    ],
    ['with a year that is none', 'hose,length,made in\n1¾ in attack,50,19', /Line 2: made in must be a year/],
  ])('is refused %s, and nothing is taken', (_, text, message) => {
    const { build, problems } = readHoseCsv(full, text, 'us');
    expect(build).toBe(full);
    expect(problems.join('\n')).toMatch(message);
  });
});
