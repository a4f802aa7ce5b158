import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Build } from '#core/build';
import { starterBuild } from '#core/demonstration';
import type { BuildView } from '#core/exchange';
import { withTank } from '#core/subjects/tank';
import { Refused, Unreachable } from '../api';
import type { Kept } from './kept';
import { makeSaver, NotSaved, PAUSE_MS, RETRY_MS, savingOf } from './saver';
import type { Saving } from './saver';

const opened = starterBuild('pumper', 'Plain', 'D');
const tank = (gallons: number): Build => withTank(opened, { gallons });
const view = (revision: number, build: Build): BuildView => ({ id: 'b', revision, build }) as BuildView;
const first = view(1, opened);
const fresh = { base: first, build: opened, words: [], theirs: null };

/** A server that takes a save on its newest revision and refuses a stale one; answers can be held or lost. */
function server() {
  const revisions = [first];
  const newest = () => revisions.at(-1)!;
  let held: (() => void)[] = [];
  const so = {
    reachable: true,
    looks: true,
    answerLost: false,
    held: false,
    refuses: null as Refused | null,
  };
  const sent: Kept[] = [];
  return {
    so,
    sent,
    newest,
    /** Somebody else saves. */
    other: (build: Build) => revisions.push(view(newest().revision + 1, build)),
    letGo: () => {
      so.held = false;
      for (const go of held) go();
      held = [];
    },
    look: async () => {
      if (!so.looks) throw new Unreachable('no answer');
      return structuredClone(newest());
    },
    send: async (kept: Kept) => {
      sent.push(kept);
      if (so.held) await new Promise<void>((go) => held.push(go));
      if (!so.reachable) throw new Unreachable('no answer');
      if (so.refuses) throw so.refuses;
      if (kept.base.revision !== newest().revision) throw new Refused(409, 'stale', [], newest().revision);
      revisions.push(view(newest().revision + 1, structuredClone(kept.build)));
      if (so.answerLost) throw new Unreachable('the answer was lost');
      return structuredClone(newest());
    },
  };
}

/** A bench on the server: what it was told, and what its browser keeps. */
function bench(of = server(), start = fresh as Parameters<typeof makeSaver>[0]) {
  const told: Saving[] = [];
  const kept: Kept[] = [];
  const saver = makeSaver(start, {
    send: of.send,
    look: of.look,
    keep: (now) => void kept.push(now),
    told: (saving) => told.push(saving),
    saved: () => {},
  });
  return { saver, server: of, kinds: () => told.map(({ kind }) => kind), last: () => told.at(-1)!, kept };
}
const pause = (ms = PAUSE_MS) => vi.advanceTimersByTimeAsync(ms);

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

describe('saving', () => {
  it('keeps each change at once and sends the last of them after a pause, with the words of all', async () => {
    const { saver, server, kinds, kept } = bench();
    saver.edit(tank(500), 'Water: 500 gal');
    saver.edit(tank(600), 'Water: 600 gal');
    saver.edit(tank(700), 'Water: 600 gal');
    expect(kept.map(({ build }) => build.tank.gallons)).toEqual([500, 600, 700]);
    await pause(PAUSE_MS - 1);
    expect(server.sent).toEqual([]);
    await pause(1);
    expect(server.newest()).toMatchObject({ revision: 2, build: { tank: { gallons: 700 } } });
    expect(server.sent.map(({ words }) => words)).toEqual([['Water: 500 gal', 'Water: 600 gal']]);
    expect(kinds()).toEqual(['saving', 'saved']);
    expect(kept.at(-1)).toMatchObject({ base: { revision: 2 }, words: [] });
  });

  it('sends nothing of a build that was only looked at', async () => {
    const { saver, server, kinds } = bench();
    saver.edit(opened, '');
    saver.leave();
    await pause();
    expect(server.sent).toEqual([]);
    expect(kinds()).toEqual([]);
  });

  it('tells who waits when everything is saved, what was done meanwhile as well', async () => {
    const { saver, server } = bench();
    await saver.whenSaved();
    expect(server.sent).toEqual([]);
    server.so.held = true;
    saver.edit(tank(500), 'Water: 500 gal');
    let saved = false;
    const waiting = saver.whenSaved().then(() => (saved = true));
    await pause(0);
    saver.edit(tank(600), 'Water: 600 gal');
    server.letGo();
    await pause(0);
    expect(saved).toBe(false);
    await pause();
    await waiting;
    expect(server.newest().build.tank.gallons).toBe(600);
  });

  it.each<[string, (of: ReturnType<typeof server>) => void, Saving['kind']]>([
    ['nobody answers', ({ so }) => (so.reachable = false), 'offline'],
    ['it is refused', ({ so }) => (so.refuses = new Refused(422, 'no truck')), 'refused'],
    ['another has saved', (of) => of.other(tank(900)), 'conflict'],
  ])('tells who waits that it is not saved where %s', async (_, trouble, kind) => {
    const { saver, server } = bench();
    trouble(server);
    saver.edit(tank(500), 'Water: 500 gal');
    await expect(saver.whenSaved()).rejects.toMatchObject({ saving: { kind } });
    // Once settled so, whoever asks next is told at once, but for one who may be out of reach no more.
    if (kind !== 'offline') await expect(saver.whenSaved()).rejects.toBeInstanceOf(NotSaved);
  });

  it('sends one at a time; what was done meanwhile goes after it, on the revision that it made', async () => {
    const { saver, server, kinds } = bench();
    server.so.held = true;
    saver.edit(tank(500), 'Water: 500 gal');
    await pause();
    saver.edit(tank(600), 'Water: 600 gal');
    await pause();
    expect(server.sent).toHaveLength(1);
    server.letGo();
    await pause();
    expect(server.sent.map(({ base, words }) => [base.revision, words])).toEqual([
      [1, ['Water: 500 gal']],
      [2, ['Water: 600 gal']],
    ]);
    expect(server.newest().build.tank.gallons).toBe(600);
    expect(kinds().at(-1)).toBe('saved');
  });

  it('tries again, later, where nobody answers or the server is out of order', async () => {
    const { saver, server, kinds } = bench();
    server.so.reachable = false;
    saver.edit(tank(500), 'Water: 500 gal');
    await pause();
    expect(kinds()).toEqual(['saving', 'offline']);
    server.so.reachable = true;
    server.so.refuses = new Refused(503, 'starting');
    await pause(RETRY_MS);
    expect(kinds().at(-1)).toBe('offline');
    server.so.refuses = null;
    await pause(RETRY_MS - 1);
    expect(server.sent).toHaveLength(2);
    await pause(1);
    expect(kinds().at(-1)).toBe('saved');
    expect(server.newest().build.tank.gallons).toBe(500);
  });

  it('sends at once when the page is left', () => {
    const { saver, server } = bench();
    saver.edit(tank(500), 'Water: 500 gal');
    saver.leave();
    expect(server.sent).toHaveLength(1);
  });

  it('sends nothing more of what the server refuses, and says why', async () => {
    const { saver, server, last } = bench();
    server.so.refuses = new Refused(400, 'tank.gallons must be at most 5000');
    saver.edit(tank(500), 'Water: 500 gal');
    await pause();
    expect(last()).toEqual({ kind: 'refused', message: 'tank.gallons must be at most 5000' });
    await pause(RETRY_MS);
    expect(server.sent).toHaveLength(1);
  });
});

