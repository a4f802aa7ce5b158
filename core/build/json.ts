import { BadInput } from './problem.js';
import type { Problem } from './problem.js';

/** No input of ours is deeper than a dozen levels. */
export const DEEPEST = 20;

export const TOO_DEEP: Problem = {
  field: '',
  message: `the input must not be nested more than ${DEEPEST} levels deep`,
};

/** Whether a JSON text has more brackets open at once than any input of ours. */
function tooDeep(text: string): boolean {
  let depth = 0;
  let quoted = false;
  for (let i = 0; i < text.length; i++) {
    const letter = text.charCodeAt(i);
    if (quoted) {
      if (letter === 92 /* \ */) i++;
      else if (letter === 34 /* " */) quoted = false;
    } else if (letter === 34) quoted = true;
    else if (letter === 123 /* { */ || letter === 91 /* [ */) {
      if (++depth > DEEPEST) return true;
    } else if (letter === 125 /* } */ || letter === 93 /* ] */) depth--;
  }
  return false;
}

/**
 * Reads JSON text that comes from outside.
 * @throws BadInput where it is nested deeper than any input of ours, or is no JSON.
 */
export function readJson(text: string): unknown {
  if (tooDeep(text)) throw new BadInput([TOO_DEEP]);
  try {
    return JSON.parse(text) as unknown;
  } catch (error) {
    throw new BadInput([{ field: '', message: `the input must be JSON: ${(error as Error).message}` }]);
  }
}
