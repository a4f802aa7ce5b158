const whole = new Intl.NumberFormat('en-US', { maximumFractionDigits: 0 });
const tenth = new Intl.NumberFormat('en-US', { minimumFractionDigits: 1, maximumFractionDigits: 1 });
const dollars = new Intl.NumberFormat('en-US', {
  style: 'currency',
  currency: 'USD',
  maximumFractionDigits: 0,
});
const upTo = [0, 1, 2, 3].map(
  (decimals) => new Intl.NumberFormat('en-US', { maximumFractionDigits: decimals }),
);
const fixed = [0, 1, 2, 3].map(
  (decimals) =>
    new Intl.NumberFormat('en-US', { minimumFractionDigits: decimals, maximumFractionDigits: decimals }),
);

export const MINUS = '−';
export const withMinus = (text: string): string => text.replace(/^-/, MINUS);

/** What stands for a figure that is no number: never a 0. */
export const NO_FIGURE = '?';
const said = (value: number, format: Intl.NumberFormat): string =>
  Number.isFinite(value) ? format.format(value) : NO_FIGURE;

/** Below this nothing is grouped, and a figure need not go through a formatter, which every edit would feel. */
const GROUPED_FROM = 1000;

/** Rounded to so many decimals; avoids "−0" where a small negative rounds away. */
export const settled = (value: number, decimals: number): number => {
  const scale = 10 ** decimals;
  return Math.round(value * scale) / scale + 0;
};

/** A number with its thousands grouped and up to three decimals, all of them where `always` is set. */
export const grouped = (value: number, decimals: number, always = false): string =>
  said(value, (always ? fixed : upTo)[decimals]!);

/** 18942.4 → "18,942". No unit. */
export function formatWhole(value: number): string {
  const rounded = settled(value, 0);
  return withMinus(Math.abs(rounded) < GROUPED_FROM ? String(rounded) : said(rounded, whole));
}

/** Percent to one decimal: 4.26 → "4.3 %". */
export function formatPct(pct: number): string {
  const rounded = settled(pct, 1);
  return `${withMinus(Math.abs(rounded) < GROUPED_FROM ? rounded.toFixed(1) : said(rounded, tenth))} %`;
}

/** Integer cents as dollars: 123456 → "$1,235". */
export const formatMoney = (cents: number): string => withMinus(said(settled(cents / 100, 0), dollars));

/** A change with its sign: 120 → "+120", −40 → "−40", 0 → "±0". */
export function signed(value: number, format: (value: number) => string = formatWhole): string {
  const text = format(value);
  if (format(0) === text) return `±${text}`;
  return value > 0 ? `+${text}` : text;
}

/** A name within a sentence: "Steel bumper" → "steel bumper", "PTO pump" and "L-shaped" as they are. */
export const within = (name: string): string =>
  /^[A-Z][a-z]/.test(name) ? name[0]!.toLowerCase() + name.slice(1) : name;

/** So many of something: "1 piece", "12 pieces". */
export const counted = (count: number, singular: string, plural = `${singular}s`): string =>
  `${formatWhole(count)} ${count === 1 ? singular : plural}`;

/** Things in a row as a sentence has them: "a, b and c"; "a, large; b; and c" where a comma stands in one. */
export function listed(items: readonly string[]): string {
  if (items.length < 2) return items.join('');
  const [between, last] = items.some((item) => item.includes(', ')) ? ['; ', '; and '] : [', ', ' and '];
  return `${items.slice(0, -1).join(between)}${last}${items.at(-1)!}`;
}

/** A text with a capital at its beginning. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Values in a short line, with a capital: "Steel, 24 in · 3 on it". */
export const inShort = (...values: (string | false)[]): string => capital(values.filter(Boolean).join(' · '));

/** A name with its article, where it begins with a word: "an aluminum body", "a PTO pump", "one 24 ft ladder". */
export const one = (name: string): string => {
  const said = within(name);
  return `${said.startsWith('{') ? 'one' : /^[aeiouL]/.test(said) ? 'an' : 'a'} ${said}`;
};
