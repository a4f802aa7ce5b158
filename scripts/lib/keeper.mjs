import { Plain, say } from './say.mjs';

/** More often than this within the time, and it is no accident. */
const MOST = 5;
const WITHIN_MS = 10 * 60_000;

/** Counts how often something had to be started again. */
export function keeper(what) {
  let times = [];
  return {
    /** @throws Plain when it stopped too often for another try to help. */
    again() {
      const now = Date.now();
      times = [...times.filter((at) => now - at < WITHIN_MS), now];
      if (times.length > MOST)
        throw new Plain(
          `${what} stopped by itself ${times.length} times within ten minutes; its messages are above.`,
        );
      say(`${what} stopped by itself; starting it again (${times.length} of at most ${MOST})`);
    },
  };
}
