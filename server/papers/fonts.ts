import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { GlobalFonts } from '@napi-rs/canvas';
import { openSync } from 'fontkit';
import type { Font } from 'fontkit';

const require = createRequire(import.meta.url);
const fileOf = (name: string, path: string): string => join(dirname(require.resolve(`${name}/package.json`)), path);
const barlow = (weight: number) => fileOf('@fontsource/barlow', `files/barlow-latin-${weight}-normal.woff`);
const condensed = (weight: number) => fileOf('@fontsource/barlow-condensed', `files/barlow-condensed-latin-${weight}-normal.woff`);

const TEXT = { normal: barlow(400), bold: barlow(600) };
const WIDE = { normal: fileOf('dejavu-fonts-ttf', 'ttf/DejaVuSans.ttf'), bold: fileOf('dejavu-fonts-ttf', 'ttf/DejaVuSans-Bold.ttf') };

/** The fonts that papers are set in; the drawing's figures stand in Barlow too. */
export const FONTS = { Barlow: TEXT, 'Barlow Condensed': { normal: condensed(500), bold: condensed(600) }, 'IBM Plex Mono': TEXT, Wide: WIDE };

/** Every file that a paper may read. */
export const FONT_FILES: ReadonlySet<string> = new Set(Object.values(FONTS).flatMap((font) => Object.values(font)));

const CHART_FONTS = ['Paper', 'Paper wide'];
GlobalFonts.registerFromPath(TEXT.normal, CHART_FONTS[0]);
GlobalFonts.registerFromPath(WIDE.normal, CHART_FONTS[1]);
/** The family that charts are drawn in. */
export const CHART_FONT = CHART_FONTS.map((name) => `"${name}"`).join(', ');

const text = openSync(TEXT.normal) as Font;
const wide = openSync(WIDE.normal) as Font;

/** What no font of ours can print. */
const UNKNOWN = '□';

/** A text in runs that each font can print: names may be written in any alphabet, and a missing letter must not break a paper. */
export function inFonts(words: string): string | { text: string; font?: 'Wide' }[] {
  const runs: { text: string; font?: 'Wide' }[] = [];
  for (const letter of words) {
    const code = letter.codePointAt(0)!;
    const plain = code === 10 || text.hasGlyphForCodePoint(code);
    const shown = plain || wide.hasGlyphForCodePoint(code) ? letter : UNKNOWN;
    const last = runs.at(-1);
    if (last && (last.font === undefined) === plain) last.text += shown;
    else runs.push(plain ? { text: shown } : { text: shown, font: 'Wide' });
  }
  return runs.length === 1 && runs[0]!.font === undefined ? runs[0]!.text : runs;
}
