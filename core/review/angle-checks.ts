import { approachOf, departureOf } from '../site/index.js';
import type { Governed } from '../site/index.js';
import type { Rig, StepId } from '../rig/index.js';
import { inches } from '../units/index.js';
import type { Check } from './types.js';

const angleCheck = (id: 'approach' | 'departure', title: string, of: (rig: Rig) => Governed | null, steps: StepId[]): Check => ({ rig }) => {
  const limit = rig.profile.limits[`${id}Deg`];
  const governed = limit && of(rig);
  if (!governed) return null;
  const margin = governed.deg - limit.value;
  return {
    id, title, status: margin < 0 ? 'fails' : 'holds', actual: governed.deg, limit: limit.value, margin, unit: 'deg', state: null, basis: limit.basis,
    words: `${governed.deg.toFixed(1)}° of at least ${limit.value}°: ${governed.name.toLowerCase()} governs, ${inches(governed.heightIn)} above the road ${inches(governed.overhangIn)} beyond the axle.`,
    steps,
  };
};

export const approach = angleCheck('approach', 'Approach angle', approachOf, ['bumper']);
export const departure = angleCheck('departure', 'Departure angle', departureOf, ['body']);
