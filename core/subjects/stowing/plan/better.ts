import { costOf, take } from './state.js';
import type { State } from './state.js';
import type { Option } from './problem.js';

/** A state as it was, whatever is tried on it since. */
const keeping = (state: State) => {
  const [taken, filled] = [new Map(state.taken), new Map(state.filled)];
  return () => {
    state.taken = new Map(taken);
    state.filled = new Map(filled);
  };
};

/** Numbers from 0 to 1 as if by chance, and the same ones each time. */
function chances(): () => number {
  let state = 1;
  return () => {
    state = (state * 48_271) % 2_147_483_647;
    return state / 2_147_483_647;
  };
}

/** What is still left out is put where it costs least; and what costs less elsewhere moves there. */
export function improve(state: State, options: readonly Option[][]): void {
  for (let again = true; again;) {
    again = false;
    for (const [item, mine] of options.entries()) {
      const now = state.taken.get(item);
      const before = costOf(state);
      const back = keeping(state);
      for (const option of mine) {
        if (option === now) break;
        if (!take(state, option)) continue;
        if (!now || costOf(state) < before - 1e-6) {
          again = true;
          break;
        }
        back();
      }
    }
  }
}

/** So many places are cleared at a time, and so often in vain before no more are. */
const CLEARED = 3;
const IN_VAIN = 300;
/** What is laid back is laid largest first, give or take so much of its size. */
const GIVE = 0.5;

/**
 * A few surfaces are cleared, and what lay there is laid back in another order, a line that is left out before it: where
 * that costs less it stays so. Again and again, until it has been in vain for long.
 */
export function relaid(state: State, options: readonly Option[][], until: () => boolean): void {
  const { problem } = state;
  const chance = chances();
  const oneOf = <T>(all: readonly T[]): T | undefined => all[Math.floor(chance() * all.length)];
  for (let vain = 0; vain < IN_VAIN && !until(); vain++) {
    const before = costOf(state);
    const back = keeping(state);
    const left = problem.items.flatMap((_, i) => (state.taken.has(i) || options[i]!.length === 0 ? [] : [i]));
    const first = oneOf(left) ?? Math.floor(chance() * problem.items.length);
    const cleared = new Set([oneOf(options[first]!)?.place ?? 0]);
    while (cleared.size < Math.min(CLEARED, problem.places.length))
      cleared.add(Math.floor(chance() * problem.places.length));
    const out = [...state.taken.values()].filter(({ place }) => cleared.has(place));
    for (const { item } of out) state.taken.delete(item);
    for (const place of cleared) state.filled.delete(place);
    const order = [...new Set([...left, ...out.map(({ item }) => item)])]
      .map((item) => ({
        item,
        by: (left.includes(item) ? 10 : 1) * problem.items[item]!.roomFt3 * (1 + GIVE * (chance() - 0.5)),
      }))
      .sort((a, b) => b.by - a.by);
    for (const { item } of order) options[item]!.some((option) => take(state, option));
    if (costOf(state) < before - 1e-6) vain = 0;
    else back();
  }
}
