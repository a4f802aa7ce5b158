import { renderToStaticMarkup } from 'react-dom/server';
import type { Evaluation } from '#core/kernel';
import { envelope } from '#core/truck';
import type { UnitSystem } from '#core/units';
import { UnitsAs } from '../common';
import { layOut, Stage } from '../drawing';
import type { Arrangement } from '../drawing';
import styles from '../drawing/drawing.module.css?inline';
import { DAY } from '../theme/colors';

const inInk = (text: string): string =>
  text.replace(/var\(--(\w+)\)/g, (whole, name: string) => DAY[name as keyof typeof DAY] ?? whole);

/** Lines of a screen are too heavy on paper, where a point is larger than a pixel. */
const LIGHTER = 0.62;
const lighter = (text: string): string =>
  text.replace(
    /(stroke-width[:=]"?)([\d.]+)/g,
    (_, what: string, width: string) => `${what}${Number((Number(width) * LIGHTER).toFixed(2))}`,
  );

/** The drawing of a truck as an SVG that stands alone, as large as fits into so many points. */
export function drawingSvg(
  evaluation: Evaluation,
  views: Arrangement,
  system: UnitSystem,
  width: number,
  height: number,
): string {
  const picture = layOut(evaluation.read(envelope), views, width, height);
  const markup = renderToStaticMarkup(
    <UnitsAs system={system}>
      <Stage evaluation={evaluation} picture={picture} />
    </UnitsAs>,
  );
  return lighter(
    inInk(
      markup
        .replace('<svg ', `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" `)
        .replace('>', `><style>${styles}</style>`),
    ),
  );
}
