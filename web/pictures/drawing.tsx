import { renderToStaticMarkup } from 'react-dom/server';
import type { Evaluation } from '#core/kernel';
import { envelope } from '#core/truck';
import type { UnitSystem } from '#core/units';
import { UnitsAs } from '../common';
import { layOut, Stage } from '../drawing';
import type { Arrangement } from '../drawing';
import styles from '../drawing/drawing.module.css?inline';
import { onPaper } from './on-paper';

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
  return onPaper(markup, styles, `width="${width}" height="${height}"`);
}
