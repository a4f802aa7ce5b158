import type { TableOf } from '#core/kernel';
import { BRIEF_FIELDS, counting } from '#core/subjects/brief';
import { flood, floodAt, harmed } from '#core/subjects/flood';
import type { Harmed } from '#core/subjects/flood';
import { components, envelope } from '#core/truck';
import { capital, inches } from '#core/units';
import { DataTable, sectionClasses, useUnits } from '../../common';
import { RigView, Upright } from '../../drawing';
import { useSession } from '../../session';
import {
  Checks,
  Handle,
  Margins,
  NothingSaid,
  Place,
  Sheet,
  siteClasses as classes,
  useTrial,
} from '../../site';

const floods = counting('floods');
const { deepIn: field } = BRIEF_FIELDS.floods.fields;
const BESIDE_IN = 40;

const tableOf = (all: readonly Harmed[], deepIn: number): TableOf => ({
  title: 'What water harms, the lowest first',
  columns: [
    { head: 'What' },
    { head: 'Above the ground', figure: true },
    { head: 'Rides lowest' },
    { head: 'At this depth' },
  ],
  rows: all.map(({ what, lowIn, state }, i) => ({
    id: String(i),
    cells: [
      capital(what),
      inches(lowIn),
      state.name,
      lowIn <= deepIn ? 'under water' : `${inches(lowIn - deepIn)} above it`,
    ],
  })),
});

/** The truck from the side in the water of the brief, with what drowns first. */
export function FloodSection() {
  const { evaluation } = useSession();
  const { say } = useUnits();
  const at = evaluation.read(floodAt);
  const trial = useTrial(evaluation.read(floods), (one) => at(one)?.margin ?? Infinity);
  const all = evaluation.read(harmed);
  const { frontIn, rearIn, heightIn } = evaluation.read(envelope);
  const { line } = trial;
  if (!line) return <NothingSaid of="a flood" />;
  const [u0, u1] = [frontIn - BESIDE_IN, rearIn + BESIDE_IN];
  return (
    <>
      <p className={sectionClasses.caution}>{flood.caution}</p>
      <Place label="Flooded road" of={trial} />
      <Margins places={[['Water', at(line)]]} />
      <Sheet
        space={{ u0, u1, v0: 0, v1: heightIn + 6 }}
        heightPx={380}
        label={say(`The truck from the side in ${inches(line.deepIn)} of water`)}
      >
        {(px) => (
          <>
            <RigView components={evaluation.read(components)} view="driver" />
            <rect x={u0} y={-line.deepIn} width={u1 - u0} height={line.deepIn} className={classes.flooded} />
            <line x1={u0} x2={u1} y1={0} y2={0} className={classes.edge} />
            {all.map(({ what, xIn, lowIn }, i) => (
              <g key={i} transform={`translate(${xIn} ${-lowIn})`}>
                <circle r={(i === 0 ? 6 : 4) * px} className={classes.mark} data-first={i === 0} />
                {i === 0 && (
                  <text x={9 * px} y={-6 * px} fontSize={12 * px} className={classes.told}>
                    {what}
                  </text>
                )}
              </g>
            ))}
            <Upright
              from={-line.deepIn}
              to={0}
              line={u1 + 14 * px}
              start={u1}
              text={say(inches(line.deepIn))}
              px={px}
            />
            <Handle
              label="Depth of the water"
              said={inches(line.deepIn)}
              value={line.deepIn}
              within={field}
              along="v"
              from={[u0, line.deepIn]}
              to={[u1, line.deepIn]}
              px={px}
              onMove={(value) => trial.attempt({ deepIn: value })}
            />
          </>
        )}
      </Sheet>
      <DataTable table={tableOf(all, line.deepIn)} />
      <Checks ids={['flood']} />
    </>
  );
}
