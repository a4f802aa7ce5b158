import { useDraggable } from '@dnd-kit/core';
import type { ThingOn } from '#core/subjects/stowing';
import { counted } from '#core/units';
import { Patch } from '../../site';
import classes from './stowing.module.css';

/** What a hand has taken hold of: a line of the list. */
export interface Held {
  lineId: string;
}

interface Props extends ThingOn {
  picked: boolean;
  /** In a tube of its own, which is seen through it. */
  inTube?: boolean;
  /** Which of the pictures it is in: it can be taken hold of in each. */
  from: string;
  px: number;
  onPick: (lineId: string) => void;
}

/** Letters of this size and more are read, px. */
const LETTER_PX = 10.5;
/** A letter is so wide for its size. */
const WIDE = 0.52;

/** A piece in a picture of its compartment: picked by a press, and taken to another place by hand or by keyboard. */
export function Thing({
  lineId,
  inTube,
  number,
  name,
  count,
  at,
  wrong,
  fixed,
  picked,
  from,
  px,
  onPick,
}: Props) {
  const { attributes, listeners, setNodeRef, isDragging } = useDraggable({
    id: `${from} ${lineId}`,
    data: { lineId } satisfies Held,
  });
  const [u0, v0, u1, v1] = at;
  const size = LETTER_PX * px;
  const label = count > 1 ? `${number} · ${name} × ${count}` : `${number} · ${name}`;
  const fits = Math.floor((u1 - u0 - 4 * px) / (size * WIDE));
  // A name that is cut says less than the number that the list has before it.
  const shown = v1 - v0 < size * 1.1 ? '' : label.length <= fits ? label : `${number}`;
  return (
    <g
      ref={(node) => setNodeRef(node as unknown as HTMLElement | null)}
      {...attributes}
      {...listeners}
      className={classes.thing}
      data-wrong={wrong || undefined}
      data-picked={picked || undefined}
      data-fixed={fixed || undefined}
      data-tube={inTube || undefined}
      data-held={isDragging || undefined}
      aria-label={`${name}${count > 1 ? `, ${counted(count, 'piece')}` : ''}, number ${number}${wrong ? ', does not lie well' : ''}${fixed ? ', stays' : ''}`}
      onClick={() => onPick(lineId)}
      onFocus={() => onPick(lineId)}
    >
      <title>{label}</title>
      <Patch of={at} className={classes.box} rx={2 * px} />
      {wrong && (
        <path d={`M ${u0} ${-v0} L ${u1} ${-v1} M ${u0} ${-v1} L ${u1} ${-v0}`} className={classes.cross} />
      )}
      {shown !== '' && (
        <text
          x={(u0 + u1) / 2}
          y={-(v0 + v1) / 2 + size * 0.36}
          fontSize={size}
          textAnchor="middle"
          className={classes.label}
        >
          {shown}
        </text>
      )}
      {fixed && <circle cx={u1 - 4 * px} cy={-(v1 - 4 * px)} r={2 * px} className={classes.pin} />}
    </g>
  );
}
