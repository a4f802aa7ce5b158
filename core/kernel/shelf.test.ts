import { describe, expect, it } from 'vitest';
import type { Build, PartCopy } from '../build/index.js';
import {
  american,
  americanFigure,
  americanPart,
  linesOfParts,
  partFigure,
  Shelf,
  toggledLine,
} from './index.js';
import type { FigureSource, OwnPart, Part } from './index.js';
import { outdated, withOffered, withOwnPart } from './own-in-build.js';

interface Winch extends Part {
  pullLb: number;
  leastLb: number;
  front: boolean;
  rear: boolean;
  lineFt: number;
}
const winch = (id: string, more: Partial<Winch> = {}): Winch => ({
  id,
  name: `Winch ${id}`,
  weightLb: 100,
  priceCents: 90_000,
  pullLb: 9_000,
  leastLb: 1_000,
  front: true,
  rear: false,
  lineFt: 80,
  ...more,
});
const shelf = new Shelf<Winch>({
  kind: 'winch',
  title: 'Winch',
  shipped: [
    winch('light', { types: ['brush'] }),
    winch('heavy', { weightLb: 150, lineFt: Infinity }),
    winch('plain'),
  ],
  figures: [
    partFigure.weight<Winch>(500),
    partFigure.price<Winch>(),
    partFigure.plain<Winch>('pullLb', 'Pull', 'lb', 1_000, 20_000),
    partFigure.plain<Winch>('leastLb', 'Least', 'lb', 0, 20_000),
    partFigure.within<Winch>(
      'line',
      'Line',
      'ft',
      [10, 200],
      ({ lineFt }) => lineFt,
      (part, lineFt) => (Number.isFinite(part.lineFt) ? { ...part, lineFt } : part),
      { none: 'not stated' },
    ),
    partFigure.yesNo<Winch>(
      'front',
      'In front',
      ({ front }) => front,
      (part, front) => ({ ...part, front: front || !part.rear }),
    ),
    partFigure.yesNo<Winch>(
      'rear',
      'At the rear',
      ({ rear }) => rear,
      (part, rear) => ({ ...part, rear: rear || !part.front }),
    ),
  ],
  ordered: [['leastLb', 'pullLb']],
});
const own = (figures: [string, number, FigureSource?][], more: Partial<OwnPart> = {}): OwnPart => ({
  id: 'ours',
  kind: 'winch',
  likeId: 'plain',
  name: 'Our winch',
  figures: figures.map(([field, value, source = 'brochure']) => ({ field, value, source })),
  ...more,
});
const carrying = (parts: OwnPart[], copies: PartCopy[] = []): Build =>
  ({ parts: { own: parts }, catalogue: { parts: copies } }) as unknown as Build;
const copy = (part: Winch): PartCopy => ({
  kind: 'winch',
  edition: 'old',
  part: part as unknown as PartCopy['part'],
});

describe('what ships', () => {
  it('is found by its id, and what is not there is named', () => {
    expect(shelf.shipped.part('heavy').weightLb).toBe(150);
    expect(shelf.shipped.find('none')).toBeUndefined();
    expect(() => shelf.shipped.part('none')).toThrow('the catalog has no winch "none"');
  });
  it('comes with those first that such trucks usually have, and none is left out', () => {
    const ids = (all: Winch[]) => all.map(({ id }) => id);
    expect(ids(shelf.shipped.all())).toEqual(['light', 'heavy', 'plain']);
    expect(ids(shelf.shipped.suiting('pumper'))).toEqual(['heavy', 'plain']);
    expect(ids(shelf.shipped.usualFirst('pumper'))).toEqual(['heavy', 'plain', 'light']);
    expect(ids(shelf.shipped.usualFirst('brush'))).toEqual(['light', 'heavy', 'plain']);
  });
  it('says its figures in words, and where one is none', () => {
    const says = Object.fromEntries(
      shelf.says(shelf.shipped.part('heavy'), {} as never).map(({ title, words }) => [title, words]),
    );
    expect(says).toMatchObject({ Line: 'not stated', 'In front': 'yes', 'At the rear': 'no', Price: '$900' });
  });
  it('can have parts of a department only where it has figures', () => {
    expect(shelf.ownable).toBe(true);
    expect(new Shelf({ kind: 'bare', title: 'Bare', shipped: [] }).ownable).toBe(false);
  });
});

