import { extractText } from 'unpdf';

/** The words of each page of a PDF, as a reader of PDF finds them. */
export async function pagesOf(pdf: Uint8Array): Promise<string[]> {
  const { text } = await extractText(new Uint8Array(pdf), { mergePages: false });
  return text.map((page) => page.replace(/\s+/g, ' '));
}
