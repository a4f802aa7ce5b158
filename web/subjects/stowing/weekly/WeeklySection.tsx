import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import { freshId } from '#core/build';
import { aboard, lockerViews, placeLists } from '#core/subjects/stowing';
import type { PlaceList } from '#core/subjects/stowing';
import { counted, inUnits } from '#core/units';
import { dropSigned, keepSigned, useWeeklyChecks } from '../../../api';
import { sectionClasses, useUnits, whoAmI } from '../../../common';
import { useSession } from '../../../session';
import { Sheet } from '../../../site';
import { LockerFigure } from '../LockerFigure';
import { useDraft } from './draft';
import type { Draft } from './draft';
import { LineCheck } from './LineCheck';
import { WeeklyLog } from './WeeklyLog';
import classes from './weekly.module.css';

const MOST_NAME = 60;
/** The picture of a compartment is so high for each inch that it shows, and no higher than that, px. */
const PX = { anInch: 5.5, margins: 92, most: 420 };

const toSee = ({ rows }: PlaceList, draft: Draft): number =>
  rows.filter(({ line }) => !draft[line.id]).length;

/** The weekly check on a tablet: place by place, without network, signed and kept. */
export function WeeklySection() {
  const { evaluation, id, view } = useSession();
  const on = new Set(evaluation.read(aboard).map(({ line }) => line.id));
  const places = evaluation
    .read(placeLists)
    .map((list) => ({ ...list, rows: list.rows.filter(({ line }) => on.has(line.id)) }))
    .filter(({ rows }) => rows.length > 0);
  const log = useWeeklyChecks(id);
  return (
    <>
      {log.waiting.map(({ check, refused }) => (
        <p key={check.id} className={sectionClasses.says} role="status">
          {refused ? (
            <>
              The check that {check.who} signed is refused: {refused}{' '}
              <Button
                size="xs"
                variant="default"
                onClick={() => {
                  dropSigned(check.id);
                  void log.look();
                }}
              >
                Throw it away
              </Button>
            </>
          ) : (
            `The check that ${check.who} signed is kept on this device. It goes to the server when that answers.`
          )}
        </p>
      ))}
      {places.length === 0 ? (
        <p className={sectionClasses.says}>Nothing has a place on this truck yet.</p>
      ) : (
        <Check places={places} revision={view.revision} onSigned={() => void log.look()} />
      )}
      {log.error && <p className={sectionClasses.says}>The log can’t be read now: {log.error.message}</p>}
      <WeeklyLog
        checks={log.checks}
        waiting={new Set(log.waiting.map(({ check }) => check.id))}
        buildName={evaluation.build.name}
      />
    </>
  );
}

interface CheckProps {
  places: readonly PlaceList[];
  revision: number;
  onSigned: () => void;
}

function Check({ places, revision, onSigned }: CheckProps) {
  const { evaluation, id } = useSession();
  const { say, system } = useUnits();
  const [draft, setDraft] = useDraft(id);
  // Where it was left; and it stays there until somebody goes on.
  const [at, setAt] = useState(() => places.find((one) => toSee(one, draft) > 0)?.id);
  const [who, setWho] = useState(whoAmI);
  const place = places.find((one) => one.id === at) ?? places[0]!;
  const locker = evaluation.read(lockerViews).find((one) => one.id === place.id);
  const left = places.reduce((sum, one) => sum + toSee(one, draft), 0);
  const next = places.find((one) => one !== place && toSee(one, draft) > 0);
  const restHere = () =>
    setDraft({
      ...Object.fromEntries(
        place.rows.map(({ line }) => [line.id, { found: 'here', short: 0, note: '' } as const]),
      ),
      ...draft,
    });
  const sign = () => {
    keepSigned(id, {
      id: freshId(),
      who: who.trim(),
      at: new Date().toISOString(),
      revision,
      lines: places.flatMap(({ rows }) =>
        rows.map(({ line, name, place: where }) => ({
          lineId: line.id,
          name: inUnits(name, system),
          place: inUnits(where, system),
          count: line.count,
          ...draft[line.id]!,
        })),
      ),
    });
    setDraft({});
    setAt(undefined);
    onSigned();
  };
  return (
    <>
      <nav className={classes.places} aria-label="Places">
        {places.map((one) => {
          const open = toSee(one, draft);
          return (
            <button
              key={one.id}
              type="button"
              aria-current={one === place ? 'true' : undefined}
              onClick={() => setAt(one.id)}
            >
              {say(one.title)}
              <small>{open === 0 ? '✓ seen' : `${open} to see`}</small>
            </button>
          );
        })}
      </nav>
      <div className={classes.place}>
        {locker && (
          <div className={classes.picture}>
            <Sheet
              space={{ u0: 0, u1: locker.wideIn, v0: 0, v1: locker.highIn }}
              heightPx={Math.min(PX.most, locker.highIn * PX.anInch + PX.margins)}
              label={`${locker.name} from its door`}
            >
              {(px) => <LockerFigure of={locker} px={px * 1.5} />}
            </Sheet>
          </div>
        )}
        <div>
          <ul className={classes.lines} aria-label={say(place.title)}>
            {place.rows.map((row) => (
              <LineCheck
                key={row.line.id}
                of={row}
                mark={draft[row.line.id]}
                onMark={(mark) => setDraft({ ...draft, [row.line.id]: mark })}
              />
            ))}
          </ul>
          <div className={classes.go}>
            {toSee(place, draft) > 0 ? (
              <Button variant="default" size="md" onClick={restHere}>
                The rest is here
              </Button>
            ) : (
              next && (
                <Button variant="default" size="md" onClick={() => setAt(next.id)}>
                  On to {say(next.title)}
                </Button>
              )
            )}
          </div>
        </div>
      </div>
      <form
        className={classes.go}
        onSubmit={(event) => {
          event.preventDefault();
          const open = places.find((one) => toSee(one, draft) > 0);
          if (open) setAt(open.id);
          else if (who.trim() !== '') sign();
        }}
      >
        <TextInput
          label="Signed by"
          size="md"
          maxLength={MOST_NAME}
          value={who}
          onChange={(event) => setWho(event.currentTarget.value)}
        />
        <Button type="submit" size="md" variant={left > 0 || who.trim() === '' ? 'default' : 'filled'}>
          Sign and keep
        </Button>
        <span role="status">
          {left > 0
            ? `${counted(left, 'line')} still to look at`
            : who.trim() === ''
              ? 'Give your name to sign'
              : 'Everything has been looked at'}
        </span>
      </form>
    </>
  );
}
