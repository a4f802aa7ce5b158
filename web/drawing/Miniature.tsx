import type { Envelope, Rig } from '#core/rig';
import classes from './drawing.module.css';
import { RigView } from './RigView';

const PAD_IN = 6;

/** The small drawing of a build: its driver's side, every miniature at the same scale. */
export function Miniature({ rig, envelope, pxPerIn }: { rig: Rig; envelope: Envelope; pxPerIn: number }) {
  const width = envelope.lengthIn + 2 * PAD_IN;
  const height = envelope.heightIn + 2 * PAD_IN;
  return (
    <svg
      className={`${classes.stage} ${classes.small}`} style={{ width: width * pxPerIn, height: height * pxPerIn, maxWidth: '100%' }}
      viewBox={`${envelope.frontIn - PAD_IN} ${-envelope.heightIn - PAD_IN} ${width} ${height}`} aria-hidden="true"
    >
      <RigView rig={rig} view="driver" />
      <line x1={envelope.frontIn - PAD_IN} x2={envelope.rearIn + PAD_IN} y1={0} y2={0} className={classes.ground} />
    </svg>
  );
}
