import { SegmentedControl } from '@mantine/core';
import { useMemo, useState } from 'react';
import { MEASURED_NAMES, certaintyOf, certaintyTable, uncertainTable } from '#core/subjects/weights';
import type { Measured } from '#core/subjects/weights';
import { DataTable } from '../../common';
import { useSession } from '../../session';
import { sectionClasses as classes } from '../../common';

const OF = Object.entries(MEASURED_NAMES).map(([value, label]) => ({ value, label }));

/** How sure the loads are, what makes most of the doubt, and what weighing each of it would gain. */
export function Certainty() {
  const { evaluation } = useSession();
  const [measured, setMeasured] = useState<Measured>('front');
  const sure = useMemo(() => certaintyTable(evaluation), [evaluation]);
  const doubts = useMemo(() => uncertainTable(certaintyOf(evaluation, measured)), [evaluation, measured]);
  return (
    <>
      <DataTable table={sure} />
      <h2 className={classes.sub}>What makes most of the uncertainty</h2>
      <SegmentedControl
        size="xs"
        aria-label="Doubt of"
        data={OF}
        value={measured}
        onChange={(value) => setMeasured(value as Measured)}
      />
      <DataTable table={doubts} />
      <p className={classes.says}>
        What rests on one source, such as the sections of one maker’s ladder, goes wrong together; sources are
        independent, and a tolerance is two standard deviations. Weighed beats calculated beats cataloged
        beats estimated: write a weighed figure into the sheet and the band narrows.
      </p>
    </>
  );
}
