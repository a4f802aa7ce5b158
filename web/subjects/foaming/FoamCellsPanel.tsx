import { Button } from '@mantine/core';
import { useState } from 'react';
import type { Build } from '#core/build';
import { gal } from '#core/units';
import {
  cellChoices,
  classInWords,
  FIRST_CELL,
  foamCells,
  furtherCells,
  furtherInWords,
  withoutCell,
} from '#core/subjects/foam';
import { useUnits } from '../../common';
import { classes, DeltaHeads, ListedLine, useTakenOff } from '../../panel';
import type { PanelProps } from '../face';

/** The choice under which further cells are kept. */
const CHOICE = 'foam';
/** The cells beside the first: another class by a selector or with its own proportioner. */
export function FoamCellsPanel({ evaluation, bench }: PanelProps) {
  const { build } = evaluation;
  const { say } = useUnits();
  const [opened, setOpened] = useState<string | null>(null);
  const { takeOff, withRoom } = useTakenOff(bench);
  const cells = evaluation.read(foamCells);
  if (cells.length === 0) return null;
  const further = cells.filter(({ id }) => id !== FIRST_CELL);
  const change = (next: Build, words: string) => bench.change({ build: next, words, choice: CHOICE });
  return (
    <section className={classes.group} aria-label="Further foam cells">
      <h3 className={classes.groupTitle}>Further foam cells</h3>
      <p className={classes.note}>
        {further.length
          ? 'Which discharge carries which is chosen at each discharge, under Plumbing.'
          : 'None: one cell, one class. Two classes are kept apart best by two systems.'}
      </p>
      {further.length > 0 && <DeltaHeads />}
      <ul className={classes.pieces}>
        {withRoom(
          further.map((cell, at) => {
            const name = furtherInWords(cell);
            return [
              cell.id,
              <ListedLine
                key={cell.id}
                evaluation={evaluation}
                bench={bench}
                title={name}
                says={say(gal(cell.gallons))}
                note={say(`${cell.concentrate.name}; mixed by ${cell.system.name}.`)}
                choicesOf={(on) => cellChoices(on, cell.id)}
                takeOff={{
                  words: `Remove ${name}`,
                  press: (button) =>
                    takeOff(
                      button,
                      { id: cell.id, name, at },
                      {
                        build: evaluation.house.settle(withoutCell(build, cell.id), build),
                        words: `Took off a foam cell of ${classInWords(cell)}`,
                        choice: CHOICE,
                      },
                    ),
                }}
                open={opened === cell.id}
                onOpen={() => setOpened(opened === cell.id ? null : cell.id)}
              />,
            ];
          }),
        )}
      </ul>
      <div style={{ display: 'flex', flexWrap: 'wrap', gap: 8, marginTop: 8 }}>
        {furtherCells(build).map(({ title, build: next }) => (
          <Button
            key={title}
            size="compact-xs"
            variant="default"
            disabled={!next}
            onClick={() => {
              if (!next) return;
              change(next, `Added a foam cell: ${title.toLowerCase()}`);
              setOpened(next.foam.more!.at(-1)!.id);
            }}
          >
            {title}
          </Button>
        ))}
      </div>
    </section>
  );
}
