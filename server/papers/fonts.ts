import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import type { Lettering } from '#pictures';
import { openSync } from 'fontkit';
import type { Font } from 'fontkit';

const require = createRequire(import.meta.url);
/** Barlow whole, with its fractions and signs, as the screens' files do not have it. */
const ours = (name: string): string => require.resolve(`#fonts/${name}.ttf`);
const wideFile = (name: string): string =>
  join(dirname(require.resolve('dejavu-fonts-ttf/package.json')), 'ttf', `${name}.ttf`);

const TEXT = { normal: ours('Barlow-Regular'), bold: ours('Barlow-SemiBold') };
const HEADS = { normal: ours('BarlowCondensed-Medium'), bold: ours('BarlowCondensed-SemiBold') };
/** For letters that Barlow does not have. */
const WIDE = 'DejaVu Sans';
const WIDE_FILES = { normal: wideFile('DejaVuSans'), bold: wideFile('DejaVuSans-Bold') };

/** The fonts that papers are set in; the drawing's figures stand in Barlow too. */
export const FONTS = { Barlow: TEXT, 'Barlow Condensed': HEADS, 'IBM Plex Mono': TEXT, [WIDE]: WIDE_FILES };

/** Every file that a paper may read. */
export const FONT_FILES: ReadonlySet<string> = new Set(
  Object.values(FONTS).flatMap((font) => Object.values(font)),
);

const text = openSync(TEXT.normal) as Font;
const wide = openSync(WIDE_FILES.normal) as Font;

/** What no font of ours can print. */
const UNKNOWN = '□';

const has = (font: Font, letter: string) =>
  letter === '\n' || font.hasGlyphForCodePoint(letter.codePointAt(0)!);

/** Letters of one font: Barlow, where none is named. */
type Run = { text: string; font?: string };

/** A text in runs that each font can print, word by word: names may be written in any alphabet, and what no font of ours has is a box. */
function inRuns(words: string): Run[] {
  const runs: Run[] = [];
  for (const word of words.split(/(\s+)/)) {
    const known = [...word]
      .map((letter) => (has(text, letter) || has(wide, letter) ? letter : UNKNOWN))
      .join('');
    const plain = [...known].every((letter) => has(text, letter));
    const last = runs.at(-1);
    if (last && (last.font === undefined) === plain) last.text += known;
    else runs.push(plain ? { text: known } : { text: known, font: WIDE });
  }
  return runs;
}

/** A text for a paper: itself, or in runs where Barlow does not have all of it. */
export function inFonts(words: string): string | Run[] {
  const runs = inRuns(words);
  return runs.length === 1 && runs[0]!.font === undefined ? runs[0]!.text : runs;
}

/** How the words of a chart are set. */
export const LETTERING: Lettering = {
  font: 'Barlow',
  runs: inRuns,
  widthOf: (words, size) =>
    inRuns(words).reduce((sum, run) => {
      const font = run.font ? wide : text;
      return sum + (font.layout(run.text).advanceWidth / font.unitsPerEm) * size;
    }, 0),
};
