import { useMemo } from 'react';
import { counting } from '#core/subjects/brief';
import { bayLengthAt, doorHeightAt, doorWidthAt, station, waysThrough } from '#core/subjects/station';
import { sectionClasses } from '../../common';
import { useSession } from '../../session';
import { Checks, Margins, NothingSaid, Place, siteClasses, useTrial } from '../../site';
import { BaySheet } from './BaySheet';
import { DoorSheet } from './DoorSheet';
import { RampSheet } from './RampSheet';

const stations = counting('stations');

/** The truck in the station's door from the front, in its bay from the side, and over the threshold. */
export function StationSection() {
  const { evaluation } = useSession();
  const trial = useTrial(evaluation.read(stations));
  const at = useMemo(
    () => ({
      height: evaluation.read(doorHeightAt),
      width: evaluation.read(doorWidthAt),
      length: evaluation.read(bayLengthAt),
    }),
    [evaluation],
  );
  const { line } = trial;
  if (!line) return <NothingSaid of="a station" />;
  return (
    <>
      <p className={sectionClasses.caution}>{station.caution}</p>
      <Place label="Station" of={trial} />
      <Margins
        places={[
          ['Height', at.height(line)],
          ['Width', at.width(line)],
          ['Length', at.length(line)],
        ]}
      />
      <div className={siteClasses.pictures}>
        <div>
          <h3>In the door</h3>
          <DoorSheet evaluation={evaluation} line={line} onTry={trial.attempt} />
        </div>
        {line.bayLongIn !== undefined && (
          <div>
            <h3>In the bay</h3>
            <BaySheet evaluation={evaluation} line={line} bayLongIn={line.bayLongIn} onTry={trial.attempt} />
          </div>
        )}
      </div>
      {line.rampPct !== undefined && line.rampPct !== 0 && (
        <div className={siteClasses.alone}>
          {waysThrough(line).map((way) => (
            <div key={way}>
              <h3>Over the threshold, {way === 'tail' ? 'backing in' : 'driving in'}</h3>
              <RampSheet evaluation={evaluation} line={line} rampPct={line.rampPct!} way={way} />
            </div>
          ))}
        </div>
      )}
      <Checks ids={['doorHeight', 'doorWidth', 'bayLength']} />
    </>
  );
}
