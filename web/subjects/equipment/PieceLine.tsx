import { Button } from '@mantine/core';
import { memo, useMemo, useRef } from 'react';
import type { ReactNode } from 'react';
import type { Build } from '#core/build';
import { equipmentBlock, lineChoices, withEquipmentLine } from '#core/subjects/equipment';
import type { EquipmentRow } from '#core/subjects/equipment';
import { lb } from '#core/units';
import { FigureField, useSeen, useUnits } from '../../common';
import { ChoiceList, classes, Deltas, useDelta } from '../../panel';
import type { PanelProps } from '../face';
import look from './equipment.module.css';

const COUNT = equipmentBlock.fields.lines.fields.count;

type OpenedProps = Pick<PanelProps, 'evaluation' | 'bench'> & {
  row: EquipmentRow;
  places: string[];
  onTakeOff: (button: HTMLElement, build: Build) => void;
};

/** What can be chosen of a line, and taken off with what that would change. */
export function OpenedPiece({ evaluation, bench, row, places, onTakeOff }: OpenedProps) {
  const { build } = evaluation;
  const { say } = useUnits();
  const { line, name, eachLb, weightLb, corrected } = row;
  const again = (of: Build) =>
    of.equipment.lines.some(({ id }) => id === line.id) ? lineChoices(of, line.id, places) : [];
  const without = useMemo(() => withEquipmentLine(build, line.id, null), [build, line.id]);
  const delta = useDelta(evaluation, without);
  return (
    <div className={classes.pieceOpen}>
      <p className={look.weight}>
        {say(
          corrected
            ? `${lb(weightLb)} as written in the weight sheet; the catalog says ${lb(eachLb * line.count)}.`
            : line.count > 1
              ? `${lb(eachLb)} each in the catalog.`
              : `${lb(eachLb)} in the catalog.`,
        )}
      </p>
      <ChoiceList evaluation={evaluation} bench={bench} choices={again(build)} again={again} />
      <div className={classes.group}>
        <Button
          size="compact-xs"
          variant="default"
          onClick={(event) => onTakeOff(event.currentTarget, without)}
        >
          Take off {say(name.toLowerCase())}
        </Button>
        <Deltas change={delta} />
      </div>
    </div>
  );
}

/** What a hand does on a line; the same from edit to edit. */
export interface LineHands {
  tick: (id: string, on: boolean) => void;
  open: (id: string) => void;
  count: (row: EquipmentRow, count: number) => void;
  settle: () => void;
  point: (ids: string[]) => void;
}

interface Props {
  row: EquipmentRow;
  /** Where it rides, in words. */
  place: string;
  /** Whether the list is by place, so that the line need not say it. */
  byPlace: boolean;
  ticked: boolean;
  hands: LineHands;
  /** What stands below it while it is open. */
  opened: ReactNode;
}

/** One line of the list: ticked, counted in place; drawn again only where it looks otherwise. */
export const PieceLine = memo(function PieceLine({ row, place, byPlace, ticked, hands, opened }: Props) {
  const { say } = useUnits();
  const item = useRef<HTMLLIElement>(null);
  const seen = useSeen(item);
  const { line, name, weightLb, corrected } = row;
  const said = say(name);
  const point = () => hands.point([`equipment.${line.id}`]);
  const leave = () => hands.point([]);
  return (
    <li className={classes.piece} ref={item}>
      <div className={look.line} data-by-place={byPlace} onMouseEnter={point} onMouseLeave={leave}>
        <input
          type="checkbox"
          className={look.tick}
          aria-label={`Pick ${said}, ${place}`}
          checked={ticked}
          onChange={(event) => hands.tick(line.id, event.currentTarget.checked)}
        />
        <button
          type="button"
          className={look.head}
          aria-expanded={opened !== null}
          onClick={() => hands.open(line.id)}
          onFocus={point}
          onBlur={leave}
        >
          <span>{said}</span>
          {!byPlace && <span className={look.place}>{place}</span>}
          <span className="figures" title={corrected ? 'As written in the weight sheet' : undefined}>
            {corrected && <span aria-label="corrected">✎ </span>}
            {say(lb(weightLb))}
          </span>
        </button>
        {/* A field for each of hundreds of lines is made when the line comes into sight. */}
        {seen ? (
          <FigureField
            aria-label={`How many: ${said}, ${place}`}
            title={COUNT.title}
            unit=""
            whole
            hideControls
            value={line.count}
            min={COUNT.min}
            max={COUNT.max}
            onTake={(count) => hands.count(row, count)}
            onBlur={hands.settle}
          />
        ) : (
          <span className={`${look.count} figures`}>{line.count}</span>
        )}
      </div>
      {opened}
    </li>
  );
}, looksTheSame);

function looksTheSame(before: Props, after: Props): boolean {
  const [a, b] = [before.row, after.row];
  return (
    a.line === b.line &&
    a.name === b.name &&
    a.weightLb === b.weightLb &&
    a.corrected === b.corrected &&
    before.place === after.place &&
    before.byPlace === after.byPlace &&
    before.ticked === after.ticked &&
    before.hands === after.hands &&
    before.opened === after.opened
  );
}
