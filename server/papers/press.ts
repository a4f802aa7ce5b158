import pdfmake from 'pdfmake';
import { weightPaper } from '#core/report';
import { evaluate } from '#core/review';
import type { BuildSpec } from '#core/spec';
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
  spec: BuildSpec;
  imprint: Imprint;
  units: UnitSystem;
}

/** Prints the weight sheet of a build as a PDF. It takes seconds: it runs in a thread of its own, so that nobody's save waits for it. */
export default async function print({ spec, imprint, units }: PrintOrder): Promise<Uint8Array> {
  const evaluation = evaluate(spec);
  return pdfmake.createPdf(documentOf(weightPaper(spec, evaluation), evaluation, imprint, units)).getBuffer();
}
