import { Slider } from '@mantine/core';
import { useState } from 'react';
import { counting } from '#core/subjects/brief';
import { axles } from '#core/subjects/chassis';
import { changeAt, changeOfGrade, leastAngles } from '#core/subjects/grades';
import { degrees, inches } from '#core/units';
import { sectionClasses, useUnits } from '../../common';
import { useSession } from '../../session';
import { Checks, Margins, NothingSaid, Place, siteClasses, useTrial } from '../../site';
import { ChangeSheet } from './ChangeSheet';

const changes = counting('changes');

/** The truck where the grade changes suddenly: at the foot of a drive, over a crest. */
export function GradesSection() {
  const { evaluation } = useSession();
  const { say } = useUnits();
  const [shift, setShift] = useState(0);
  const angles = evaluation.read(leastAngles);
  const at = evaluation.read(changeAt);
  const trial = useTrial(evaluation.read(changes), (one) => at(one)?.margin ?? Infinity);
  const { wheelbaseIn } = evaluation.read(axles);
  const { line } = trial;
  const told = (['approach', 'departure', 'breakover'] as const)
    .flatMap((id) =>
      angles[id] ? [`${id} ${degrees(angles[id].deg)} (${angles[id].name.toLowerCase()})`] : [],
    )
    .join(', ');
  return (
    <>
      {line ? (
        <>
          <Place label="Change of grade" of={trial} />
          <Margins places={[[changeOfGrade(line).crest ? 'At the crest' : 'At the foot', at(line)]]} />
          <ChangeSheet evaluation={evaluation} line={line} shift={shift} onTry={trial.attempt} />
          <div className={siteClasses.sliderRow}>
            <Slider
              size="sm"
              value={shift}
              onChange={setShift}
              min={-Math.round(wheelbaseIn * 1.4)}
              max={Math.round(wheelbaseIn * 1.4)}
              label={null}
              thumbLabel="Where the truck is on the grade"
            />
            <span className="quiet">{say(`moved by ${inches(shift)}`)}</span>
          </div>
        </>
      ) : (
        <NothingSaid of="a sudden change of grade" />
      )}
      <p className={sectionClasses.says}>
        {say(`Least angles of the truck over all load states: ${told}. Loaded it rides lower.`)}
      </p>
      <Checks ids={['gradeChange', 'approach', 'departure']} />
    </>
  );
}
