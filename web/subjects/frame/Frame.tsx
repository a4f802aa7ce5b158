import { NativeSelect } from '@mantine/core';
import { useMemo, useState } from 'react';
import { FRAME_CAUTION, frameReport } from '#core/subjects/frame';
import { weighedStates } from '#core/subjects/weights';
import { ChartView } from '../../chart';
import { StatusMark, useUnits } from '../../common';
import { useSession } from '../../session';
import { sectionClasses as classes } from '../../common';

/** Load, shear and bending moment along the frame in a load state, for the builder's engineer. */
export function Frame() {
  const { evaluation } = useSession();
  const states = evaluation.read(weighedStates);
  const { say } = useUnits();
  const [stateId, setStateId] = useState<string>('inService');
  const state = states.find(({ id }) => id === stateId) ?? states[0]!;
  const { load, shear, bending, words } = useMemo(
    () => frameReport(evaluation, state.id),
    [evaluation, state.id],
  );
  const finding = evaluation.finding('frameMoment');
  return (
    <>
      <p className={classes.caution}>{FRAME_CAUTION}</p>
      {finding && (
        <p className={classes.says}>
          <StatusMark status={finding.status} /> <b>{finding.title}.</b> {say(finding.words)} Worst in:{' '}
          {finding.state?.name.toLowerCase()}.
        </p>
      )}
      <NativeSelect
        size="xs"
        w={220}
        label="Load state"
        value={state.id}
        onChange={(event) => setStateId(event.currentTarget.value)}
        data={states.map(({ id, name }) => ({ value: id, label: name }))}
      />
      <ChartView chart={bending} />
      <div className={classes.pair}>
        <ChartView chart={load} />
        <ChartView chart={shear} />
      </div>
      <p className={classes.says}>{say(words)}</p>
    </>
  );
}
