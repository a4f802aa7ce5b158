import { describe, expect, it } from 'vitest';
import { kept, withBlock } from '../build/index.js';
import { DEMONSTRATION } from '../demonstration/index.js';
import { each, fromBuild } from '../kernel/index.js';
import { house } from './index.js';

const build = DEMONSTRATION[0]!.builds[0]!;
const [first, ...others] = build.equipment.lines;

describe('what is worked out entry by entry', () => {
  const worked: string[] = [];
  const ids = each(
    'equipment',
    fromBuild(({ equipment }) => equipment.lines),
    ({ id }, seats) => {
      worked.push(id);
      return { id, seats };
    },
    fromBuild(({ cab }) => cab.crew),
  );
  const before = house.evaluate(build);
  const was = before.read(ids);
  const after = (edited: typeof build) => {
    worked.length = 0;
    return before.with(edited).read(ids);
  };

  it('is worked out again for the entry that changed alone', () => {
    const lines = [{ ...first!, count: first!.count + 1 }, ...others];
    const now = after(withBlock(build, 'equipment', { lines }));
    expect(worked).toEqual([first!.id]);
    expect(now.slice(1).every((entry, i) => entry === was[i + 1])).toBe(true);
  });

  it('is the very same list while nothing of it changed', () => {
    expect(after({ ...build, name: 'Another name' })).toBe(was);
    expect(worked).toEqual([]);
  });

  it('is worked out for all where something else that it reads changed', () => {
    expect(after(withBlock(build, 'cab', { crew: 3 })).every(({ seats }) => seats === 3)).toBe(true);
    expect(worked).toHaveLength(build.equipment.lines.length);
  });

  it('is worked out for those that came, and gone for those that went', () => {
    const more = after(
      withBlock(build, 'equipment', { lines: [first!, ...others, { ...first!, id: 'new' }] }),
    );
    expect(worked).toEqual(['new']);
    expect(more.at(-1)!.id).toBe('new');
    expect(after(withBlock(build, 'equipment', { lines: [first!] }))).toEqual([was[0]]);
  });
});

describe('what comes to the same again', () => {
  it('is that of the last time: the whole, or of a list its entries', () => {
    const was = [{ x: 1 }, { x: 2, of: [1, 2] }];
    expect(kept(was, [{ x: 1 }, { of: [1, 2], x: 2 }])).toBe(was);
    const now = kept(was, [{ x: 3 }, { x: 2, of: [1, 2] }]);
    expect(now).toEqual([{ x: 3 }, { x: 2, of: [1, 2] }]);
    expect(now[1]).toBe(was[1]);
    expect(kept(was, [{ x: 1 }])).toEqual([{ x: 1 }]);
    const place = { x: 1, y: undefined };
    expect(kept<object>(place, { x: 1 })).toBe(place);
    expect(kept<object>(place, { x: 2 })).toEqual({ x: 2 });
  });
});
