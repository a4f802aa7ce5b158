import { createStore, get, set } from 'idb-keyval';
import { ask, Unreachable } from './client';

const store = createStore('baros-answers', 'answers');

/**
 * Asks the server, and keeps what it answers; with the server out of reach, what it answered last.
 * @throws Unreachable when nothing answers and nothing is kept, Refused when the answer is an error.
 */
export async function askOrKept<T>(path: string): Promise<T> {
  try {
    const answer = await ask<T>('GET', path);
    void set(path, answer, store).catch(() => undefined);
    return answer;
  } catch (error) {
    const kept = error instanceof Unreachable ? await get<T>(path, store).catch(() => undefined) : undefined;
    if (kept !== undefined) return kept;
    throw error;
  }
}
