import { describe, expect, it } from 'vitest';
import { Busy, WorkQueue } from './queue.js';

/** A work that ends when it is told to. */
function held() {
  let end!: () => void;
  const done = new Promise<void>((resolve) => (end = resolve));
  let began = false;
  return {
    work: async () => {
      began = true;
      await done;
      return 'done';
    },
    end,
    began: () => began,
  };
}

describe('long work', () => {
  it('of one address waits in a row; that of another does not wait for it', async () => {
    const queue = new WorkQueue();
    const [first, second, other] = [held(), held(), held()];
    const done = [queue.run('a', first.work), queue.run('a', second.work), queue.run('b', other.work)];
    await Promise.resolve();
    expect([first.began(), second.began(), other.began()]).toEqual([true, false, true]);
    expect(queue.waiting).toBe(1);
    other.end();
    expect(await done[2]).toBe('done');
    first.end();
    await done[0];
    second.end();
    expect(await done[1]).toBe('done');
    expect(queue.waiting).toBe(0);
  });

  it('of one address is refused when too much waits, with a time to ask again', async () => {
    const queue = new WorkQueue();
    const first = held();
    const all = [
      queue.run('a', first.work),
      ...Array.from({ length: 12 }, () => queue.run('a', async () => 'done')),
    ];
    const refused = await queue.run('a', async () => 'done').catch((error: unknown) => error);
    expect(refused).toBeInstanceOf(Busy);
    expect(refused).toMatchObject({ retryAfterS: 12, message: expect.stringMatching(/^busy: 12 papers/) });
    expect(await queue.run('b', async () => 'done')).toBe('done');
    first.end();
    expect(await Promise.all(all)).toEqual(Array(13).fill('done'));
  });

  it('is not begun for who is gone', async () => {
    const queue = new WorkQueue();
    const [first, second] = [held(), held()];
    const gone = new AbortController();
    const done = queue.run('a', first.work);
    const dropped = queue.run('a', second.work, gone.signal).catch((error: unknown) => (error as Error).name);
    gone.abort();
    expect(await dropped).toBe('AbortError');
    expect(queue.waiting).toBe(0);
    first.end();
    await done;
    expect(second.began()).toBe(false);
  });

  it('that fails lets the next one have its turn', async () => {
    const queue = new WorkQueue();
    const failed = queue.run('a', async () => Promise.reject(new Error('no'))).catch(() => 'failed');
    expect(await Promise.all([failed, queue.run('a', async () => 'done')])).toEqual(['failed', 'done']);
  });
});
