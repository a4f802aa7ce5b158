import { Button, NativeSelect } from '@mantine/core';
import { useCallback, useLayoutEffect, useMemo, useRef, useState } from 'react';
import {
  allowanceLeftLb,
  EQUIPMENT_CHOICE,
  equipmentRows,
  inSections,
  placeName,
  placeTitle,
  rowsWith,
  sectionOf,
  withEquipmentLine,
  withLinesIn,
} from '#core/subjects/equipment';
import type { EquipmentOrder, EquipmentRow, EquipmentSection } from '#core/subjects/equipment';
import { capital, counted, formatWhole, lb } from '#core/units';
import { Filter, sayWithUndo, useUnits } from '../../common';
import { classes, DeltaHeads, useTakenOff } from '../../panel';
import type { PanelProps } from '../face';
import { AddPieces } from './AddPieces';
import { OpenedPiece, PieceLine } from './PieceLine';
import type { LineHands } from './PieceLine';
import { placeLabel, placesOf } from './places';
import look from './equipment.module.css';

/** From so many lines on a list is looked through rather than read. */
const MANY = 12;

/** What is done with the lines that are ticked. */
function Ticked({
  rows,
  places,
  evaluation,
  bench,
  onDone,
}: Pick<PanelProps, 'evaluation' | 'bench'> & {
  rows: EquipmentRow[];
  places: string[];
  onDone: () => void;
}) {
  const { say } = useUnits();
  const { build } = evaluation;
  const ids = rows.map(({ line }) => line.id);
  const sum = sectionOf('picked', rows);
  const pieces = counted(sum.pieces, 'piece');
  const take = (place: string | null, words: string) => {
    bench.change({ build: withLinesIn(build, ids, place), words, choice: EQUIPMENT_CHOICE });
    sayWithUndo(`${words}.`, bench.undo);
    onDone();
  };
  return (
    <div className={look.ticked} role="group" aria-label="Picked pieces">
      <span>
        {pieces} picked, {say(lb(sum.weightLb))}
      </span>
      <NativeSelect
        size="xs"
        aria-label="Move them to"
        value=""
        data={[
          { value: '', label: 'Move to…' },
          ...places.map((id) => ({ value: id, label: placeLabel(id, build) })),
        ]}
        onChange={({ currentTarget: { value } }) =>
          value !== '' && take(value, `Moved ${pieces} to ${placeName(value, build)}`)
        }
      />
      <Button size="compact-xs" variant="default" onClick={() => take(null, `Took off ${pieces}`)}>
        Take off
      </Button>
      <Button size="compact-xs" variant="subtle" c="var(--ink)" onClick={onDone}>
        Pick none
      </Button>
    </div>
  );
}

type SectionProps = PanelProps & {
  section: EquipmentSection;
  order: EquipmentOrder;
  places: string[];
  opened: string | null;
  ticked: ReadonlySet<string>;
  hands: LineHands;
  onTick: (ids: string[], on: boolean) => void;
};

/** The lines of one group, or of one place. */
function Section({ section, order, opened, ticked, hands, onTick, places, evaluation, bench }: SectionProps) {
  const { say } = useUnits();
  const { takeOff, withRoom } = useTakenOff(bench);
  const { build } = evaluation;
  const { rows, pieces, weightLb, id } = section;
  const title = order === 'group' ? capital(id) : placeTitle(id, build);
  const picked = rows.filter(({ line }) => ticked.has(line.id)).length;
  return (
    <section className={classes.group} aria-label={title}>
      <h3 className={look.title}>
        <input
          type="checkbox"
          className={look.tick}
          aria-label={`Pick all of ${title}`}
          checked={picked === rows.length}
          ref={(box) => {
            if (box) box.indeterminate = picked > 0 && picked < rows.length;
          }}
          onChange={(event) =>
            onTick(
              rows.map(({ line }) => line.id),
              event.currentTarget.checked,
            )
          }
        />
        {title}
        <span className={look.sum}>
          {counted(pieces, 'piece')} · <span className="figures">{say(lb(weightLb))}</span>
        </span>
      </h3>
      <ul className={classes.pieces}>
        {withRoom(
          rows.map((row, at) => [
            row.line.id,
            <PieceLine
              key={row.line.id}
              row={row}
              place={placeLabel(row.line.compartmentId, build)}
              byPlace={order === 'place'}
              ticked={ticked.has(row.line.id)}
              hands={hands}
              opened={
                opened === row.line.id ? (
                  <OpenedPiece
                    evaluation={evaluation}
                    bench={bench}
                    row={row}
                    places={places}
                    onTakeOff={(button, without) =>
                      takeOff(
                        button,
                        { id: row.line.id, name: say(row.name), at },
                        { build: without, words: `Took off ${row.name}`, choice: EQUIPMENT_CHOICE },
                      )
                    }
                  />
                ) : null
              }
            />,
          ]),
        )}
      </ul>
    </section>
  );
}

