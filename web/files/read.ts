import { BadInput, fieldTitle } from '#core/build';
import type { Problem } from '#core/build';
import { house } from '#core/subjects';

/** The JSON of a file that a person chose. @throws Error in plain words where it is none. */
export async function jsonOf(file: File): Promise<unknown> {
  try {
    return JSON.parse(await file.text()) as unknown;
  } catch {
    throw new Error(`${file.name} is not JSON: it may be another kind of file, or cut off`);
  }
}

/** A problem with what a person calls its field, where a build has it. */
function inTitles({ field, message }: Problem): string {
  const title = fieldTitle(house.blocks, field);
  return title ? `${title}: ${message}` : message;
}

/** What is wrong with an input, in a few lines. */
export const reasons = (error: unknown): string[] =>
  error instanceof BadInput ? error.problems.slice(0, 6).map(inTitles) : [(error as Error).message];
