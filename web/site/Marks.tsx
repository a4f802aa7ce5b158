import type { Rectangle } from '#core/kernel';
import classes from './site.module.css';

/** A rectangle of a picture. */
export const Patch = ({
  of: [u0, v0, u1, v1],
  className,
  rx,
}: {
  of: Rectangle;
  className?: string | undefined;
  rx?: number;
}) => <rect x={u0} y={-v1} width={u1 - u0} height={v1 - v0} rx={rx} className={className} />;

/** A number in a circle, which the words beside the picture name; `px` is how many inches a pixel is. */
export const Numbered = ({ u, v, number, px }: { u: number; v: number; number: number; px: number }) => (
  <g aria-hidden="true">
    <circle cx={u} cy={-v} r={7.5 * px} className={classes.number} />
    <text x={u} y={-v + 3.6 * px} fontSize={10.5 * px} textAnchor="middle" className={classes.numeral}>
      {number}
    </text>
  </g>
);
