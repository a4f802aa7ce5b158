import { createHash } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { BadInput, copiesIn } from '../../build/index.js';
import type { Build, PartCopy } from '../../build/index.js';
import { mergeBuilds } from '../../compare/index.js';
import { DEMONSTRATION, starterBuild } from '../../demonstration/index.js';
import { withLadder } from '../ladders/index.js';
import { house } from '../index.js';
import { pumpShelf, withPump } from '../pump/index.js';

const plain = starterBuild('pumper', 'Plain', 'D');
const PUMP = plain.pump.partId!;
const gross = (build: Build) => house.measure(build)['gross']!;
const file = (build: Build) => JSON.parse(JSON.stringify(build)) as Build;

/** A build as another edition of the catalog had its pump: this is what a file of that time holds. */
function ofOldEdition(change: Record<string, unknown>, build = plain): Build {
  const catalogue = {
    parts: copiesIn(file(build)).map((copy): PartCopy =>
      copy.kind === 'pump' && copy.part.id === build.pump.partId
        ? { ...copy, edition: '2020-01', part: { ...copy.part, ...change } as PartCopy['part'] }
        : copy,
    ),
  };
  return { ...file(build), catalogue };
}

describe('a build', () => {
  it.each(DEMONSTRATION.flatMap(({ builds }) => builds).map((build) => [build.name, build] as const))(
    '%s carries every part that it names, with all its figures, and no other',
    (_, build) => {
      const named = house.namedParts(build).map(({ kind, id }) => `${kind} ${id}`);
      const copies = copiesIn(build);
      expect(copies.map(({ kind, part }) => `${kind} ${part.id}`).sort()).toEqual([...new Set(named)].sort());
      for (const { kind, edition, part } of copies) {
        expect(edition).toBe(house.edition);
        expect(part).toEqual(house.shelf(kind).shipped.part(part.id));
      }
      expect(house.parse(file(build))).toEqual(file(build));
    },
  );

  it('of an older version is read under the newest catalog', () => {
    const { catalogue: _, ...without } = file(plain);
    expect(copiesIn(house.parse(without))).toEqual(copiesIn(plain));
  });

  it('keeps the figures with which a part was chosen under a later catalog', () => {
    const old = house.parse(ofOldEdition({ weightLb: 3_310, priceCents: 9_000_000 }));
    expect(gross(old) - gross(plain)).toBeCloseTo(3_310 - pumpShelf.shipped.part(PUMP).weightLb, 9);
    expect(house.measure(old)['price']! - house.measure(plain)['price']!).toBe(9_000_000 - 8_800_000);
    // An edit elsewhere leaves it so; it is the one that is offered, and what is not chosen is the newest.
    const edited = house.carrying(withLadder(old, 'roof-16', true));
    expect(pumpShelf.in(edited).part(PUMP).weightLb).toBe(3_310);
    expect(pumpShelf.in(edited).part('pto-1000')).toBe(pumpShelf.shipped.part('pto-1000'));
    expect(copiesIn(edited).find(({ kind }) => kind === 'pump')?.edition).toBe('2020-01');
  });

  it('takes the newest figures of what is chosen anew', () => {
    const old = house.parse(ofOldEdition({ weightLb: 3_310 }));
    const other = house.carrying(withPump(old, 'pto-1000'));
    const back = house.carrying(withPump(other, PUMP));
    expect(gross(back)).toBeCloseTo(gross(plain), 9);
    expect(copiesIn(back).find(({ kind }) => kind === 'pump')?.edition).toBe(house.edition);
  });

  it('keeps a part that the catalog no longer has', () => {
    const gone = ofOldEdition({ id: 'gone', name: 'Gone', weightLb: 3_310 });
    const build = house.parse({ ...gone, pump: { ...gone.pump, partId: 'gone' } });
    expect(house.evaluate(build).findings.filter(({ status }) => status === 'fails')).toEqual([]);
    expect(gross(build) - gross(plain)).toBeCloseTo(260, 9);
    const without = { ...file(build), catalogue: { parts: [] } };
    expect(() => house.parse(without)).toThrow(/pump.partId must be a pump of the catalog \(was "gone"/);
  });

  it('keeps what an own part is like', () => {
    const own = { id: 'ours', kind: 'pump', likeId: PUMP, name: 'Ours', figures: [] };
    const chosen = house.carrying(withPump(house.withOffered(plain, [own]), 'ours'));
    const old = house.parse({
      ...file(chosen),
      catalogue: {
        parts: copiesIn(file(chosen)).map((copy) =>
          copy.part.id === PUMP ? { ...copy, part: { ...copy.part, weightLb: 3_310 } } : copy,
        ),
      },
    });
    expect(pumpShelf.in(old).part('ours').weightLb).toBe(3_310);
  });

  it('does nothing where it carries what it names already', () => {
    expect(house.carrying(plain)).toBe(plain);
    const renamed = { ...plain, name: 'Other' };
    expect(house.carrying(renamed)).toBe(renamed);
  });

  it('merged of two takes the figures along with what was chosen', () => {
    const base = house.parse(file(plain));
    const mine = ofOldEdition({ weightLb: 3_310 }, house.carrying(withPump(base, 'midship-1500-side')));
    const theirs = house.carrying(withLadder(base, 'roof-16', true));
    const { build, collisions } = mergeBuilds(base, mine, theirs);
    expect(collisions).toEqual([]);
    expect(pumpShelf.in(build!).part('midship-1500-side').weightLb).toBe(3_310);
    expect(build!.ladders.lines.some(({ partId }) => partId === 'roof-16')).toBe(true);
    expect(house.carrying(build!)).toBe(build);
  });
});

describe('a copy of a part is refused', () => {
  const refusal = (build: unknown): string => {
    try {
      house.parse(build);
      return 'taken';
    } catch (error) {
      if (!(error instanceof BadInput)) throw error;
      return error.problems.map(({ message }) => message).join('; ');
    }
  };
  const at = copiesIn(plain).findIndex(({ kind }) => kind === 'pump');

  it.each<[string, Record<string, unknown>, RegExp]>([
    ['without a figure', { weightLb: undefined }, /part\.weightLb must be there/],
    ['with a text for a figure', { weightLb: '3050' }, /part\.weightLb must be what parts of this kind have/],
    ['with a weight below nothing', { weightLb: -1 }, /part\.weightLb must be more than 0 \(was -1\)/],
    ['with a weight that is no figure', { weightLb: NaN }, /part\.weightLb must be/],
    ['heavier than any', { weightLb: 1e9 }, /part\.weightLb must be at most \d+/],
    ['with a field of none', { wings: 2 }, /part\.wings is not known; a part of this kind has/],
    ['with a list for an object', { weightLb: [] }, /part\.weightLb must be what/],
    [
      'of a meaning that nothing reads',
      { panel: 'roof' },
      /part\.panel must be one of side, top, skid \(was "roof"\)/,
    ],
    ['without a name', { name: '' }, /part\.name must have 1 to 200 characters/],
  ])('%s', (_, change, message) => {
    expect(refusal(ofOldEdition(change))).toMatch(
      new RegExp(`catalogue\\.parts\\.${at}\\.${message.source}`),
    );
  });

  it('of no kind, there twice, or as something else', () => {
    const parts = copiesIn(file(plain));
    const carrying = (copies: unknown) => refusal({ ...file(plain), catalogue: { parts: copies } });
    expect(carrying([{ ...parts[0], kind: 'wings' }])).toMatch(
      /catalogue\.parts\.0\.kind must be one of .*pump/,
    );
    expect(carrying([...parts, parts[0]])).toMatch(/part\.id is there twice/);
    expect(carrying([{ ...parts[0], part: [] }])).toMatch(/part must be an object/);
    expect(carrying([{ ...parts[0], part: null }])).toMatch(/part must be an object/);
    expect(carrying({})).toMatch(/catalogue\.parts must be a list/);
    expect(carrying([{ ...parts[0], edition: '' }])).toMatch(/edition must have 1 to 20 characters/);
  });
});

describe('the catalog', () => {
  it('says nothing that a file would lose', () => {
    for (const { kind, shipped } of house.shelves)
      for (const part of shipped.all())
        expect(JSON.parse(JSON.stringify(part)), `${kind} ${part.id}`).toStrictEqual(part);
  });

  it('has another edition whenever a figure of it is another', () => {
    const all = house.shelves.map(({ kind, shipped }) => [kind, shipped.all()]);
    const hash = createHash('sha256').update(JSON.stringify(all)).digest('hex').slice(0, 12);
    const EDITIONS: Record<string, string> = {
      '2026-11': 'f3f1f0d5ce32',
      '2026-12': 'b9fb09314297',
      '2027-01': 'dc8adafd9f37',
      '2027-02': '3ae2ebdbd94f',
      '2027-03': 'fcbf0838f5ec',
      '2027-04': '6b1a098b1441',
      '2027-05': '68d620a49cb2',
      '2027-06': '4b96bce0a128',
    };
    expect(EDITIONS[house.edition]).toBe(hash);
  });
});
