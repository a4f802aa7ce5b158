import { cellsTable, foamCharts, foaming, foamInWords, foamLinesTable } from '#core/subjects/foaming';
import { ChartView } from '../../chart';
import { DataTable, sectionClasses, useUnits } from '../../common';
import { useSession } from '../../session';
import { Checks } from '../../site';

/** Foam: how far each cell goes against the water, and what each line takes of it. */
export function FoamSection() {
  const { evaluation } = useSession();
  const { say } = useUnits();
  const cells = evaluation.read(cellsTable);
  const words = evaluation.read(foamInWords);
  const lines = evaluation.read(foamLinesTable);
  if (cells.rows.length === 0)
    return <p className={sectionClasses.says}>There is no foam system: choose one on the bench.</p>;
  return (
    <>
      <p className={sectionClasses.caution}>{foaming.caution}</p>
      {evaluation.read(foamCharts).map((chart) => (
        <ChartView key={chart.series[0]!.label} chart={chart} />
      ))}
      <p className={sectionClasses.says}>
        {words ? say(words) : 'No line with foam runs: choose some under «Lines together».'}
      </p>
      <h3 className={sectionClasses.sub}>{cells.title}</h3>
      <DataTable table={cells} minWidth={980} />
      {lines.rows.length > 0 && (
        <>
          <h3 className={sectionClasses.sub}>{lines.title}</h3>
          <DataTable table={lines} minWidth={820} />
        </>
      )}
      <Checks
        ids={[
          'foamProportioner',
          'foamLasts',
          'foamCarried',
          'foamEductor',
          'foamClasses',
          'foamMix',
          'foamOutlets',
        ]}
      />
    </>
  );
}
