import { Button, Checkbox, NativeSelect, NumberInput } from '@mantine/core';
import { useMemo, useState } from 'react';
import { statesChart, statesTable } from '#core/report';
import { governing } from '#core/review';
import type { Evaluation } from '#core/review';
import { OFF_GROUPS, withGrowth, withState } from '#core/spec';
import type { BuildSpec, OwnState } from '#core/spec';
import { lb } from '#core/units';
import { ChartView } from '../chart';
import { DataTable, KeptText, useUnits } from '../common';
import { useSession } from '../session';
import type { Bench } from '../session';
import classes from './weights.module.css';

const RATINGS = { axleLb: 'axle plate', tyresLb: 'tyres', wheelsLb: 'wheels', suspensionLb: 'suspension' } as const;

/** What governs an axle, as a chain: the weakest link is the rating. */
function Chain({ title, axle }: { title: string; axle: Evaluation['rig']['frontAxle'] }) {
  const { say } = useUnits();
  const { limitLb, name } = governing(axle);
  return (
    <div className={classes.chain} aria-label={`${title}: the ${name} governs`} role="group">
      <h2>{title}</h2>
      <ol>{(Object.entries(axle.ratings) as [keyof typeof RATINGS, number][]).map(([key, rating]) => <li key={key} data-weakest={rating === limitLb}><span>{RATINGS[key]}</span><b className="figures">{say(lb(rating))}</b>{rating === limitLb && <em>weakest link</em>}</li>)}</ol>
    </div>
  );
}

/** Weight kept free for what is mounted later. */
function Growth({ spec, bench }: { spec: BuildSpec; bench: Bench }) {
  const { show, read, unit } = useUnits();
  const growth = spec.growth ?? { unit: 'pct' as const, value: 0 };
  const pounds = growth.unit === 'lb';
  const take = (next: NonNullable<BuildSpec['growth']>) => bench.change({ spec: withGrowth(spec, next), words: next.value === 0 ? 'No growth reserve' : `Growth reserve ${next.unit === 'pct' ? `${next.value} %` : lb(next.value)}`, control: 'growth' });
  return (
    <div className={classes.growth}>
      <NumberInput
        size="xs" label="Growth reserve" description="Kept free for what is mounted later; counts in every check" value={Number((pounds ? show('lb', growth.value) : growth.value).toFixed(1))} min={0} max={pounds ? Math.floor(show('lb', 10_000)) : 30} suffix={pounds ? ` ${unit('lb')}` : ' %'} thousandSeparator="," decimalScale={1} classNames={{ input: 'figures' }}
        onChange={(to) => { if (typeof to === 'number' && to >= 0 && to <= (pounds ? show('lb', 10_000) : 30)) take({ unit: growth.unit, value: pounds ? read('lb', to) : to }); }}
      />
      <NativeSelect size="xs" aria-label="Growth reserve in" value={growth.unit} data={[{ value: 'pct', label: 'percent' }, { value: 'lb', label: unit('lb') }]} onChange={(event) => take({ unit: event.currentTarget.value as 'pct' | 'lb', value: 0 })} />
    </div>
  );
}

const FRESH: Omit<OwnState, 'id'> = { name: 'Own state', waterPct: 100, foamPct: 100, fuelPct: 100, crew: 2, off: [] };

/** A state of the department's own: any filling, any crew, groups on or off. */
function StateForm({ state, bench }: { state: OwnState; bench: Bench }) {
  const take = (change: Partial<OwnState>) => bench.change({ spec: withState(bench.spec, state.id, { ...state, ...change }), words: `Load state ${state.name}`, control: `state-${state.id}` });
  const pct = (key: 'waterPct' | 'foamPct' | 'fuelPct', label: string) => (
    <NumberInput size="xs" label={label} value={state[key]} min={0} max={100} suffix=" %" classNames={{ input: 'figures' }} onChange={(to) => { if (typeof to === 'number' && to >= 0 && to <= 100) take({ [key]: to }); }} />
  );
  return (
    <fieldset className={classes.ownState}>
      <legend>{state.name}</legend>
      <KeptText size="xs" label="Name" maxLength={40} value={state.name} onTake={(name) => take({ name })} />
      {pct('waterPct', 'Water')}{pct('foamPct', 'Foam')}{pct('fuelPct', 'Fuel')}
      <NumberInput size="xs" label="Crew" value={state.crew} min={0} max={12} onChange={(to) => { if (typeof to === 'number' && Number.isInteger(to) && to >= 0 && to <= 12) take({ crew: to }); }} />
      <div className={classes.off} role="group" aria-label="Left off">{OFF_GROUPS.map((group) => <Checkbox key={group} size="xs" label={`without ${group.toLowerCase()}`} checked={state.off.includes(group)} onChange={(event) => take({ off: event.currentTarget.checked ? [...state.off, group] : state.off.filter((other) => other !== group) })} />)}</div>
      <Button size="compact-xs" variant="default" onClick={() => bench.change({ spec: withState(bench.spec, state.id, null), words: `Removed load state ${state.name}` })}>Remove {state.name}</Button>
    </fieldset>
  );
}

/** Every load state against each rating, in a table and a chart; the state that governs each check is marked. */
export function States() {
  const { bench, evaluation } = useSession();
  const { rig } = evaluation;
  const [adding, setAdding] = useState(0);
  const chart = useMemo(() => statesChart(evaluation), [evaluation]);
  const table = useMemo(() => statesTable(evaluation), [evaluation]);
  const add = () => {
    const taken = new Set(bench.spec.states?.map(({ id }) => id));
    let n = adding + 1;
    while (taken.has(`state-${n}`)) n += 1;
    setAdding(n);
    bench.change({ spec: withState(bench.spec, `state-${n}`, { id: `state-${n}`, ...FRESH, name: `Own state ${n}` }), words: 'A load state of its own' });
  };
  return (
    <>
      <div className={classes.split}>
        <ChartView chart={chart} />
        <div className={classes.chains}>
          <Chain title="Front axle" axle={rig.frontAxle} />
          <Chain title={rig.axles.rear.axles === 2 ? 'Rear tandem' : 'Rear axle'} axle={rig.rearAxle} />
          <Growth spec={bench.spec} bench={bench} />
        </div>
      </div>
      <DataTable table={table} minWidth={860} />
      <h2 className={classes.sub}>States of your own</h2>
      <div className={classes.ownStates}>{(bench.spec.states ?? []).map((state) => <StateForm key={state.id} state={state} bench={bench} />)}</div>
      <Button size="xs" variant="default" onClick={add} disabled={(bench.spec.states?.length ?? 0) >= 12}>Add a load state</Button>
    </>
  );
}
