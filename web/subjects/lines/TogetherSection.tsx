import { Checkbox } from '@mantine/core';
import type { Evaluation } from '#core/kernel';
import {
  lines,
  linesTable,
  pumpNow,
  togetherChoices,
  togetherInWords,
  togetherTable,
  truckLines,
  withLineSaid,
} from '#core/subjects/lines';
import { gpm } from '#core/units';
import { ChartView } from '../../chart';
import { DataTable, sectionClasses, useUnits } from '../../common';
import { ChoicesOf, classes as panelClasses } from '../../panel';
import { useSession } from '../../session';
import { Checks } from '../../site';

/** What the lines that run get together, on the pump's curve, and what every line asks for. */
export function TogetherSection() {
  const { evaluation, bench } = useSession();
  const { say } = useUnits();
  const chart = evaluation.read(pumpNow);
  const table = evaluation.read(togetherTable);
  const { build } = evaluation;
  const asked = (on: Evaluation) =>
    togetherChoices(on.build, () => on).filter(({ kind }) => kind !== 'list' && kind !== 'toggle');
  if (!chart) return <p className={sectionClasses.says}>There is no pump: choose one on the bench.</p>;
  return (
    <>
      <p className={sectionClasses.caution}>{lines.caution}</p>
      <div className={sectionClasses.split}>
        <div>
          <ChartView chart={chart} />
          <p className={sectionClasses.says}>{say(evaluation.read(togetherInWords))}</p>
        </div>
        <div>
          <fieldset className={panelClasses.group}>
            <legend>Run together</legend>
            {evaluation.read(truckLines).map((line) => (
              <Checkbox
                key={line.id}
                size="xs"
                mb={10}
                checked={line.runs}
                label={say(`${line.name}, ${gpm(line.asked.flowGpm)}`)}
                onChange={() =>
                  bench.change({
                    build: withLineSaid(build, line.id, { runs: line.runs ? 'no' : 'yes' }),
                    words: `${line.name} ${line.runs ? 'shut' : 'opened'}`,
                    choice: 'lines-running',
                  })
                }
              />
            ))}
          </fieldset>
          <ChoicesOf evaluation={evaluation} bench={bench} of={asked} />
        </div>
      </div>
      {table && (
        <>
          <h3 className={sectionClasses.sub}>{table.title}</h3>
          <DataTable table={table} />
        </>
      )}
      <h3 className={sectionClasses.sub}>Lines and their pressures</h3>
      <DataTable table={evaluation.read(linesTable)} />
      <Checks ids={['together', 'lineAlone', 'reaction', 'draft', 'stretch', 'pumpPower', 'priming']} />
    </>
  );
}
