import { renderToStaticMarkup } from 'react-dom/server';
import type { Evaluation } from '#core/kernel';
import { UnitsAs } from '../common';
import { Miniature } from '../drawing';
import styles from '../drawing/drawing.module.css?inline';

/** The look of what stands in a miniature; of the rest of the drawing nothing is there. */
const LOOK = styles.slice(0, styles.indexOf('.gripLayer'));
const PX_PER_IN = 1;

/** Pictures are small: a hundredth of an inch is not seen. */
const rounded = (markup: string): string =>
  markup.replace(/-?\d+\.\d{3,}/g, (number) => String(Number(Number(number).toFixed(2))));

/** The driver's side of a truck in small as an SVG that stands alone, its colors as `var(--ink)` still. */
export const miniatureSvg = (evaluation: Evaluation): string =>
  rounded(
    renderToStaticMarkup(
      <UnitsAs system="us">
        <Miniature evaluation={evaluation} pxPerIn={PX_PER_IN} />
      </UnitsAs>,
    ),
  )
    // A picture has a size of its own: all of them are at one scale.
    .replace(/ style="width:([\d.]+)px;height:([\d.]+)px[^"]*"/, ' width="$1" height="$2"')
    .replace('<svg ', '<svg xmlns="http://www.w3.org/2000/svg" ')
    .replace('>', `><style>${LOOK}</style>`);
