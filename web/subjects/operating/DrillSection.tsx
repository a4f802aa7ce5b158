import { drillTruck, operating } from '#core/subjects/operating';
import { sectionClasses } from '../../common';
import { useSession } from '../../session';
import { Drill } from './Drill';
import { DrillLog } from './DrillLog';

/** The trainer: the card's steps as a drill on this truck's own panel. */
export function DrillSection() {
  const { evaluation, id } = useSession();
  const truck = evaluation.read(drillTruck);
  if (!truck)
    return (
      <p className={sectionClasses.says}>
        A drill needs a pump, water in the tank and a line that a discharge feeds.
      </p>
    );
  return (
    <>
      <p className={sectionClasses.caution}>{operating.caution}</p>
      <Drill truck={truck} />
      <DrillLog buildId={id} />
    </>
  );
}
