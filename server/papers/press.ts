import pdfmake from 'pdfmake';
import type { TDocumentDefinitions } from 'pdfmake/interfaces.js';
import type { Build } from '#core/build';
import { paperKind } from '#core/papers';
import { house } from '#core/subjects';
import type { UnitSystem } from '#core/units';
import { FONT_FILES, FONTS } from './fonts.js';
import { CARD_SIZES, documentOf } from './layout.js';
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

/** A document as a PDF, and how many pages it has. */
async function printed(document: TDocumentDefinitions): Promise<{ pdf: Uint8Array; pages: number }> {
  let pages = 0;
  const { footer } = document;
  const counted: TDocumentDefinitions['footer'] = (page, all, size) => {
    pages = all;
    return typeof footer === 'function' ? footer(page, all, size) : footer;
  };
  const pdf = await pdfmake.createPdf({ ...document, footer: counted }).getBuffer();
  return { pdf, pages };
}

/**
 * Prints a paper of a build as a PDF. It takes seconds: it runs in a thread of its own, so that nobody's save
 * waits for it.
 */
export default async function printPaper({ paper, build, imprint, units }: PrintOrder): Promise<Uint8Array> {
  const evaluation = house.evaluate(build);
  const made = paperKind(paper).of(evaluation);
  const sizes = made.dense ? CARD_SIZES : CARD_SIZES.slice(0, 1);
  // What must be one page is set smaller until it is.
  for (const [i, size] of sizes.entries()) {
    const { pdf, pages } = await printed(documentOf(made, evaluation, imprint, units, size));
    if (pages === 1 || i === sizes.length - 1) return pdf;
  }
  throw new RangeError('a paper has one size at least');
}
