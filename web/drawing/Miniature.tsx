import type { Evaluation } from '#core/kernel';
import { components, envelope } from '#core/truck';
import classes from './drawing.module.css';
import { RigView } from './RigView';

const PAD_IN = 6;

/** The small drawing of a build: its driver's side, every miniature at the same scale. */
export function Miniature({ evaluation, pxPerIn }: { evaluation: Evaluation; pxPerIn: number }) {
  const { lengthIn, heightIn, frontIn, rearIn } = evaluation.read(envelope);
  const width = lengthIn + 2 * PAD_IN;
  const height = heightIn + 2 * PAD_IN;
  return (
    <svg
      className={`${classes.stage} ${classes.small}`}
      style={{ width: width * pxPerIn, height: height * pxPerIn, maxWidth: '100%' }}
      viewBox={`${frontIn - PAD_IN} ${-heightIn - PAD_IN} ${width} ${height}`}
      aria-hidden="true"
    >
      <RigView components={evaluation.read(components)} view="driver" />
      <line x1={frontIn - PAD_IN} x2={rearIn + PAD_IN} y1={0} y2={0} className={classes.ground} />
    </svg>
  );
}
