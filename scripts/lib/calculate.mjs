/**
 * What the command `calc` answers to its words: a JSON object in one line, or one line of why not. `core` gives
 * the calculations and the reader of JSON, `textOf` a file's text, of `-` what stands on standard input.
 * @returns {{ result: string } | { refused: string }}
 */
export function calculated(words, { CALCULATIONS, readJson }, textOf) {
  const [name, file, ...more] = words;
  const names = Object.keys(CALCULATIONS).join(', ');
  const refuse = (message) => ({ refused: message.replaceAll('\n', ' ') });
  if (!name || !file || more.length)
    return refuse(
      `usage: npm run -s calc -- NAME FILE, with NAME one of ${names}, and FILE a path or - for standard input`,
    );
  if (!Object.hasOwn(CALCULATIONS, name)) return refuse(`NAME must be one of ${names} (was "${name}")`);
  let text;
  try {
    text = textOf(file);
  } catch (error) {
    return refuse(`FILE cannot be read: ${error.message}`);
  }
  let input;
  try {
    input = readJson(text);
  } catch (error) {
    return refuse(`FILE must hold one JSON object: ${error.message}`);
  }
  try {
    return { result: JSON.stringify(CALCULATIONS[name](input)) };
  } catch (error) {
    if (error.name !== 'BadInput') throw error;
    return refuse(error.message);
  }
}