describe('a save that comes too late', () => {
  it('is a conflict where another person’s stands there, and stops until that is settled', async () => {
    const { saver, server, last } = bench();
    server.other(tank(900));
    saver.edit(tank(500), 'Water: 500 gal');
    await pause();
    expect(last()).toMatchObject({ kind: 'conflict', base: first, theirs: { revision: 2 } });
    saver.edit(tank(600), 'Water: 600 gal');
    await pause(RETRY_MS);
    expect(server.sent).toHaveLength(1);
    expect(server.newest().build.tank.gallons).toBe(900);
  });

  it('is kept over theirs, or gives way, as the person says', async () => {
    const mine = bench();
    mine.server.other(tank(900));
    mine.saver.edit(tank(500), 'Water: 500 gal');
    await pause();
    mine.saver.adopt(await mine.server.look(), tank(500), 'Mine kept');
    await pause();
    expect(mine.server.newest()).toMatchObject({ revision: 3, build: { tank: { gallons: 500 } } });
    expect(mine.server.sent.at(-1)!.words).toEqual(['Mine kept']);
    expect(mine.last().kind).toBe('saved');

    const theirs = bench();
    theirs.server.other(tank(900));
    theirs.saver.edit(tank(500), 'Water: 500 gal');
    await pause();
    const now = await theirs.server.look();
    theirs.saver.adopt(now, now.build, 'Theirs taken');
    await pause(RETRY_MS);
    expect(theirs.server.newest().revision).toBe(2);
    expect(theirs.last().kind).toBe('saved');
    expect(theirs.kept.at(-1)).toMatchObject({ base: { revision: 2 }, words: [] });
  });

  it('is no conflict where it is our own, of which the answer was lost', async () => {
    const { saver, server, kinds } = bench();
    server.so.answerLost = true;
    saver.edit(tank(500), 'Water: 500 gal');
    await pause();
    expect(kinds().at(-1)).toBe('offline');
    server.so.answerLost = false;
    await pause(RETRY_MS);
    expect(kinds().at(-1)).toBe('saved');
    expect(server.newest().revision).toBe(2);
  });

  it('goes on top of our own earlier one, of which the answer was lost', async () => {
    const { saver, server, kinds } = bench();
    server.so.answerLost = true;
    saver.edit(tank(500), 'Water: 500 gal');
    await pause();
    server.so.answerLost = false;
    saver.edit(tank(600), 'Water: 600 gal');
    await pause(PAUSE_MS);
    await pause(PAUSE_MS);
    expect(kinds()).not.toContain('conflict');
    expect(server.newest()).toMatchObject({ revision: 3, build: { tank: { gallons: 600 } } });
  });

  it('waits where the server can no longer be asked what it has', async () => {
    const { saver, server, kinds } = bench();
    server.other(tank(900));
    server.so.looks = false;
    saver.edit(tank(500), 'Water: 500 gal');
    await pause();
    expect(kinds().at(-1)).toBe('offline');
    server.so.looks = true;
    await pause(RETRY_MS);
    expect(kinds().at(-1)).toBe('conflict');
  });
});

describe('a build that is opened with changes that were never sent', () => {
  it('sends them, where nobody saved meanwhile', async () => {
    const { saver, server: its } = bench(server(), { ...fresh, build: tank(500), words: ['Water: 500 gal'] });
    saver.edit(tank(500), '');
    await pause();
    expect(its.newest().revision).toBe(2);
  });

  it('asks first, where somebody did', async () => {
    const theirs = view(2, tank(900));
    const start = { ...fresh, build: tank(500), words: ['Water: 500 gal'], theirs };
    expect(savingOf(start)).toEqual({ kind: 'conflict', base: first, theirs });
    expect(savingOf(fresh)).toEqual({ kind: 'saved' });
    const { saver, server: its } = bench(server(), start);
    saver.edit(tank(600), 'Water: 600 gal');
    saver.leave();
    await pause(RETRY_MS);
    expect(its.sent).toEqual([]);
  });
});
