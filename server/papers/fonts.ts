import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { GlobalFonts } from '@napi-rs/canvas';
import { openSync } from 'fontkit';
import type { Font } from 'fontkit';

const require = createRequire(import.meta.url);
const fileOf = (name: string, path: string): string =>
  join(dirname(require.resolve(`${name}/package.json`)), path);

const TEXT = {
  normal: fileOf('@expo-google-fonts/barlow', '400Regular/Barlow_400Regular.ttf'),
  bold: fileOf('@expo-google-fonts/barlow', '600SemiBold/Barlow_600SemiBold.ttf'),
};
const HEADS = {
  normal: fileOf('@expo-google-fonts/barlow-condensed', '500Medium/BarlowCondensed_500Medium.ttf'),
  bold: fileOf('@expo-google-fonts/barlow-condensed', '600SemiBold/BarlowCondensed_600SemiBold.ttf'),
};
/** For letters that Barlow does not have. */
const WIDE = 'DejaVu Sans';
const WIDE_FILES = {
  normal: fileOf('dejavu-fonts-ttf', 'ttf/DejaVuSans.ttf'),
  bold: fileOf('dejavu-fonts-ttf', 'ttf/DejaVuSans-Bold.ttf'),
};

/** The fonts that papers are set in; the drawing's figures stand in Barlow too. */
export const FONTS = { Barlow: TEXT, 'Barlow Condensed': HEADS, 'IBM Plex Mono': TEXT, [WIDE]: WIDE_FILES };

/** Every file that a paper may read. */
export const FONT_FILES: ReadonlySet<string> = new Set(
  Object.values(FONTS).flatMap((font) => Object.values(font)),
);

GlobalFonts.registerFromPath(TEXT.normal, 'Barlow');
GlobalFonts.registerFromPath(WIDE_FILES.normal, WIDE);
/** The family that charts are drawn in. */
export const CHART_FONT = `Barlow, "${WIDE}"`;

const text = openSync(TEXT.normal) as Font;
const wide = openSync(WIDE_FILES.normal) as Font;

/** What no font of ours can print. */
const UNKNOWN = '□';

const inText = (letter: string) => letter === '\n' || text.hasGlyphForCodePoint(letter.codePointAt(0)!);

/** A text with what no font of ours has as a box: a missing letter must not break a paper. */
export const printable = (words: string): string =>
  [...words]
    .map((letter) => (inText(letter) || wide.hasGlyphForCodePoint(letter.codePointAt(0)!) ? letter : UNKNOWN))
    .join('');

/** A text in runs that each font can print, word by word: names may be written in any alphabet. */
export function inFonts(words: string): string | { text: string; font?: string }[] {
  const runs: { text: string; font?: string }[] = [];
  for (const word of printable(words).split(/(\s+)/)) {
    const plain = [...word].every(inText);
    const last = runs.at(-1);
    if (last && (last.font === undefined) === plain) last.text += word;
    else runs.push(plain ? { text: word } : { text: word, font: WIDE });
  }
  return runs.length === 1 && runs[0]!.font === undefined ? runs[0]!.text : runs;
}