/** What is carried and where: by group or by compartment, filtered, several moved at once. */
export function EquipmentPanel(props: PanelProps) {
  const { say } = useUnits();
  const { evaluation, bench } = props;
  const { build } = evaluation;
  const places = useMemo(() => placesOf(evaluation), [evaluation]);
  const [opened, setOpened] = useState<string | null>(null);
  const [words, setWords] = useState('');
  const [order, setOrder] = useState<EquipmentOrder>('group');
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  const allowance = evaluation.read(allowanceLeftLb);
  const all = evaluation.read(equipmentRows);
  const shown = useMemo(
    () =>
      rowsWith(all, words, ({ name, group, line }) =>
        say(`${name} ${group} ${placeLabel(line.compartmentId, build)}`),
      ),
    [all, words, say, build],
  );
  const tick = useCallback(
    (ids: string[], on: boolean) =>
      setTicked((now) => new Set(on ? [...now, ...ids] : [...now].filter((id) => !ids.includes(id)))),
    [],
  );
  const now = useRef(props);
  useLayoutEffect(() => {
    now.current = props;
  }, [props]);
  const hands = useMemo(
    (): LineHands => ({
      tick: (id, on) => tick([id], on),
      open: (id) => setOpened((before) => (before === id ? null : id)),
      count: ({ line, name }, count) =>
        now.current.bench.change({
          build: withEquipmentLine(now.current.evaluation.build, line.id, { count }),
          words: `${name}: ${count}`,
          control: `count-${line.id}`,
          choice: EQUIPMENT_CHOICE,
        }),
      settle: () => now.current.bench.settle(),
      point: (ids) => now.current.pointAt(ids),
    }),
    [tick],
  );
  // What the filter hides is not moved unseen.
  const acted = shown.filter(({ line }) => ticked.has(line.id));
  return (
    <>
      <DeltaHeads />
      <AddPieces evaluation={evaluation} bench={bench} places={places} />
      {allowance > 0 && (
        <p className={classes.note}>
          The list is {say(lb(allowance))} lighter than the profile’s allowance for loose equipment; the
          difference is weighed in the compartments until it is listed.
        </p>
      )}
      {all.length > 0 && (
        <div className={look.tools}>
          {all.length > MANY && (
            <Filter
              label="Filter the list"
              placeholder="Filter by name, group or place"
              value={words}
              onType={setWords}
            />
          )}
          <NativeSelect
            size="xs"
            aria-label="List by"
            value={order}
            onChange={(event) => setOrder(event.currentTarget.value as EquipmentOrder)}
            data={[
              { value: 'group', label: 'By group' },
              { value: 'place', label: 'By compartment' },
            ]}
          />
        </div>
      )}
      {words !== '' && (
        <p className={look.found} role="status">
          {shown.length === 0
            ? `None of ${counted(all.length, 'line')} has “${words}”.`
            : `${formatWhole(shown.length)} of ${counted(all.length, 'line')}`}
        </p>
      )}
      {acted.length > 0 && (
        <Ticked
          rows={acted}
          places={places}
          evaluation={evaluation}
          bench={bench}
          onDone={() => setTicked(new Set())}
        />
      )}
      {shown.length > 0 && (
        <div className={look.heads} data-by-place={order === 'place'} aria-hidden="true">
          <span>Piece</span>
          {order === 'group' && <span>Rides in</span>}
          <span>Weight</span>
          <span>Count</span>
        </div>
      )}
      {inSections(shown, order).map((section) => (
        <Section
          key={`${order} ${section.id}`}
          {...props}
          section={section}
          order={order}
          places={places}
          opened={opened}
          ticked={ticked}
          hands={hands}
          onTick={tick}
        />
      ))}
    </>
  );
}
