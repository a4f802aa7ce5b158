import { freshId } from '../build/index.js';
import { american } from './own-part.js';

/** A list with one line of a part more, or without any line of it; the others stay in their order. */
export const toggledLine = <T extends { id: string; partId: string }>(
  lines: readonly T[],
  partId: string,
  on: boolean,
): T[] => {
  const others = lines.filter((line) => line.partId !== partId);
  return on ? [...others, { id: freshId(), partId } as T] : others;
};

/** The lines of a file of version 2, which named parts only. */
export const linesOfParts = (prefix: string, ids: readonly unknown[]) =>
  ids.map(
    (id, i) =>
      ({ id: `${prefix}${i + 1}`, partId: typeof id === 'string' ? american(id) : id }) as {
        id: string;
        partId: string;
      },
  );
