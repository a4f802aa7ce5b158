import { BadInput } from '#core/build';

/** The JSON of a file that a person chose. @throws Error in plain words where it is none. */
export async function jsonOf(file: File): Promise<unknown> {
  try {
    return JSON.parse(await file.text()) as unknown;
  } catch {
    throw new Error(`${file.name} is not JSON: it may be another kind of file, or cut off`);
  }
}

/** What is wrong with an input, in a few lines. */
export const reasons = (error: unknown): string[] =>
  error instanceof BadInput
    ? error.problems.slice(0, 6).map(({ message }) => message)
    : [(error as Error).message];
