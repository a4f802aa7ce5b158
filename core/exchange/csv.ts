import Papa from 'papaparse';

/** With these a spreadsheet takes a text for a formula; a text that begins with the mark itself is marked too. */
const FORMULA = /^['=+\-@\t\r]/;
const MARKED = /^'(?=['=+\-@\t\r])/;

/** Rows as CSV below a header row. A text that a spreadsheet would run as a formula is marked by an apostrophe. */
export const csvOf = (fields: string[], data: unknown[][]): string =>
  Papa.unparse({ fields, data }, { newline: '\n', escapeFormulae: FORMULA });

/** The rows of a CSV, the header row first; texts that were marked come back as they were. */
export const csvRows = (text: string): string[][] =>
  Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' }).data.map((row) =>
    row.map((cell) => cell.replace(MARKED, '')),
  );
