/** Says a step of the work in one line. */
export const say = (text) => process.stderr.write(`baros: ${text}\n`);

/** A failure that a person can act on: told in one line, without a stack. */
export class Plain extends Error {}

/** Runs a script's work; a failure becomes one clear line and exit code 1. */
export async function run(work) {
  try {
    await work();
  } catch (error) {
    say(error instanceof Plain ? error.message : `unexpected: ${error?.stack ?? error}`);
    process.exit(1);
  }
}
