import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { starterBuild } from '#core/demonstration';
import type { Kept } from './kept';

const kept = vi.hoisted(() => [] as unknown[]);
vi.mock('idb-keyval', () => ({
  createStore: () => ({}),
  set: async (_id: string, value: unknown) => void kept.push(value),
}));

const { keeper } = await import('./kept');

const frames: (() => void)[] = [];
const paint = () => frames.splice(0).forEach((frame) => frame());
const edit = (words: string): Kept => ({
  base: { id: 'b' } as Kept['base'],
  build: starterBuild('pumper', words, 'D'),
  words: [words],
});

beforeEach(() => {
  vi.useFakeTimers();
  kept.length = 0;
  vi.stubGlobal('requestAnimationFrame', (frame: () => void) => frames.push(frame));
  vi.stubGlobal('cancelAnimationFrame', (of: number) => (frames[of - 1] = () => {}));
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

it('keeps the last of several edits with the next frame', () => {
  const { keep } = keeper();
  const last = edit('second');
  keep(edit('first'));
  keep(last);
  expect(kept).toEqual([]);
  paint();
  vi.runAllTimers();
  expect(kept).toEqual([last]);
});

it('keeps at once what waits when the screen is left, and nothing twice', () => {
  const { keep, flush } = keeper();
  flush();
  expect(kept).toEqual([]);
  const last = edit('only');
  keep(last);
  flush();
  paint();
  vi.runAllTimers();
  flush();
  expect(kept).toEqual([last]);
});

it('keeps it on a screen that nobody looks at, and that is not painted', () => {
  const { keep } = keeper();
  const last = edit('behind');
  keep(last);
  vi.runAllTimers();
  expect(kept).toEqual([last]);
});
