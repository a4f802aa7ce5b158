import { Button, NativeSelect, Select } from '@mantine/core';
import { useMemo, useState } from 'react';
import type { Build } from '#core/build';
import {
  allowanceLeftLb,
  CAB,
  equipmentByGroup,
  EQUIPMENT_CHOICE,
  equipmentShelf,
  lineChoices,
  placeName,
  WAY,
  withEquipment,
  withEquipmentLine,
} from '#core/subjects/equipment';
import type { EquipmentLine } from '#core/subjects/equipment';
import { ladderWay } from '#core/subjects/ladders';
import { compartments } from '#core/truck';
import { lb } from '#core/units';
import { useUnits } from '../../common';
import { ChoiceList, classes, DeltaHeads, Deltas, useDelta, useTakenOff } from '../../panel';
import type { PanelProps } from '../face';

/** A place in a list of places. */
const placeLabel = (id: string, build: Build): string =>
  id === CAB ? 'cab' : id === WAY ? 'ladders' : placeName(id, build);

const titled = (group: string) => group[0]!.toUpperCase() + group.slice(1);

/** Adds a piece to a compartment, with its consequence in sight. */
function AddPiece({
  evaluation,
  bench,
  places,
}: Pick<PanelProps, 'evaluation' | 'bench'> & { places: string[] }) {
  const { build } = evaluation;
  const { say } = useUnits();
  const [part, setPart] = useState<string | null>(null);
  const [chosen, setPlace] = useState(places[0]!);
  const place = places.includes(chosen) ? chosen : places[0]!;
  const groups = useMemo(() => {
    const parts = equipmentShelf.in(build).usualFirst(build.type);
    return [...new Set(parts.map((p) => p.group))].map((group) => ({
      group: titled(group),
      items: parts
        .filter((p) => p.group === group)
        .map((p) => ({ value: p.id, label: say(`${p.name}, ${lb(p.weightLb)}`) })),
    }));
  }, [build, say]);
  const added = useMemo(() => (part ? withEquipment(build, part, place) : null), [build, part, place]);
  const delta = useDelta(evaluation, added);
  return (
    <fieldset className={classes.group}>
      <legend>Add a piece</legend>
      <Select
        size="xs"
        aria-label="Piece"
        placeholder="Find a piece of equipment"
        searchable
        clearable
        data={groups}
        value={part}
        onChange={setPart}
        maxDropdownHeight={340}
        nothingFoundMessage="No such piece"
      />
      <div style={{ display: 'flex', gap: 8, marginTop: 6 }}>
        <NativeSelect
          size="xs"
          aria-label="Into"
          data={places.map((id) => ({ value: id, label: placeLabel(id, build) }))}
          value={place}
          onChange={(event) => setPlace(event.currentTarget.value)}
          style={{ flex: 1 }}
        />
        <Button
          size="xs"
          disabled={!added}
          onClick={() =>
            added &&
            part &&
            bench.change({
              build: added,
              words: `Added ${equipmentShelf.in(build).part(part).name} to ${placeName(place, build)}`,
              choice: EQUIPMENT_CHOICE,
            })
          }
        >
          Add
        </Button>
      </div>
      {added && <Deltas change={delta} />}
    </fieldset>
  );
}

/** One line of the list; opened, its count and place with what each would change. */
function Line({
  evaluation,
  line,
  places,
  bench,
  open,
  onOpen,
  onTakeOff,
  pointAt,
}: PanelProps & {
  line: EquipmentLine;
  places: string[];
  open: boolean;
  onOpen: () => void;
  onTakeOff: (button: HTMLElement, name: string, build: Build) => void;
}) {
  const { build } = evaluation;
  const { say } = useUnits();
  const piece = equipmentShelf.in(build).part(line.partId);
  const again = (of: Build) => lineChoices(of, line.id, places);
  const point = () => pointAt([`equipment.${line.id}`]);
  const without = useMemo(
    () => (open ? withEquipmentLine(build, line.id, null) : null),
    [build, line.id, open],
  );
  const delta = useDelta(evaluation, without);
  return (
    <li className={classes.piece}>
      <button
        type="button"
        className={classes.pieceHead}
        aria-expanded={open}
        onClick={onOpen}
        onMouseEnter={point}
        onMouseLeave={() => pointAt([])}
        onFocus={point}
        onBlur={() => pointAt([])}
      >
        <span>{say(piece.name)}</span>
        <span className="figures">{line.count > 1 ? `× ${line.count}` : ''}</span>
        <span className="figures">{placeLabel(line.compartmentId, build)}</span>
        <span className="figures">{say(lb(piece.weightLb * line.count))}</span>
      </button>
      {open && (
        <div className={classes.pieceOpen}>
          <ChoiceList evaluation={evaluation} bench={bench} choices={again(build)} again={again} />
          <div className={classes.group}>
            <Button
              size="compact-xs"
              variant="default"
              onClick={(event) => without && onTakeOff(event.currentTarget, say(piece.name), without)}
            >
              Take off {say(piece.name.toLowerCase())}
            </Button>
            {without && <Deltas change={delta} />}
          </div>
        </div>
      )}
    </li>
  );
}

/** The pieces of one group. */
function Group({
  group,
  lines,
  weightLb,
  opened,
  onOpen,
  ...props
}: PanelProps & {
  group: string;
  lines: EquipmentLine[];
  weightLb: number;
  places: string[];
  opened: string | null;
  onOpen: (id: string | null) => void;
}) {
  const { say } = useUnits();
  const { takeOff, withRoom } = useTakenOff(props.bench);
  return (
    <section className={classes.group} aria-label={titled(group)}>
      <h3 className={classes.groupTitle}>
        {titled(group)}{' '}
        <span className="quiet figures" style={{ fontSize: 12 }}>
          {say(lb(weightLb))}
        </span>
      </h3>
      <ul className={classes.pieces}>
        {withRoom(
          lines.map((line, at) => [
            line.id,
            <Line
              key={line.id}
              {...props}
              line={line}
              open={opened === line.id}
              onOpen={() => onOpen(opened === line.id ? null : line.id)}
              onTakeOff={(button, name, build) =>
                takeOff(
                  button,
                  { id: line.id, name, at },
                  { build, words: `Took off ${name}`, choice: EQUIPMENT_CHOICE },
                )
              }
            />,
          ]),
        )}
      </ul>
    </section>
  );
}

/** What is carried and where, by group. */
export function EquipmentPanel(props: PanelProps) {
  const { say } = useUnits();
  const { evaluation } = props;
  const places = [
    ...evaluation.read(compartments).map(({ id }) => id),
    ...(evaluation.read(ladderWay) ? [WAY] : []),
    CAB,
  ];
  const [opened, setOpened] = useState<string | null>(null);
  const allowance = evaluation.read(allowanceLeftLb);
  return (
    <>
      <DeltaHeads />
      <AddPiece {...props} places={places} />
      {allowance > 0 && (
        <p className={classes.note}>
          The list is {say(lb(allowance))} lighter than the profile’s allowance for loose equipment; the
          difference is weighed in the compartments until it is listed.
        </p>
      )}
      {equipmentByGroup(evaluation.build).map((of) => (
        <Group key={of.group} {...props} {...of} places={places} opened={opened} onOpen={setOpened} />
      ))}
    </>
  );
}
