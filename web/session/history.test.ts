import { describe, expect, it } from 'vitest';
import { starterBuild } from '#core/demonstration';
import { withTank } from '#core/subjects/tank';
import { begin, reduce } from './history';
import type { Change } from './history';

const opened = starterBuild('pumper', 'Plain', 'D');
const tank = (gallons: number, control?: string): Change => ({
  build: withTank(opened, { gallons }),
  words: `Water: ${gallons} gal`,
  ...(control ? { control } : {}),
});
const gallons = (history: ReturnType<typeof begin>) => history.now.build.tank.gallons;

describe('undo and redo', () => {
  it('go back and forth through every change', () => {
    let history = [500, 600, 700].reduce(
      (h, g) => reduce(h, { kind: 'change', change: tank(g) }),
      begin(opened),
    );
    const seen = [gallons(history)];
    for (let i = 0; i < 4; i++) {
      history = reduce(history, { kind: 'undo' });
      seen.push(gallons(history));
    }
    for (let i = 0; i < 4; i++) {
      history = reduce(history, { kind: 'redo' });
      seen.push(gallons(history));
    }
    expect(seen).toEqual([700, 600, 500, 750, 750, 500, 600, 700, 700]);
  });

  it('end where a new change is made', () => {
    let history = reduce(begin(opened), { kind: 'change', change: tank(500) });
    history = reduce(reduce(history, { kind: 'undo' }), { kind: 'change', change: tank(900) });
    expect(reduce(history, { kind: 'redo' })).toBe(history);
    expect(gallons(reduce(history, { kind: 'undo' }))).toBe(750);
  });

  it('take the pull of a slider as one, until it is let go', () => {
    let history = [510, 520, 530].reduce(
      (h, g) => reduce(h, { kind: 'change', change: tank(g, 'gallons') }),
      begin(opened),
    );
    expect(history.past).toHaveLength(1);
    expect(history.before).toBe(opened);
    history = reduce(history, { kind: 'settle' });
    history = reduce(history, { kind: 'change', change: tank(540, 'gallons') });
    expect(history.past).toHaveLength(2);
    expect(gallons(reduce(history, { kind: 'undo' }))).toBe(530);
  });

  it('say what they did, and what there was before for the ghost', () => {
    const changed = reduce(begin(opened), { kind: 'change', change: tank(500) });
    const undone = reduce(changed, { kind: 'undo' });
    expect([changed.did, undone.did, reduce(undone, { kind: 'redo' }).did]).toEqual([
      'Water: 500 gal',
      'Undid: Water: 500 gal',
      'Redid: Water: 500 gal',
    ]);
    expect(undone.before?.tank.gallons).toBe(500);
    expect(undone.step).toBe(2);
  });
});