describe('what a build can choose from', () => {
  it('is what ships, where it carries nothing else', () => {
    expect(shelf.in(carrying([]))).toBe(shelf.shipped);
    expect(shelf.in(carrying([], [copy(winch('plain'))]))).toBe(shelf.shipped);
  });
  it('keeps a part as it was when it was chosen, and one that is gone', () => {
    const stock = shelf.in(carrying([], [copy(winch('plain', { weightLb: 88 })), copy(winch('gone'))]));
    expect(stock.part('plain').weightLb).toBe(88);
    expect(stock.part('gone').name).toBe('Winch gone');
    expect(shelf.shipped.part('plain').weightLb).toBe(100);
  });
  it('has own parts beside them, like what is carried and not like what ships', () => {
    const carried = [copy(winch('plain', { pullLb: 7_777 }))];
    const stock = shelf.in(carrying([own([['weightLb', 120]])], carried));
    expect(stock.part('ours')).toMatchObject({ weightLb: 120, pullLb: 7_777, own: true, name: 'Our winch' });
  });
  it('is made once for the same parts', () => {
    const [ours, copies] = [[own([])], [copy(winch('gone'))]];
    const stock = shelf.in(carrying(ours, copies));
    expect(shelf.in(carrying([ours[0]!], [copies[0]!]))).toBe(stock);
    expect(shelf.in(carrying([own([])], copies))).not.toBe(stock);
  });
  it('leaves out an own part that is like nothing', () => {
    expect(shelf.in(carrying([own([], { likeId: 'none' })])).find('ours')).toBeUndefined();
  });
});

describe('an own part', () => {
  it.each<[string, [string, number, FigureSource?][], string]>([
    ['weighed on a scale', [['weightLb', 120, 'scale']], 'weighed'],
    ['from a plate', [['weightLb', 120, 'plate']], 'catalogued'],
    ['from a drawing', [['weightLb', 120, 'drawing']], 'calculated'],
    ['without a weight of its own', [['pullLb', 5_000, 'scale']], 'estimated'],
  ])('is as sure as the source of its weight: %s', (_, figures, basis) => {
    expect(shelf.resolve(own(figures))!.basis).toBe(basis);
  });
  it('writes what it does not allow after what it does', () => {
    expect(
      shelf.resolve(
        own([
          ['front', 0],
          ['rear', 1],
        ]),
      ),
    ).toMatchObject({ front: false, rear: true });
  });
  it('is taken with figures that can be', () => {
    expect(
      shelf.problemsOf(
        own([
          ['weightLb', 120],
          ['pullLb', 1_000],
          ['leastLb', 1_000],
        ]),
      ),
    ).toEqual([]);
    expect(shelf.problemsOf(own([], { id: 'plain' }))).toEqual([]);
  });
  it.each<[string, OwnPart, string]>([
    [
      'like nothing',
      own([], { likeId: 'none' }),
      'likeId must be a winch that ships with Baros (was "none")',
    ],
    [
      'under the id of another',
      own([], { id: 'heavy' }),
      'id is that of a shipped winch: give it another, or be like "heavy"',
    ],
    [
      'a figure that is not known',
      own([['paint', 1]]),
      'figures.0.field must be one of weightLb, priceCents, pullLb',
    ],
    [
      'a figure beyond belief',
      own([['pullLb', 999]]),
      'figures.0.value must be from 1000 to 20000 for pullLb (was 999)',
    ],
    [
      'and above it',
      own([['pullLb', 20_001]]),
      'figures.0.value must be from 1000 to 20000 for pullLb (was 20001)',
    ],
    ['half a yes', own([['rear', 0.5]]), 'figures.0.value must be 1 for yes or 0 for no for rear (was 0.5)'],
    [
      'a figure twice',
      own([
        ['pullLb', 5_000],
        ['pullLb', 6_000],
      ]),
      'figures.1.field is given twice (was "pullLb")',
    ],
    [
      'one that its like has none of',
      own([['line', 50]], { likeId: 'heavy' }),
      'figures.0.field must be a figure that "heavy" has (was "line")',
    ],
    [
      'neither way',
      own([['front', 0]]),
      'figures.0.value must be 1 for front, or 1 for another: one at least is yes (was 0)',
    ],
    [
      'a least above the most',
      own([['leastLb', 9_500]]),
      'figures must have leastLb no greater than pullLb (was 9500 and 9000)',
    ],
  ])('is refused with %s', (_, part, message) => {
    const [first, ...more] = shelf.problemsOf(part);
    expect(first!.message.startsWith(message), first!.message).toBe(true);
    expect(more).toEqual([]);
  });
});

