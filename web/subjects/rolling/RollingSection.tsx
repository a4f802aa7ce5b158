import { useMemo } from 'react';
import type { Evaluation } from '#core/kernel';
import {
  engineTypes,
  metAndNext,
  rolling,
  rollingChart,
  rollingChoices,
  rollingInWords,
  rollingTable,
  typesTable,
} from '#core/subjects/rolling';
import { ChartView } from '../../chart';
import { DataTable, sectionClasses, useUnits } from '../../common';
import { ChoicesOf } from '../../panel';
import { useSession } from '../../session';
import { Checks } from '../../site';

/** Pumping while the truck rolls, and the engine type that it meets. */
export function RollingSection() {
  const { evaluation, bench } = useSession();
  const { say } = useUnits();
  const table = evaluation.read(rollingTable);
  const chart = evaluation.read(rollingChart);
  const types = useMemo(() => engineTypes(evaluation), [evaluation]);
  const { met, next } = metAndNext(types);
  const asked = (on: Evaluation) => rollingChoices(on.build, () => on);
  return (
    <>
      <p className={sectionClasses.caution}>{rolling.caution}</p>
      {table ? (
        <>
          <div className={sectionClasses.split}>
            <div>
              {chart && <ChartView chart={chart} />}
              <p className={sectionClasses.says}>{say(evaluation.read(rollingInWords))}</p>
            </div>
            <div>
              <ChoicesOf evaluation={evaluation} bench={bench} of={asked} />
            </div>
          </div>
          <h3 className={sectionClasses.sub}>{table.title}</h3>
          <div style={{ maxWidth: 620 }}>
            <DataTable table={table} />
          </div>
        </>
      ) : (
        <p className={sectionClasses.says}>
          No pump of this truck works while it rolls, or no line is meant to: a ground sweep or a bumper
          monitor is added under Lines.
        </p>
      )}
      <h3 className={sectionClasses.sub}>Interagency engine types</h3>
      <p className={sectionClasses.says}>
        {met ? `It meets type ${met.type}.` : 'It meets none of them.'}
        {next
          ? ` For type ${next.type} it lacks ${next.lacks.length === 1 ? 'one thing' : `${next.lacks.length} things`}.`
          : ''}{' '}
        Confirm each against the adopted list.
      </p>
      <DataTable table={typesTable(types)} minWidth={640} />
      <Checks ids={['rollFlow', 'auxiliaryFuel', 'pumpRoll', 'pumpPressure']} />
    </>
  );
}
