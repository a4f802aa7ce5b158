import { Button, NativeSelect } from '@mantine/core';
import { useMemo } from 'react';
import type { Evaluation } from '#core/kernel';
import {
  EQUIPMENT_CHOICE,
  LINE_FIELDS,
  POSE_NAMES,
  posesOf,
  withEquipmentLine,
} from '#core/subjects/equipment';
import type { Pose } from '#core/subjects/equipment';
import {
  clearAbout,
  misplaced,
  misplacedInWords,
  placed,
  reachIn,
  spotsFor,
  stowed,
  triedAgain,
  whereabouts,
  withSpot,
} from '#core/subjects/stowing';
import type { Surface } from '#core/truck';
import { inches, lb } from '#core/units';
import { FigureField, useUnits } from '../../common';
import { DeltaHeads, Deltas, useDelta } from '../../panel';
import type { Bench } from '../../session';
import classes from './stowing.module.css';

/** The piece that is picked: how it lies, what is free about it, and where else it has room. */
export function PickedPiece({
  evaluation,
  bench,
  lineId,
  onShow,
}: {
  evaluation: Evaluation;
  bench: Bench;
  lineId: string;
  /** Shows where it was put. */
  onShow: (surface: Surface) => void;
}) {
  const { say } = useUnits();
  const { build } = evaluation;
  const thing = evaluation.read(stowed).find(({ line }) => line.id === lineId);
  const line = build.equipment.lines.find(({ id }) => id === lineId);
  const lying = thing?.lying ?? null;
  const spots = useMemo(() => (line ? spotsFor(evaluation, lineId) : []), [evaluation, line, lineId]);
  const off = useMemo(
    () => (line ? withEquipmentLine(build, lineId, { compartmentId: line.compartmentId }) : null),
    [build, line, lineId],
  );
  const delta = useDelta(evaluation, lying ? off : null);
  const where = evaluation.read(whereabouts).find((one) => one.line.id === lineId);
  if (!line || !where) return null;
  const name = say(where.name);
  const take = (next: typeof build, words: string, control?: string) =>
    bench.change({ build: next, words, choice: EQUIPMENT_CHOICE, ...(control ? { control } : {}) });
  const again = (change: Parameters<typeof triedAgain>[2], words: string, control?: string) => {
    const trial = triedAgain(evaluation, lineId, change);
    if (trial) take(trial.build, words, control);
  };
  const wrong = evaluation.read(misplaced).find((one) => one.thing.line.id === lineId);
  const clear =
    thing && lying
      ? clearAbout(
          { ...thing, lying },
          evaluation
            .read(placed)
            .filter((one) => one.line.id !== lineId && one.lying.surface.id === lying.surface.id),
        )
      : null;
  return (
    <section className={classes.picked} aria-label="Picked piece">
      <h3>{name}</h3>
      {!thing && <p>{say(where.place)}</p>}
      {thing && (
        <p>
          {say(
            `${lb(thing.weightLb)}, ${[thing.part.lengthIn, thing.part.widthIn, thing.part.heightIn].map((side) => inches(side)).join(' by ')}${line.count > 1 ? ` each, ${line.count} of them` : ''}`,
          )}
        </p>
      )}
      {lying && clear && (
        <>
          <p>
            {say(
              `On ${lying.surface.name}; hands take it ${inches(reachIn(thing!))} over the ground. Free: ${inches(clear.beforeIn)} and ${inches(clear.afterIn)} beside it, ${inches(clear.behindIn)} behind, ${inches(clear.overIn)} over it.`,
            )}
          </p>
          {wrong && <p className={classes.wrong}>{say(misplacedInWords(wrong))}</p>}
          <NativeSelect
            size="xs"
            label="It lies"
            value={lying.lay.pose}
            onChange={(event) => again({ pose: event.currentTarget.value as Pose }, `${name}: turned`)}
            data={posesOf(lying.surface.faces === 'up' ? thing!.part : {}).map((pose) => ({
              value: pose,
              label: POSE_NAMES[pose],
            }))}
          />
          <div className={classes.pair}>
            <FigureField
              title={LINE_FIELDS.alongIn.title}
              label={LINE_FIELDS.alongIn.title}
              unit="in"
              value={lying.at.alongIn}
              min={0}
              max={LINE_FIELDS.alongIn.max}
              onTake={(alongIn) => again({ alongIn }, `${name}: ${inches(alongIn)} along`, `along-${lineId}`)}
              onBlur={bench.settle}
            />
            <FigureField
              title={lying.surface.faces === 'up' ? 'In from its edge' : 'Up the board'}
              label={lying.surface.faces === 'up' ? 'In from its edge' : 'Up the board'}
              unit="in"
              value={lying.at.inIn}
              min={0}
              max={LINE_FIELDS.inIn.max}
              onTake={(inIn) => again({ inIn }, `${name}: ${inches(inIn)} in`, `in-${lineId}`)}
              onBlur={bench.settle}
            />
          </div>
        </>
      )}
      <NativeSelect
        size="xs"
        label="Put it on"
        value=""
        onChange={(event) => {
          const found = spots.find(({ surface }) => surface.id === event.currentTarget.value);
          if (!found) return;
          take(withSpot(build, lineId, found.surface, found.spot, true), `${name} on ${found.surface.name}`);
          onShow(found.surface);
        }}
        data={[
          { value: '', label: spots.length > 0 ? 'Where it has room…' : 'It has room nowhere' },
          ...spots.map(({ surface }) => ({ value: surface.id, label: say(surface.name) })),
        ]}
      />
      {lying && (
        <>
          <div className={classes.pair}>
            <Button
              size="compact-xs"
              variant="default"
              onClick={() =>
                take(
                  withEquipmentLine(build, lineId, { fixed: line.fixed ? undefined : 'yes' } as never),
                  line.fixed ? `${name} may be moved` : `${name} stays where it is`,
                )
              }
            >
              {line.fixed ? 'It may be moved' : 'It stays here'}
            </Button>
            <Button
              size="compact-xs"
              variant="default"
              onClick={() => off && take(off, `${name} taken off ${lying.surface.name}`)}
            >
              Take it down
            </Button>
          </div>
          <DeltaHeads />
          <Deltas change={delta} />
        </>
      )}
    </section>
  );
}
