import { check, limitKind, limitOf, reading } from '../../kernel/index.js';
import type { Subject } from '../../kernel/index.js';
import { degrees, feet, inches, IN_PER_FT, lb, psi, within } from '../../units/index.js';
import { axles, chosenChassis } from '../chassis/index.js';
import { counting, placesCheck } from '../brief/index.js';
import type { AtPlace, LineOf } from '../brief/index.js';
import { leastTilt, weighedStates } from '../weights/index.js';
import { blindAheadIn, sight } from './sight.js';

export { blindAheadIn, sight } from './sight.js';
export type { Sight } from './sight.js';

/** What the truck presses on the ground with, tire by tire, in the load state in which it is most (formulas: ground). */
export const groundPressure = reading(
  'ground',
  [weighedStates, chosenChassis, axles],
  (states, { chassis, frontAxle }, on) => {
    const front = frontAxle.tire ?? chassis.frontTire;
    const rearTires = on.rear.axles * (chassis.rearTire.dual ? 4 : 2);
    const under = (loadLb: number, tires: number, tire: { diameterIn: number; widthIn: number }) =>
      loadLb / (tires * tire.widthIn * (tire.diameterIn / 2));
    return states
      .flatMap(({ id, name, weights }) => [
        {
          state: { id, name },
          what: 'front tires',
          psi: under(weights.front.loadLb, 2, front),
          loadLb: weights.front.loadLb,
        },
        {
          state: { id, name },
          what: 'rear tires',
          psi: under(weights.rear.loadLb, rearTires, chassis.rearTire),
          loadLb: weights.rear.loadLb,
        },
      ])
      .reduce((most, next) => (next.psi > most.psi ? next : most));
  },
);

const softGround = placesCheck(
  'ground',
  { id: 'softGround', title: 'Soft ground', steps: ['chassis', 'tank'], mendedBy: ['softGround', 'load'] },
  [counting('soils'), groundPressure],
  (all, most) =>
    all.map((line): AtPlace => {
      const margin = line.bearsPsi - most.psi;
      const pressing = `the ${most.what} press with ${psi(most.psi)} under ${lb(most.loadLb)} (${within(most.state.name)})`;
      return {
        line,
        actual: most.psi,
        limit: line.bearsPsi,
        margin,
        unit: 'psi',
        state: most.state,
        words: `${pressing}, on ground that bears ${psi(line.bearsPsi)}: a nominal pressure, by which trucks are compared.`,
      };
    }),
);

const across = ({ acrossPct }: Pick<LineOf<'slopes'>, 'acrossPct'>): number =>
  (Math.atan(acrossPct / 100) * 180) / Math.PI;

/** So much of the estimate is advised. */
const ADVISED_SHARE = 0.5;

/** What the truck comes to on a side slope: half of the tilt that is estimated is what is advised. */
export const slopeAt = reading(
  'ground',
  [leastTilt],
  ({ estimateDeg, state }) =>
    (line: LineOf<'slopes'>): AtPlace & { comfort: number } => {
      const slope = across(line);
      const advisedDeg = estimateDeg * ADVISED_SHARE;
      const margin = estimateDeg - slope;
      const half = `half of the ${degrees(estimateDeg)} at which it is estimated to roll over with the worst filling`;
      return {
        line,
        actual: estimateDeg,
        limit: slope,
        margin,
        comfort: advisedDeg,
        unit: 'deg',
        state: { id: state.id, name: state.name },
        words: `${degrees(slope)} across, of ${degrees(advisedDeg)} advised: ${half}. The driver’s judgement and training govern.`,
      };
    },
);

/** Ahead of a truck on the level, and as it comes up a grade onto the level. */
const blind = check(
  'ground',
  { id: 'blindAhead', title: 'Blind distance ahead', steps: ['chassis', 'cab'], mendedBy: ['blindAhead'] },
  [limitOf('blindFt'), sight, counting('grades')],
  (asked, of, grades) => {
    if (!asked) return null;
    const actual = blindAheadIn(of, 0) / IN_PER_FT;
    const margin = asked.value - actual;
    const steepest = Math.max(0, ...grades.map(({ steepPct }) => steepPct));
    const uphill = blindAheadIn(of, steepest);
    const over = `over ${of.over} ${inches(of.edgeZIn)} high`;
    const sees = `The driver sees the road from ${feet(actual)} ahead of the bumper, ${over}`;
    const coming =
      steepest === 0
        ? ''
        : ` Coming up ${steepest} % onto the level it sees the road ${Number.isFinite(uphill) ? `after ${feet(uphill / IN_PER_FT)}` : 'not at all: send somebody ahead'}.`;
    return {
      status: margin < 0 ? 'caution' : 'holds',
      actual,
      limit: asked.value,
      margin,
      unit: 'ft',
      state: null,
      basis: asked.basis,
      words: `${sees}; at most ${feet(asked.value)} is wanted.${coming}`,
    };
  },
);

/** The truck off the road: side slopes, soft ground, and what its driver can't see ahead. */
export const ground: Subject = {
  id: 'ground',
  title: 'Off the road',
  limits: { blindFt: limitKind('Blind distance ahead', 'ft', 'most', 2, 200) },
  checks: [
    placesCheck(
      'ground',
      { id: 'sideSlope', title: 'Side slopes', steps: ['tank', 'body'], mendedBy: ['load'] },
      [counting('slopes'), slopeAt],
      (all, at) => all.map(at),
    ),
    softGround,
    blind,
  ],
  caution:
    'A side slope rolls a truck over without warning, and a rut or a soft edge makes it steeper: the estimate is no permission, and no tilt test of this truck.',
};
