import { check, heldTo, limitKind, limitOf, reading } from '../../kernel/index.js';
import type { Subject } from '../../kernel/index.js';
import { outside } from '../../truck/index.js';
import { inches } from '../../units/index.js';
import { axles } from '../chassis/index.js';
import { approachOf, departureOf } from './angles.js';
import type { Governed } from './angles.js';

export { angles as anglesCalculation, approachOf, breakoverOf, departureOf } from './angles.js';
export type { AnglesInput, AnglesResult, Governed, Lift } from './angles.js';

const limits = {
  approachDeg: limitKind('Approach angle', 'deg', 'least', 0, 60),
  departureDeg: limitKind('Departure angle', 'deg', 'least', 0, 60),
};

const approachAngle = reading('angles', [outside], (all) => approachOf(all));
const departureAngle = reading('angles', [outside, axles], (all, on) => departureOf(all, on));

const angleCheck = (id: 'approach' | 'departure', title: string, of: typeof approachAngle, steps: string[]) =>
  check('angles', { id, title, steps }, [limitOf(`${id}Deg`), of], (limit, governed: Governed | null) => {
    if (!limit || !governed) return null;
    return heldTo(
      'least',
      'deg',
      governed.deg,
      limit,
      `${governed.deg.toFixed(1)}° of at least ${limit.value}°: ${governed.name.toLowerCase()} governs, ${inches(governed.heightIn)} above the road ${inches(governed.overhangIn)} beyond the axle.`,
    );
  });

/** The angles at which the truck still clears the road ahead of and behind its wheels. */
export const angles: Subject = {
  id: 'angles',
  title: 'Angles',
  limits,
  checks: [
    angleCheck('approach', 'Approach angle', approachAngle, ['bumper']),
    angleCheck('departure', 'Departure angle', departureAngle, ['body']),
  ],
};
