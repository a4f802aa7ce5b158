import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

/** The words of each page of a PDF, as a reader of PDF finds them. */
export async function pagesOf(pdf: Uint8Array): Promise<string[]> {
  const document = await getDocument({ data: new Uint8Array(pdf), verbosity: 0 }).promise;
  return Promise.all(
    Array.from({ length: document.numPages }, async (_, i) => {
      const { items } = await (await document.getPage(i + 1)).getTextContent();
      return items
        .map((item) => ('str' in item ? item.str : ''))
        .join(' ')
        .replace(/\s+/g, ' ');
    }),
  );
}
