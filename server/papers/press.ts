import pdfmake from 'pdfmake';
import type { Build } from '#core/build';
import { paperKind } from '#core/papers';
import { house } from '#core/subjects';
import type { UnitSystem } from '#core/units';
import { FONT_FILES, FONTS } from './fonts.js';
import { documentOf } from './layout.js';
import type { Imprint } from './layout.js';

pdfmake.setFonts(FONTS);
// A paper reads its fonts and nothing else.
pdfmake.setUrlAccessPolicy(() => false);
pdfmake.setLocalAccessPolicy((path: string) => FONT_FILES.has(path));

/** What the press is asked to print. */
export interface PrintOrder {
  /** Which paper. */
  paper: string;
  build: Build;
  imprint: Imprint;
  units: UnitSystem;
}

/**
 * Prints a paper of a build as a PDF. It takes seconds: it runs in a thread of its own, so that nobody's save
 * waits for it.
 */
export default async function printPaper({ paper, build, imprint, units }: PrintOrder): Promise<Uint8Array> {
  const evaluation = house.evaluate(build);
  return pdfmake
    .createPdf(documentOf(paperKind(paper).of(evaluation), evaluation, imprint, units))
    .getBuffer();
}
