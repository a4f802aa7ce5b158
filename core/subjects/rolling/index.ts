import type { Build } from '../../build/index.js';
import { amountChoice, reading } from '../../kernel/index.js';
import type { Choice, Evaluation, Subject } from '../../kernel/index.js';
import { rollingBlock, withRolling } from './block.js';
import { rollingChecks, rollingLimits } from './checks.js';
import { asked, rollsWith } from './roll.js';

export { withRolling } from './block.js';
export { auxiliaryFuel, burns } from './fuel.js';
export { depthIn, paceFor, rollingLines, rollsWith } from './roll.js';
export type { Rolling } from './roll.js';
export { engineTypes, metAndNext, typesTable } from './types.js';
export type { AtType } from './types.js';
export { rollingChart, rollingInWords, rollingTable } from './words.js';

/** How fast it goes along a fire's edge, and what it should leave there; only where it pumps while it rolls. */
export function rollingChoices(build: Build, evaluated: () => Evaluation): Choice[] {
  if (build.pump.partId === undefined || !evaluated().read(rollsWith)) return [];
  const now = evaluated().read(asked);
  return (['paceMph', 'wideFt', 'deepIn'] as const).map((key) =>
    amountChoice(`rolling-${key}`, rollingBlock.fields[key], now[key], (to) =>
      to === now[key] ? build : withRolling(build, { [key]: to }),
    ),
  );
}

/** Pumping while the truck rolls along a fire's edge. */
export const rolling: Subject = {
  id: 'rolling',
  title: 'Pump and roll',
  under: 'lines',
  limits: rollingLimits,
  block: rollingBlock,
  checks: rollingChecks,
  figures: [
    {
      id: 'rollFt',
      title: 'Fire edge wetted, rolling',
      unit: 'ft',
      harm: { way: 'down', each: 200 },
      reading: reading('rolling', [rollsWith], (of) => of?.wettedFt ?? 0),
    },
  ],
  caution:
    'Nobody walks between the truck and the fire, or ahead of the truck; the crew is always in the driver’s sight. One foot in the black: the way out is known before the valve is opened. Training and the officer in command decide.',
};
