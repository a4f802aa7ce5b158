import { Slider } from '@mantine/core';
import { useState } from 'react';
import {
  fromTheSupply,
  lines,
  minutesInWords,
  supplyMin,
  tankAt,
  tankTime,
  tankTimeInWords,
  timeChart,
} from '#core/subjects/lines';
import { gal, gpm } from '#core/units';
import { ChartView } from '../../chart';
import { sectionClasses, useUnits } from '../../common';
import { useSession } from '../../session';
import { Checks, siteClasses } from '../../site';

/** How long the tank lasts with the lines that run, minute by minute, against the supply of the brief. */
export function RunTimeSection() {
  const { evaluation } = useSession();
  const { say } = useUnits();
  const [asked, setMinute] = useState<number | null>(null);
  const time = evaluation.read(tankTime);
  const until = evaluation.read(supplyMin);
  const supplied = evaluation.read(fromTheSupply);
  if (!time)
    return <p className={sectionClasses.says}>There is no pump or no water: nothing runs from the tank.</p>;
  if (time.gpm === 0)
    return (
      <p className={sectionClasses.says}>No line runs: choose some under «Lines together» or on the bench.</p>
    );
  const most = Math.ceil(time.emptyMin * 1.15 * 10) / 10;
  const minute = Math.min(asked ?? time.fullMin / 2, most);
  const now = tankAt(time, minute);
  return (
    <>
      <p className={sectionClasses.caution}>{lines.caution}</p>
      <ChartView chart={timeChart(time, until, supplied?.flowGpm ?? null, minute)} />
      <p className={siteClasses.sliderName} aria-hidden="true">
        Minutes from the first line
      </p>
      <div className={siteClasses.sliderRow}>
        <Slider
          thumbLabel="Minutes from the first line"
          thumbProps={{ 'aria-valuetext': minutesInWords(minute) }}
          min={0}
          max={most}
          step={0.1}
          value={minute}
          onChange={setMinute}
          label={null}
          color="var(--water)"
        />
        <span role="status">
          {say(`After ${minutesInWords(minute)}: ${gal(now.gallons)} left, ${gpm(now.gpm)} flowing`)}
        </span>
      </div>
      <p className={sectionClasses.says}>{say(evaluation.read(tankTimeInWords))}</p>
      <Checks ids={['tankTime', 'monitorTime', 'tankPath']} />
    </>
  );
}
