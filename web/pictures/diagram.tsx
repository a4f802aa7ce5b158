import { renderToStaticMarkup } from 'react-dom/server';
import type { Diagram } from '#core/subjects/plumbing';
import type { UnitSystem } from '#core/units';
import { UnitsAs } from '../common';
import { DiagramPicture } from '../subjects/plumbing/DiagramPicture';
import styles from '../subjects/plumbing/diagram.module.css?inline';
import { onPaper } from './on-paper';

/** The single-line diagram of the plumbing as an SVG that stands alone. */
export const diagramSvg = (of: Diagram, system: UnitSystem): string =>
  onPaper(
    renderToStaticMarkup(
      <UnitsAs system={system}>
        <DiagramPicture of={of} paper />
      </UnitsAs>,
    ),
    styles,
  );
