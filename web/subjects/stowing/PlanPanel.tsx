import { Button, NativeSelect, Progress } from '@mantine/core';
import { useState } from 'react';
import { EQUIPMENT_CHOICE, GROUPS } from '#core/subjects/equipment';
import { answersTable, SCHOOLS, USUAL_WISHES, WHERE, WHERE_NAMES, WISH_NAMES } from '#core/subjects/stowing';
import type { Rules, Where, Wishes } from '#core/subjects/stowing';
import { capital, formatPct, formatWhole } from '#core/units';
import { DataTable, FigureField, sayWithUndo, useUnits } from '../../common';
import type { Bench } from '../../session';
import { usePlan } from './usePlan';
import classes from './stowing.module.css';

const HOW_MUCH = [
  { value: '0', label: 'Not at all' },
  { value: '1', label: 'As usual' },
  { value: '2', label: 'Much' },
  { value: '4', label: 'Above all' },
];
const SECONDS = [15, 30, 60];

/** The pieces that no hand has put down, placed by the solver: what must hold, what is wished, several answers. */
export function PlanPanel({ bench }: { bench: Bench }) {
  const { say } = useUnits();
  const { build } = bench;
  const [where, setWhere] = useState<Rules['where']>(SCHOOLS[0]!.where);
  const [growthPct, setGrowth] = useState(10);
  const [wishes, setWishes] = useState<Wishes>(USUAL_WISHES);
  const [seconds, setSeconds] = useState(30);
  const { search, start, cancel } = usePlan(build);
  const school = SCHOOLS.find((one) => GROUPS.every((group) => one.where[group] === where[group]));
  return (
    <details className={classes.plan}>
      <summary>Let Baros place what no hand has put down</summary>
      <div className={classes.rules}>
        <NativeSelect
          size="xs"
          label="Disciplines ride"
          value={school?.id ?? ''}
          onChange={(event) =>
            setWhere(SCHOOLS.find(({ id }) => id === event.currentTarget.value)?.where ?? where)
          }
          data={[
            ...(school ? [] : [{ value: '', label: 'As chosen below' }]),
            ...SCHOOLS.map(({ id, name }) => ({ value: id, label: name })),
          ]}
        />
        <FigureField
          title="Room kept for growth"
          label="Room kept for growth"
          unit="%"
          value={growthPct}
          min={0}
          max={60}
          onTake={setGrowth}
        />
        {(Object.keys(WISH_NAMES) as (keyof Wishes)[]).map((wish) => (
          <NativeSelect
            key={wish}
            size="xs"
            label={WISH_NAMES[wish]}
            value={String(wishes[wish])}
            onChange={(event) => setWishes({ ...wishes, [wish]: Number(event.currentTarget.value) })}
            data={HOW_MUCH}
          />
        ))}
      </div>
      <p className={classes.told}>{school?.words}</p>
      <details>
        <summary>Each discipline by itself</summary>
        <div className={classes.rules}>
          {GROUPS.map((group) => (
            <NativeSelect
              key={group}
              size="xs"
              label={capital(group)}
              value={where[group]}
              onChange={(event) => setWhere({ ...where, [group]: event.currentTarget.value as Where })}
              data={WHERE.map((one) => ({ value: one, label: WHERE_NAMES[one] }))}
            />
          ))}
        </div>
      </details>
      <div className={classes.go}>
        <NativeSelect
          size="xs"
          label="Search for"
          value={String(seconds)}
          onChange={(event) => setSeconds(Number(event.currentTarget.value))}
          data={SECONDS.map((value) => ({ value: String(value), label: `${value} seconds` }))}
        />
        {search.phase === 'searching' ? (
          <Button size="xs" variant="default" onClick={cancel}>
            Stop
          </Button>
        ) : (
          <Button size="xs" onClick={() => start({ where, growthPct }, wishes, seconds)}>
            Place them
          </Button>
        )}
        <p className={classes.told} role="status">
          {search.phase === 'searching'
            ? search.progress
              ? `Answer ${search.progress.answer} of ${search.progress.of}, round ${search.progress.round}${
                  search.progress.left === null
                    ? ''
                    : `: ${formatWhole(search.progress.left)} without a place so far`
                }${Number.isFinite(search.progress.gap) && search.progress.gap > 0 ? `; the solver is within ${formatPct(search.progress.gap * 100)}` : ''}`
              : 'The solver begins'
            : search.phase === 'canceled'
              ? 'Stopped; nothing was moved.'
              : search.phase === 'failed'
                ? 'The search failed; nothing was moved. Try again.'
                : ''}
        </p>
      </div>
      {search.phase === 'searching' && (
        <Progress.Root size="sm">
          <Progress.Section
            value={search.progress ? ((search.progress.answer - 0.5) / search.progress.of) * 100 : 2}
            color="var(--ink)"
            aria-label="Search"
          />
        </Progress.Root>
      )}
      {search.phase === 'found' && (
        <>
          <DataTable table={answersTable(search.result)} minWidth={760} />
          {search.result.map(({ id, name, build: next, left, forced }) => (
            <section key={id} aria-label={name} className={classes.answer}>
              <h3>
                {name}
                <Button
                  size="compact-xs"
                  variant="default"
                  aria-label={`Take the answer “${name}”`}
                  onClick={() => {
                    bench.change({
                      build: next,
                      words: `Placed: ${name.toLowerCase()}`,
                      choice: EQUIPMENT_CHOICE,
                    });
                    sayWithUndo(`Placed: ${name.toLowerCase()}.`, bench.undo);
                  }}
                >
                  Take it
                </Button>
              </h3>
              {[...left, ...forced].length > 0 && (
                <ul>
                  {[...left, ...forced].map((words) => (
                    <li key={words}>{say(words)}</li>
                  ))}
                </ul>
              )}
            </section>
          ))}
        </>
      )}
    </details>
  );
}
