import { Button } from '@mantine/core';
import { useLayoutEffect, useRef, useState } from 'react';
import type { ReactNode } from 'react';
import type { Bench, Change } from '../session';
import classes from './panel.module.css';

/** A line that was taken off a list: where in it, and where on the screen, it ended. */
interface Taken {
  id: string;
  name: string;
  at: number;
  footPx: number;
}

/** Of so much room the words are never short. */
const LEAST_PX = 64;

/** Lines of a list as they are drawn, each with its id. */
type Drawn = readonly (readonly [id: string, line: ReactNode])[];

/**
 * Takes lines off a list. What is taken off leaves its room, with the way back, until something else is done: so the
 * next line does not come under a finger that presses twice.
 */
export function useTakenOff(bench: Bench) {
  const [taken, setTaken] = useState<(Taken & { step: number }) | null>(null);
  // Anything that is done after it closes the gap.
  const stands = taken && bench.step === taken.step + 1 ? taken : null;
  return {
    takeOff(button: HTMLElement, line: { id: string; name: string; at: number }, change: Change) {
      setTaken({ ...line, footPx: button.closest('li')!.getBoundingClientRect().bottom, step: bench.step });
      bench.change(change);
    },
    /** The lines of a list, with the room of the one that was taken off among them. */
    withRoom(lines: Drawn): ReactNode[] {
      const drawn = lines.map(([, line]) => line);
      if (!stands || lines.some(([id]) => id === stands.id)) return drawn;
      const room = (
        <Room key={`room-${stands.id}`} of={stands} onBack={bench.undo} onGone={() => setTaken(null)} />
      );
      return drawn.toSpliced(stands.at, 0, room);
    },
    takenId: stands?.id ?? null,
  };
}

function Room({ of, onBack, onGone }: { of: Taken; onBack: () => void; onGone: () => void }) {
  const room = useRef<HTMLLIElement>(null);
  useLayoutEffect(() => {
    const line = room.current!;
    const panel = line.closest('aside');
    // What stands above comes down as far as it can, so that the foot of the line stays under the finger.
    line.style.minHeight = `${LEAST_PX}px`;
    if (panel) panel.scrollTop += line.getBoundingClientRect().bottom - of.footPx;
    const short = of.footPx - line.getBoundingClientRect().bottom;
    if (short > 0) line.style.minHeight = `${LEAST_PX + short}px`;
    // The press that took it off had the focus on what is gone.
    line.focus({ preventScroll: true });
  }, [of]);
  return (
    <li ref={room} tabIndex={-1} className={classes.room} onPointerLeave={onGone}>
      <span role="status">{of.name} is taken off.</span>
      <Button
        size="compact-xs"
        variant="default"
        style={{ flexShrink: 0 }}
        onClick={onBack}
        aria-label={`Put back ${of.name}`}
      >
        Put back
      </Button>
    </li>
  );
}