describe('a copy of a part', () => {
  const problems = (more: Partial<Winch>) =>
    shelf.problemsOfCopy(copy(winch('plain', more)), 'at').map(({ message }) => message);
  it('is taken as it ships, and with other figures', () => {
    expect(problems({})).toEqual([]);
    expect(problems({ pullLb: 8_000 })).toEqual([]);
  });
  it('is refused with figures that no such part has', () => {
    expect(problems({ pullLb: 900 })).toEqual(['at must have pullLb from 1000 to 20000 (was 900)']);
    expect(problems({ weightLb: -1 })).toEqual(['at.weightLb must be more than 0 (was -1)']);
  });
});

describe('own parts in a build', () => {
  const mine = own([['weightLb', 120]]);
  it('are offered beside those that it carries, whose own copy comes first', () => {
    const build = carrying([mine]);
    expect(withOffered(build, [own([['weightLb', 1]])])).toBe(build);
    const others = withOffered(build, [own([], { id: 'other' }), own([], { kind: 'mast' })]).parts.own;
    expect(others.map(({ kind, id }) => `${kind} ${id}`)).toEqual(['winch ours', 'winch other', 'mast ours']);
  });
  it('are put in place of an older copy', () => {
    const newer = own([['weightLb', 130]]);
    expect(
      withOwnPart(carrying([mine, own([], { id: 'other' })]), newer).parts.own.map(({ id, figures }) => [
        id,
        figures.length,
      ]),
    ).toEqual([
      ['other', 0],
      ['ours', 1],
    ]);
  });
  it('are outdated where what they say differs, in whatever order it is said', () => {
    const said = own([
      ['weightLb', 120],
      ['pullLb', 5_000],
    ]);
    const turned = own([
      ['pullLb', 5_000],
      ['weightLb', 120],
    ]);
    expect(outdated(carrying([said]), [turned])).toEqual([]);
    expect(outdated(carrying([mine]), [said])).toEqual([said]);
    expect(outdated(carrying([]), [said])).toEqual([]);
  });
});

describe('files of before', () => {
  it('have American names today', () => {
    expect([
      american('tyre-kit'),
      american('irons'),
      americanFigure('centreZIn'),
      americanFigure('weightLb'),
    ]).toEqual(['tire-kit', 'irons', 'centerZIn', 'weightLb']);
    expect(
      americanPart({
        id: 'fan-petrol',
        likeId: 'x',
        figures: [{ field: 'centreZIn' }, { field: 1 }],
        name: 'n',
      }),
    ).toEqual({
      id: 'fan-gasoline',
      likeId: 'x',
      figures: [{ field: 'centerZIn' }, { field: 1 }],
      name: 'n',
    });
    expect(americanPart({ id: 3, figures: 'none' })).toEqual({ id: 3, figures: 'none' });
  });
  it('have lines of their parts', () => {
    expect(linesOfParts('k', ['irons', 'tyre-kit', 7])).toEqual([
      { id: 'k1', partId: 'irons' },
      { id: 'k2', partId: 'tire-kit' },
      { id: 'k3', partId: 7 },
    ]);
  });
  it('a part is taken into a list or out of it, and the others stay', () => {
    const lines = [
      { id: '1', partId: 'a' },
      { id: '2', partId: 'b' },
      { id: '3', partId: 'a' },
    ];
    expect(toggledLine(lines, 'a', false)).toEqual([lines[1]]);
    expect(toggledLine(lines, 'c', true).map(({ partId }) => partId)).toEqual(['a', 'b', 'a', 'c']);
  });
});
