import { useDraggable } from '@dnd-kit/core';
import { IconGripVertical } from '../../icons';
import { memo, useMemo, useState } from 'react';
import type { Evaluation } from '#core/kernel';
import { equipmentRows, placeTitle, rowsWith, YET } from '#core/subjects/equipment';
import type { EquipmentRow } from '#core/subjects/equipment';
import { numbers, placed, stowed } from '#core/subjects/stowing';
import { lb } from '#core/units';
import { Filter, useUnits } from '../../common';
import type { Held } from './Thing';
import classes from './stowing.module.css';

interface RowProps {
  row: EquipmentRow;
  number: number | undefined;
  picked: boolean;
  onPick: (lineId: string) => void;
}

/** A line of the list: picked by a press, taken into the hand by its grip or by keyboard. */
const Row = memo(function Row({ row, number, picked, onPick }: RowProps) {
  const { say } = useUnits();
  const { line, name, weightLb } = row;
  const { attributes, listeners, setNodeRef, isDragging } = useDraggable({
    id: `list ${line.id}`,
    data: { lineId: line.id } satisfies Held,
  });
  const said = say(line.count > 1 ? `${name} × ${line.count}` : name);
  return (
    <li data-picked={picked || undefined} data-held={isDragging || undefined}>
      <button
        type="button"
        ref={setNodeRef}
        {...attributes}
        {...listeners}
        className={classes.row}
        aria-label={`${said}, ${say(lb(weightLb))}`}
        aria-pressed={picked}
        onClick={() => onPick(line.id)}
      >
        <IconGripVertical size={13} stroke={1.6} aria-hidden="true" />
        <span className={classes.number}>{number ?? ''}</span>
        <span className={classes.name}>{said}</span>
        <span className="figures">{say(lb(weightLb))}</span>
      </button>
    </li>
  );
});

/** The pieces of the list by where they are: without a place, in this compartment, in others. */
export function PieceList({
  evaluation,
  lockerId,
  lineId,
  onPick,
}: {
  evaluation: Evaluation;
  lockerId: string;
  lineId: string | null;
  onPick: (lineId: string) => void;
}) {
  const { say } = useUnits();
  const [words, setWords] = useState('');
  const { build } = evaluation;
  const rows = evaluation.read(equipmentRows);
  const numbered = evaluation.read(numbers);
  const lying = useMemo(() => new Set(evaluation.read(placed).map(({ line }) => line.id)), [evaluation]);
  const inside = useMemo(() => new Set(evaluation.read(stowed).map(({ line }) => line.id)), [evaluation]);
  const shown = rowsWith(rows, words, ({ name, group, line }) =>
    say(`${name} ${group} ${placeTitle(line.compartmentId, build)}`),
  );
  const here = (row: EquipmentRow) => row.line.compartmentId === lockerId;
  const groups: [string, EquipmentRow[]][] = [
    ['No place yet', shown.filter(({ line }) => line.compartmentId === YET)],
    ['Here, on no shelf yet', shown.filter((row) => here(row) && !lying.has(row.line.id))],
    ['Here', shown.filter((row) => here(row) && lying.has(row.line.id))],
    ['In other compartments', shown.filter((row) => !here(row) && inside.has(row.line.id))],
    [
      'With the crew, or in a way of their own',
      shown.filter(({ line }) => line.compartmentId !== YET && !inside.has(line.id)),
    ],
  ];
  return (
    <section className={classes.list} aria-label="Pieces">
      <Filter
        label="Filter the pieces"
        placeholder="Filter by name, group or place"
        value={words}
        onType={setWords}
      />
      <div className={classes.rows}>
        {rows.length === 0 && <p className={classes.none}>The list of equipment is empty.</p>}
        {groups.map(([title, of]) =>
          of.length === 0 ? null : (
            <section key={title} aria-label={title}>
              <h3>{title}</h3>
              <ul>
                {of.map((row) => (
                  <Row
                    key={row.line.id}
                    row={row}
                    number={numbered.get(row.line.id)}
                    picked={row.line.id === lineId}
                    onPick={onPick}
                  />
                ))}
              </ul>
            </section>
          ),
        )}
      </div>
    </section>
  );
}
