import { Slider } from '@mantine/core';
import { useState } from 'react';
import { counting } from '#core/subjects/brief';
import { cornerAt, cornerOf, laidInto, radii, streets } from '#core/subjects/streets';
import { house } from '#core/subjects';
import { feet, inches } from '#core/units';
import { sectionClasses, useUnits } from '../../common';
import { useSession } from '../../session';
import { Checks, Margins, NothingSaid, Place, siteClasses, useTrial } from '../../site';
import { CornerSheet } from './CornerSheet';
import { Finder } from './Finder';

const corners = counting('corners');
/** How far along its way the truck stands at first, of 100. */
const HALF_WAY = 52;

/** The truck through the corners of the brief as it is driven, with what it sweeps over. */
export function CornersSection() {
  const { evaluation } = useSession();
  const { say } = useUnits();
  const at = evaluation.read(cornerAt);
  const trial = useTrial(evaluation.read(corners), (one) => at(one).margin);
  const [along, setAlong] = useState(HALF_WAY);
  const { line } = trial;
  const corner = line && cornerOf(line);
  const laid = corner && evaluation.read(laidInto)(corner);
  const { curbToCurbRadiusFt, wallToWallRadiusFt, insideRadiusFt } = evaluation.read(radii);
  const swing = evaluation.read(house.figure('tailSwing').reading);
  const turns = `Turns ${feet(curbToCurbRadiusFt)} curb to curb and ${feet(wallToWallRadiusFt)} wall to wall, ${feet(insideRadiusFt)} at the inside; the tail swings out by ${inches(swing)}.`;
  return (
    <>
      <p className={sectionClasses.caution}>{streets.caution}</p>
      {!line || !corner || !laid ? (
        <>
          <NothingSaid of="a corner" />
          <p className={sectionClasses.says}>{say(turns)}</p>
        </>
      ) : (
        <>
          <Place label="Corner or gateway" of={trial} />
          <Margins places={[['Room', at(line)]]} />
          <div className={siteClasses.beside}>
            <CornerSheet
              evaluation={evaluation}
              line={line}
              corner={corner}
              laid={laid}
              along={along / 100}
              onTry={trial.attempt}
            />
            <div>
              <p className={siteClasses.sliderName}>Where the truck is on its way</p>
              <Slider
                size="sm"
                value={along}
                onChange={setAlong}
                min={0}
                max={100}
                label={null}
                thumbLabel="Where the truck is on its way"
              />
              <p className={sectionClasses.says}>
                {say(
                  laid.insideIn < 0
                    ? `However it is steered, it is short by ${inches(-laid.insideIn)} inside and outside: a second try.`
                    : `Steered so that as much room is left inside as outside: ${inches(laid.insideIn)}.`,
                )}
              </p>
              <p className={sectionClasses.says}>{say(turns)}</p>
            </div>
          </div>
        </>
      )}
      <Checks ids={['corner', 'lane', 'setUp']} />
      <Finder />
    </>
  );
}
