/** What the core gives the command. */
interface Core {
  CALCULATIONS: object;
  readJson: (text: string) => unknown;
}
export function calculated(
  words: readonly string[],
  core: Core,
  textOf: (file: string) => string,
): { result: string; refused?: undefined } | { refused: string; result?: undefined };
