import { NativeSelect, Slider } from '@mantine/core';
import { useState } from 'react';
import { counting } from '#core/subjects/brief';
import { atBridge, bridgeClearAt, bridges, onAxles } from '#core/subjects/bridges';
import { feet } from '#core/units';
import { sectionClasses, useUnits } from '../../common';
import { useSession } from '../../session';
import { Checks, Margins, NothingSaid, Place, useTrial, siteClasses } from '../../site';
import { BridgeSheet } from './BridgeSheet';

const all = counting('bridges');
/** Checks of what is posted and what is legal. */
const CHECKS = [
  'posted',
  'clearHeight',
  'clearWidth',
  'emergencySteer',
  'emergencySingle',
  'emergencyTandem',
  'emergencyGross',
  'ordinarySingle',
  'ordinaryTandem',
  'ordinaryGross',
  'bridgeFormula',
];

/** The truck on the bridges of the brief: its axles over the spans, what is posted, what is clear above and beside. */
export function BridgesSection() {
  const { evaluation } = useSession();
  const { say } = useUnits();
  const [along, setAlong] = useState(0);
  const [stateId, setStateId] = useState('inService');
  const states = evaluation.read(onAxles);
  const state = states.find(({ id }) => id === stateId) ?? states[0]!;
  const clear = evaluation.read(bridgeClearAt);
  const trial = useTrial(evaluation.read(all));
  const { line } = trial;
  return (
    <>
      <p className={sectionClasses.caution}>{bridges.caution}</p>
      {line ? (
        <>
          <Place label="Bridge" of={trial}>
            <NativeSelect
              size="xs"
              w={180}
              label="Load state"
              value={state.id}
              onChange={(event) => setStateId(event.currentTarget.value)}
              data={states.map(({ id, name }) => ({ value: id, label: name }))}
            />
          </Place>
          <Margins
            places={[
              ...atBridge(line, states).map(
                (place, i) => [i === 0 ? 'Posted' : 'Posted, by axle', place] as const,
              ),
              ['Height', clear.height(line)],
              ['Width', clear.width(line)],
            ]}
          />
          <BridgeSheet
            evaluation={evaluation}
            line={line}
            state={state}
            along={along}
            onTry={trial.attempt}
          />
          <div className={siteClasses.sliderRow}>
            <Slider
              size="sm"
              value={along}
              onChange={setAlong}
              min={-100}
              max={100}
              label={null}
              thumbLabel="Where the truck is on the bridge"
            />
            <span className="quiet">
              {say(
                line.spanFt === undefined
                  ? 'a span as drawn, which nobody gave'
                  : `over a span of ${feet(line.spanFt)}`,
              )}
            </span>
          </div>
        </>
      ) : (
        <NothingSaid of="a bridge" />
      )}
      <Checks ids={CHECKS} />
    </>
  );
}
