import { DAY } from '../theme/colors';

const inInk = (text: string): string =>
  text.replace(/var\(--(\w+)\)/g, (whole, name: string) => DAY[name as keyof typeof DAY] ?? whole);

/** Lines of a screen are too heavy on paper, where a point is larger than a pixel. */
const LIGHTER = 0.62;
const lighter = (text: string, unit: number): string =>
  text.replace(
    /(stroke-width[:=]"?)([\d.]+)/g,
    (_, what: string, width: string) => `${what}${Number((Number(width) * LIGHTER * unit).toFixed(3))}`,
  );

/**
 * A picture of the screen as one that stands alone, in ink; of so many points, where that is said; a point is so many
 * units of it.
 */
export const onPaper = (markup: string, styles: string, size = '', unit = 1): string =>
  lighter(
    inInk(
      markup
        .replace('<svg ', `<svg xmlns="http://www.w3.org/2000/svg" ${size} `)
        .replace('>', `><style>${styles}</style>`),
    ),
    unit,
  );
