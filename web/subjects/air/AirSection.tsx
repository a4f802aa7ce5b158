import { air, airTable, airTogether, atOnceInWords } from '#core/subjects/air';
import { cfm } from '#core/units';
import { DataTable, sectionClasses, useUnits } from '../../common';
import { useSession } from '../../session';
import { Checks } from '../../site';

/** Compressed air: what the compressor feeds at once, and what goes into each line. */
export function AirSection() {
  const { evaluation } = useSession();
  const { say } = useUnits();
  const together = evaluation.read(airTogether);
  if (!together)
    return (
      <p className={sectionClasses.says}>
        There is no compressor: a foam system with compressed air is chosen on the bench, under Foam.
      </p>
    );
  return (
    <>
      <p className={sectionClasses.caution}>{air.caution}</p>
      <p className={sectionClasses.says}>
        {say(
          `${atOnceInWords(together)} Those that run ask for ${cfm(together.askedCfm)}. What foam loses in hose, and how far it is thrown, nobody’s formula tells: the department’s own test does.`,
        )}
      </p>
      <DataTable table={evaluation.read(airTable)} minWidth={820} />
      <Checks ids={['airTogether', 'airPower', 'airOutlets']} />
    </>
  );
}
