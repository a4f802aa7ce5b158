import { Button } from '@mantine/core';
import type { ReactNode } from 'react';
import type { Choice, Evaluation } from '#core/kernel';
import { KeptText } from '../common';
import type { Bench } from '../session';
import { ChoicesOf } from './ChoicesOf';
import classes from './panel.module.css';

/** One line of a list that a subject keeps: its name and what it comes to; opened, all that can be chosen of it. */
export function ListedLine({
  evaluation,
  bench,
  title,
  says,
  mark,
  note,
  rename,
  choicesOf,
  takeOff,
  open,
  onOpen,
}: {
  evaluation: Evaluation;
  bench: Bench;
  title: string;
  /** What it comes to, at its end. */
  says: string;
  /** Before its name. */
  mark?: ReactNode;
  note?: string | null;
  rename?: { name: string; most: number; take: (name: string) => void };
  choicesOf: (evaluation: Evaluation) => Choice[];
  takeOff?: { words: string; press: (button: HTMLElement) => void };
  open: boolean;
  onOpen: () => void;
}) {
  return (
    <li className={classes.piece}>
      <button
        type="button"
        className={classes.pieceHead}
        style={{ gridTemplateColumns: mark ? 'auto 1fr auto' : '1fr auto' }}
        aria-expanded={open}
        onClick={onOpen}
      >
        {mark}
        <span style={{ textAlign: 'left' }}>{title}</span>
        <span className="figures" style={{ whiteSpace: 'nowrap' }}>
          {says}
        </span>
      </button>
      {open && (
        <div className={classes.pieceOpen}>
          {note && <p className={classes.note}>{note}</p>}
          {rename && (
            <KeptText
              size="xs"
              label="Name"
              maxLength={rename.most}
              value={rename.name}
              onTake={rename.take}
            />
          )}
          <ChoicesOf evaluation={evaluation} bench={bench} of={choicesOf} />
          {takeOff && (
            <Button
              size="compact-xs"
              variant="default"
              onClick={(event) => takeOff.press(event.currentTarget)}
            >
              {takeOff.words}
            </Button>
          )}
        </div>
      )}
    </li>
  );
}
