import { Button } from '@mantine/core';
import { memo, useMemo } from 'react';
import type { Build } from '#core/build';
import { EQUIPMENT_CHOICE, equipmentBlock, lineChoices, withEquipmentLine } from '#core/subjects/equipment';
import type { EquipmentRow } from '#core/subjects/equipment';
import { lb } from '#core/units';
import { FigureField, useUnits } from '../../common';
import { ChoiceList, classes, Deltas, useDelta } from '../../panel';
import type { PanelProps } from '../face';
import { placeLabel } from './places';
import look from './equipment.module.css';

const COUNT = equipmentBlock.fields.lines.fields.count;

/** What can be chosen of a line, and taken off with what that would change. */
function Opened({
  evaluation,
  bench,
  row,
  places,
  onTakeOff,
}: Pick<PanelProps, 'evaluation' | 'bench'> & {
  row: EquipmentRow;
  places: string[];
  onTakeOff: (button: HTMLElement, build: Build) => void;
}) {
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

interface Props extends PanelProps {
  row: EquipmentRow;
  places: string[];
  /** Whether the list is by place, so that the line need not say it. */
  byPlace: boolean;
  open: boolean;
  ticked: boolean;
  onTick: (id: string, on: boolean) => void;
  onOpen: (id: string) => void;
  onTakeOff: (button: HTMLElement, build: Build) => void;
}

/** One line of the list: ticked, counted in place; opened, its place with what each would change. */
export const PieceLine = memo(function PieceLine({
  evaluation,
  bench,
  row,
  places,
  byPlace,
  open,
  ticked,
  onTick,
  onOpen,
  onTakeOff,
  pointAt,
}: Props) {
  const { build } = evaluation;
  const { say } = useUnits();
  const { line, name, weightLb, corrected } = row;
  const said = say(name);
  const place = placeLabel(line.compartmentId, build);
  const point = () => pointAt([`equipment.${line.id}`]);
  return (
    <li className={classes.piece}>
      <div
        className={look.line}
        data-by-place={byPlace}
        onMouseEnter={point}
        onMouseLeave={() => pointAt([])}
      >
        <input
          type="checkbox"
          className={look.tick}
          aria-label={`Pick ${said}, ${place}`}
          checked={ticked}
          onChange={(event) => onTick(line.id, event.currentTarget.checked)}
        />
        <button
          type="button"
          className={look.head}
          aria-expanded={open}
          onClick={() => onOpen(line.id)}
          onFocus={point}
          onBlur={() => pointAt([])}
        >
          <span>{said}</span>
          {!byPlace && <span className={look.place}>{place}</span>}
          <span className="figures" title={corrected ? 'As written in the weight sheet' : undefined}>
            {corrected && <span aria-label="corrected">✎ </span>}
            {say(lb(weightLb))}
          </span>
        </button>
        <FigureField
          aria-label={`How many: ${said}, ${place}`}
          title={COUNT.title}
          unit=""
          whole
          hideControls
          value={line.count}
          min={COUNT.min}
          max={COUNT.max}
          onTake={(count) =>
            bench.change({
              build: withEquipmentLine(build, line.id, { count }),
              words: `${name}: ${count}`,
              control: `count-${line.id}`,
              choice: EQUIPMENT_CHOICE,
            })
          }
          onBlur={bench.settle}
        />
      </div>
      {open && (
        <Opened evaluation={evaluation} bench={bench} row={row} places={places} onTakeOff={onTakeOff} />
      )}
    </li>
  );
});
