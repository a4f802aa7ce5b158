import { describe, expect, it } from 'vitest';
import type { OwnPart, Part } from '../kernel/index.js';
import { house } from '../subjects/index.js';
import { UNIT_SYSTEMS } from '../units/index.js';
import { partsCsv, problemsOfPart, readPartsCsv } from './index.js';

/** One of every kind, with every figure that it may have, as its shipped one has it. */
const everyKind: OwnPart[] = house.shelves
  .filter(({ ownable }) => ownable)
  .map(({ kind, shipped, figures: fields }) => {
    const like = shipped.all()[0]! as Part;
    return {
      id: `own-${kind}`,
      kind,
      likeId: like.id,
      name: `Our ${kind}, "real"`,
      // What this one does not have is not given.
      figures: fields
        .filter(({ read }) => Number.isFinite(read(like)))
        .map(({ id, read }) => ({ field: id, value: read(like), source: 'plate' as const })),
    };
  });

describe('own parts as CSV', () => {
  it.each(everyKind.map((part) => [part.kind, part] as const))(
    '%s: the figures of the shipped one are believable in its form',
    (_, part) => {
      expect(problemsOfPart(part)).toEqual([]);
      expect(house.shelf(part.kind).resolve(part)).toMatchObject({
        id: part.id,
        name: part.name,
        own: true,
        // What isn't weighed with the truck has no basis of a weight.
        ...(part.kind === 'nozzle'
          ? {}
          : { basis: part.kind === 'body' || part.figures.length ? 'catalogued' : 'estimated' }),
      });
    },
  );

  it.each(UNIT_SYSTEMS)('go out in %s and come in again', (system) => {
    const { parts, refused } = readPartsCsv(
      partsCsv(
        [...everyKind, { id: 'bare', kind: 'pump', likeId: 'pto-1000', name: 'Bare', figures: [] }],
        system,
      ),
    );
    expect(refused).toEqual([]);
    expect(parts.map(({ id, name, kind, likeId }) => [id, name, kind, likeId])).toEqual([
      ...everyKind.map(({ id, name, kind, likeId }) => [id, name, kind, likeId]),
      ['bare', 'Bare', 'pump', 'pto-1000'],
    ]);
    parts.slice(0, -1).forEach((part, i) =>
      part.figures.forEach((figure, f) => {
        expect(figure).toMatchObject({ field: everyKind[i]!.figures[f]!.field, source: 'plate' });
        expect(figure.value).toBeCloseTo(everyKind[i]!.figures[f]!.value, 6);
      }),
    );
  });

  const HEAD = 'kind,id,like,name,figure,value,unit,source\n';
  it.each<[string, string, RegExp]>([
    ['no header', 'pump,x\n', /header row must have kind, id, like, name/],
    ['a kind that is none', `${HEAD}boat,x,y,Boat,,,,\n`, /kind must be one of/],
    ['a figure that is none', `${HEAD}pump,x,pto-1000,X,paint,3,,plate\n`, /figure must be one of weightLb/],
    [
      'a value that is none',
      `${HEAD}pump,x,pto-1000,X,weightLb,heavy,lb,plate\n`,
      /value must be a number \(was "heavy"\)/,
    ],
    [
      'a unit of something else',
      `${HEAD}pump,x,pto-1000,X,weightLb,3000,gal,plate\n`,
      /unit of weightLb must be one of lb, kg/,
    ],
    ['a source that is none', `${HEAD}pump,x,pto-1000,X,weightLb,3000,lb,rumor\n`, /source must be one of/],
    ['a value beyond belief', `${HEAD}pump,x,pto-1000,X,weightLb,90000,lb,plate\n`, /must be from 0 to 9000/],
    [
      'two names for one part',
      `${HEAD}pump,x,pto-1000,X,weightLb,3000,lb,plate\npump,x,pto-1000,Y,ratedGpm,900,gpm,plate\n`,
      /must have one name/,
    ],
    [
      'one that is like nothing',
      `${HEAD}pump,x,moon,X,weightLb,3000,lb,plate\n`,
      /likeId must be a pump that ships/,
    ],
    [
      'a figure twice',
      `${HEAD}pump,x,pto-1000,X,weightLb,3000,lb,plate\npump,x,pto-1000,X,weightLb,3100,lb,plate\n`,
      /is given twice/,
    ],
  ])('refuse %s, and leave the whole part out', (_, text, reason) => {
    const { parts, refused } = readPartsCsv(`${text}`);
    expect(refused.map((r) => r.reason).join('\n')).toMatch(reason);
    expect(parts).toEqual([]);
  });

  it('the good parts beside a bad one are read', () => {
    const { parts, refused } = readPartsCsv(
      `${HEAD}pump,a,pto-1000,A,weightLb,2300,lb,scale\npump,b,pto-1000,B,weightLb,heavy,lb,plate\nladder,c,roof-14,C,weightLb,16,kg,scale\n`,
    );
    expect(parts.map(({ id }) => id)).toEqual(['a', 'c']);
    expect(parts[1]!.figures[0]!.value).toBeCloseTo(16 / 0.45359237, 9);
    expect(refused).toMatchObject([{ line: 3 }]);
  });
});
