/** Ids of parts, lines and choices. Nothing is read out of their letters. */
export const ID = /^[a-zA-Z0-9][a-zA-Z0-9.-]{0,63}$/;

/** Ids of lines, and of components, which are named by their subject and line. */
export const LINE_ID = /^[a-zA-Z0-9][a-zA-Z0-9.-]{0,79}$/;

const LETTERS = 'abcdefghijklmnopqrstuvwxyz0123456789';
const LENGTH = 9;

/** An id for a new line: two people who add lines at the same time never give the same one. */
export const freshId = (): string =>
  Array.from(
    crypto.getRandomValues(new Uint8Array(LENGTH)),
    (byte, i) => LETTERS[byte % (i === 0 ? 26 : 36)],
  ).join('');

/** Lines under ids that count up: for data that is written down once and for files that had none. */
export const numbered = <T extends object>(prefix: string, lines: readonly T[]): (T & { id: string })[] =>
  lines.map((line, i) => ({ id: `${prefix}${i + 1}`, ...line }));
