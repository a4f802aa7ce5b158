import { useDroppable } from '@dnd-kit/core';
import type { Rectangle } from '#core/kernel';
import { Patch } from '../../site';
import classes from './stowing.module.css';

/** Onto what a piece is let go: a surface, seen from the door or as one looks at it. */
export interface Target {
  surfaceId: string;
  view: 'door' | 'plan';
}

/** A surface of a picture onto which a piece can be let go. */
export function Onto({
  target,
  of,
  picked,
  onPick,
}: {
  target: Target;
  of: Rectangle;
  picked: boolean;
  onPick?: () => void;
}) {
  const { setNodeRef, isOver } = useDroppable({ id: `${target.view} ${target.surfaceId}`, data: target });
  return (
    <g
      ref={(node) => setNodeRef(node as unknown as HTMLElement | null)}
      data-over={isOver || undefined}
      data-picked={picked || undefined}
      className={classes.onto}
      onClick={onPick}
    >
      <Patch of={of} className={classes.area} />
    </g>
  );
}
