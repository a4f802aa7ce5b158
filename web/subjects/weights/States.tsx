import { Button, Checkbox, NativeSelect } from '@mantine/core';
import { useMemo } from 'react';
import { freshId } from '#core/build';
import type { Build } from '#core/build';
import { axles, chosenChassis } from '#core/subjects/chassis';
import type { AxleOption } from '#core/subjects/chassis';
import {
  GROWTH_FIELDS,
  MOST_GROWTH_PCT,
  MOST_STATES,
  OFF_GROUPS,
  OFF_NAMES,
  STATE_FIELDS,
  governing,
  statesChart,
  statesTable,
  withGrowth,
  withState,
} from '#core/subjects/weights';
import type { Growth as GrowthReserve, OwnState } from '#core/subjects/weights';
import { lb } from '#core/units';
import { ChartView } from '../../chart';
import { DataTable, FigureField, KeptText, useUnits } from '../../common';
import { useSession } from '../../session';
import type { Bench } from '../../session';
import { sectionClasses as classes } from '../../common';
import look from './states.module.css';

const RATINGS = {
  axleLb: 'axle plate',
  tiresLb: 'tires',
  wheelsLb: 'wheels',
  suspensionLb: 'suspension',
} as const;

/** What governs an axle, as a chain: the weakest link is the rating. */
function Chain({ title, axle }: { title: string; axle: AxleOption }) {
  const { say } = useUnits();
  const { limitLb, name } = governing(axle);
  return (
    <div className={look.chain} aria-label={`${title}: the ${name} governs`} role="group">
      <h2>{title}</h2>
      <ol>
        {(Object.entries(axle.ratings) as [keyof typeof RATINGS, number][]).map(([key, rating]) => (
          <li key={key} data-weakest={rating === limitLb}>
            <span>{RATINGS[key]}</span>
            <b className="figures">{say(lb(rating))}</b>
            {rating === limitLb && <em>weakest link</em>}
          </li>
        ))}
      </ol>
    </div>
  );
}

/** Weight kept free for what is mounted later. */
function Growth({ build, bench }: { build: Build; bench: Bench }) {
  const { unit } = useUnits();
  const growth = build.weights.growth ?? { unit: 'pct' as const, value: 0 };
  const pounds = growth.unit === 'lb';
  const take = (next: GrowthReserve) =>
    bench.change({
      build: withGrowth(build, next),
      words:
        next.value === 0
          ? 'No growth reserve'
          : `Growth reserve ${next.unit === 'pct' ? `${next.value} %` : lb(next.value)}`,
      control: 'growth',
    });
  return (
    <div className={look.growth}>
      <FigureField
        key={growth.unit}
        label="Growth reserve"
        title="Growth reserve"
        description="Kept free for what is mounted later; counts in every check"
        unit={pounds ? 'lb' : '%'}
        value={growth.value}
        min={0}
        max={pounds ? GROWTH_FIELDS.value.max : MOST_GROWTH_PCT}
        onTake={(value) => take({ unit: growth.unit, value })}
      />
      <NativeSelect
        size="xs"
        aria-label="Growth reserve in"
        value={growth.unit}
        data={[
          { value: 'pct', label: 'percent' },
          { value: 'lb', label: unit('lb') },
        ]}
        onChange={(event) => take({ unit: event.currentTarget.value as 'pct' | 'lb', value: 0 })}
      />
    </div>
  );
}

const FRESH: Omit<OwnState, 'id'> = {
  name: 'Own state',
  waterPct: 100,
  foamPct: 100,
  fuelPct: 100,
  crew: 2,
  off: [],
};

/** A state of the department's own: any filling, any crew, groups on or off. */
function StateForm({ state, bench }: { state: OwnState; bench: Bench }) {
  const take = (change: Partial<OwnState>) =>
    bench.change({
      build: withState(bench.build, state.id, { ...state, ...change }),
      words: `Load state ${state.name}`,
      control: `state-${state.id}`,
    });
  const figure = (key: 'waterPct' | 'foamPct' | 'fuelPct' | 'crew', title: string, unit: string) => (
    <FigureField
      label={title}
      title={title}
      unit={unit}
      value={state[key]}
      min={STATE_FIELDS[key].min}
      max={STATE_FIELDS[key].max}
      whole={key === 'crew'}
      onTake={(to) => take({ [key]: to })}
    />
  );
  return (
    <fieldset className={look.ownState}>
      <legend>{state.name}</legend>
      <KeptText
        size="xs"
        label="Name"
        maxLength={STATE_FIELDS.name.most}
        value={state.name}
        onTake={(name) => take({ name })}
      />
      {figure('waterPct', 'Water', '%')}
      {figure('foamPct', 'Foam', '%')}
      {figure('fuelPct', 'Fuel', '%')}
      {figure('crew', 'Crew', '')}
      <div className={look.off} role="group" aria-label="Left off">
        {OFF_GROUPS.map((group) => (
          <Checkbox
            key={group}
            size="xs"
            label={`without ${OFF_NAMES[group].toLowerCase()}`}
            checked={state.off.includes(group)}
            onChange={(event) =>
              take({
                off: event.currentTarget.checked
                  ? [...state.off, group]
                  : state.off.filter((other) => other !== group),
              })
            }
          />
        ))}
      </div>
      <Button
        size="compact-xs"
        variant="default"
        onClick={() =>
          bench.change({
            build: withState(bench.build, state.id, null),
            words: `Removed load state ${state.name}`,
          })
        }
      >
        Remove {state.name}
      </Button>
    </fieldset>
  );
}

/** Every load state against each rating, in a table and a chart; the state that governs each check is marked. */
export function States() {
  const { bench, evaluation } = useSession();
  const { states } = bench.build.weights;
  const { frontAxle, rearAxle } = evaluation.read(chosenChassis);
  const table = useMemo(() => statesTable(evaluation), [evaluation]);
  const add = () => {
    const id = freshId();
    bench.change({
      build: withState(bench.build, id, { id, ...FRESH, name: `Own state ${states.length + 1}` }),
      words: 'A load state of its own',
    });
  };
  return (
    <>
      <div className={classes.split}>
        <ChartView chart={evaluation.read(statesChart)} />
        <div className={look.chains}>
          <Chain title="Front axle" axle={frontAxle} />
          <Chain
            title={evaluation.read(axles).rear.axles === 2 ? 'Rear tandem' : 'Rear axle'}
            axle={rearAxle}
          />
          <Growth build={bench.build} bench={bench} />
        </div>
      </div>
      <DataTable table={table} minWidth={860} />
      <h2 className={classes.sub}>States of your own</h2>
      <div className={look.ownStates}>
        {states.map((state) => (
          <StateForm key={state.id} state={state} bench={bench} />
        ))}
      </div>
      <Button size="xs" variant="default" onClick={add} disabled={states.length >= MOST_STATES}>
        Add a load state
      </Button>
    </>
  );
}
