import { useElementSize } from '@mantine/hooks';
import type { ReactNode } from 'react';
import classes from './site.module.css';
import { WaterHatch } from '../drawing';
import { drawingClasses } from '../drawing';

/** What a picture shows of the world, in: to the right and up. */
export interface SheetSpace {
  u0: number;
  u1: number;
  v0: number;
  v1: number;
}

/** Hatching of what is solid; `px` is how many inches a pixel is, and `line` how thick its lines are. */
export const EarthHatch = ({ px, line = 0.6 * px }: { px: number; line?: number }) => (
  <defs>
    <pattern
      id="earth-hatch"
      width={9 * px}
      height={9 * px}
      patternUnits="userSpaceOnUse"
      patternTransform="rotate(45)"
    >
      <line x1="0" y1="0" x2="0" y2={9 * px} stroke="var(--pencil)" strokeWidth={line} />
    </pattern>
  </defs>
);

/** Room around it for dimensions, px. */
const MARGIN_PX = 46;

/**
 * A drawing sheet to scale, as wide as there is room: inches to the right and up, with the ground at 0. What stands on
 * it is drawn knowing how many inches a pixel is.
 */
export function Sheet({
  space,
  label,
  heightPx = 360,
  children,
}: {
  space: SheetSpace;
  /** What the picture shows, in words. */
  label: string;
  heightPx?: number;
  children: (px: number) => ReactNode;
}) {
  const { ref, width } = useElementSize();
  const scale = Math.min(
    Math.max(100, width - 2 * MARGIN_PX) / (space.u1 - space.u0),
    (heightPx - 2 * MARGIN_PX) / (space.v1 - space.v0),
  );
  const px = 1 / scale;
  const middle = (space.u0 + space.u1) / 2;
  const [w, h] = [width * px, space.v1 - space.v0 + 2 * MARGIN_PX * px];
  return (
    <div ref={ref} className={classes.sheet}>
      {width > 0 && (
        <svg
          className={drawingClasses.stage}
          style={{ height: h * scale }}
          viewBox={`${middle - w / 2} ${-space.v1 - MARGIN_PX * px} ${w} ${h}`}
          role="group"
          aria-label={label}
        >
          <WaterHatch />
          <EarthHatch px={px} />
          {children(px)}
        </svg>
      )}
    </div>
  );
}
