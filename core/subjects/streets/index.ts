import { limitKind, reading } from '../../kernel/index.js';
import type { Subject } from '../../kernel/index.js';
import { feetInches, inches, IN_PER_FT } from '../../units/index.js';
import { counting, placesCheck, spared, TIGHT_IN } from '../brief/index.js';
import type { AtPlace, LineOf } from '../brief/index.js';
import { chosenDevice } from '../device/index.js';
import { widthAcross } from '../station/index.js';
import { cornerLeft, cornerOf, radii, turn } from './corners.js';
import { tailSwingIn } from './sweep.js';

export { cornerLeft, cornerOf, laidInto, radii, steering, swept, turn } from './corners.js';
export { findLongest } from './finder.js';
export type { LongestOn, Tight } from './finder.js';
export { hullOf, outline } from './outline.js';
export type { OnPlan } from './outline.js';
export { laidAt, laidBest, placeOf, posesOf, sweptBy, tailSwingIn } from './sweep.js';
export type { Laid, Pose, Swept, Turn } from './sweep.js';
export { turning } from './turning.js';
export type { Corner, Steering, TurningInput, TurningResult } from './turning.js';

/** What is left less than this is said: nobody drives a corner to the inch, ft. */
const TIGHT_FT = 0.5;

const inFeet = (ft: number): string => feetInches(ft * IN_PER_FT);

const left = (ft: number): string => spared(ft * IN_PER_FT, 'short');

/** What the truck comes to at a corner, as it is driven and by the usual formula. */
export const cornerAt = reading('streets', [cornerLeft], (leaves) => (line: LineOf<'corners'>): AtPlace => {
  const { fullLockFt, drivenFt } = leaves(cornerOf(line));
  const way = `from ${inFeet(line.fromFt)} into ${inFeet(line.intoFt)} around ${inFeet(line.insideFt)}`;
  return {
    line,
    actual: drivenFt * IN_PER_FT,
    limit: 0,
    margin: drivenFt * IN_PER_FT,
    // The usual formula lets the front corner swing wide at both ends: where it alone finds no room, it is close.
    comfort: Math.max(TIGHT_FT, drivenFt - fullLockFt) * IN_PER_FT,
    unit: 'in',
    words: `${left(drivenFt)} at the inside as it is driven, ${way}; ${left(fullLockFt)} by the usual formula for full lock.`,
  };
});

const corner = placesCheck(
  'streets',
  { id: 'corner', title: 'Corners and gateways', steps: ['chassis', 'bumper'], mendedBy: ['turning'] },
  [counting('corners'), cornerAt],
  (all, at) => all.map(at),
);

const lane = placesCheck(
  'streets',
  { id: 'lane', title: 'Width of the lanes', steps: ['chassis'], mendedBy: ['width'] },
  [counting('lanes'), widthAcross],
  (all, { widthIn, what }) =>
    all.map((line) => {
      const limit = (line.wideFt - line.parkedFt) * IN_PER_FT;
      const margin = limit - widthIn;
      return {
        line,
        actual: widthIn,
        limit,
        margin,
        comfort: TIGHT_IN.lane,
        unit: 'in',
        words: `${spared(margin, 'too wide')}: ${inches(widthIn)} ${what}, in ${feetInches(limit)} between curbs and parked cars.`,
      };
    }),
);

const setUp = placesCheck(
  'streets',
  { id: 'setUp', title: 'Room for the outriggers', steps: ['device'], mendedBy: ['setUp'] },
  [counting('lanes'), chosenDevice],
  (all, chosen) =>
    all.map((line) => {
      if (!chosen || line.setUp !== 'setsUp') return null;
      const limit = (line.wideFt - line.parkedFt) * IN_PER_FT;
      const { spreadIn } = chosen.outriggers;
      const margin = limit - spreadIn;
      return {
        line,
        actual: spreadIn,
        limit,
        margin,
        comfort: TIGHT_IN.outriggers,
        unit: 'in',
        words: `${spared(margin, 'too wide')}: the outriggers spread ${feetInches(spreadIn)}, in ${feetInches(limit)} between curbs and parked cars.`,
      };
    }),
);

/** The truck in the streets: around the tightest corner, through the lane, set up between parked cars. */
export const streets: Subject = {
  id: 'streets',
  title: 'Streets',
  limits: { steerFt: limitKind('The wheels turn to full lock over', 'ft', 'reckon', 0, 60) },
  checks: [corner, lane, setUp],
  figures: [
    {
      id: 'wallToWall',
      title: 'Turning radius, wall to wall',
      unit: 'ft',
      note: 'With the wheels at full lock and stiff tires: a tandem turns wider. The maker’s published radius decides.',
      reading: reading('streets', [radii], ({ wallToWallRadiusFt }) => wallToWallRadiusFt),
    },
    {
      id: 'curbToCurb',
      title: 'Turning radius, curb to curb',
      unit: 'ft',
      note: 'With the wheels at full lock and stiff tires, or as the chassis maker publishes it.',
      reading: reading('streets', [radii], ({ curbToCurbRadiusFt }) => curbToCurbRadiusFt),
    },
    {
      id: 'tailSwing',
      title: 'Swing of the tail',
      unit: 'in',
      note: 'How far the rear corner swings out beyond the side of the truck as it turns in.',
      reading: reading('streets', [turn], tailSwingIn),
    },
  ],
  caution:
    'Radii are worked out for full lock and stiff tires on a level road; a tandem turns wider. Walk the corner, and drive it with a spotter the first time.',
};
