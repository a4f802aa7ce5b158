import { useMemo } from 'react';
import { loweringTable, pulling, pullsTable } from '#core/subjects/pulling';
import { DataTable, sectionClasses } from '../../common';
import { useSession } from '../../session';
import { Checks } from '../../site';

/** How high each load is over the feet of who pulls it, what lies over it, and what a lower bed costs. */
export function PullingSection() {
  const { evaluation } = useSession();
  const lower = useMemo(() => loweringTable(evaluation), [evaluation]);
  return (
    <>
      <p className={sectionClasses.caution}>{pulling.caution}</p>
      <Checks ids={['grip', 'buried', 'stretch']} />
      <h3>How each load is pulled and packed</h3>
      <DataTable table={evaluation.read(pullsTable)} minWidth={900} />
      {lower.rows.length > 0 && (
        <>
          <h3>What a lower bed costs</h3>
          <DataTable table={lower} minWidth={820} />
        </>
      )}
    </>
  );
}
