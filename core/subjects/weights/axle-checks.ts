import { check, limitOf } from '../../kernel/index.js';
import type { Check, Judgement, Limit, Status } from '../../kernel/index.js';
import { formatPct, lb } from '../../units/index.js';
import { axles, chosenChassis } from '../chassis/index.js';
import type { AxleOption } from '../chassis/index.js';
import { liftingFront, ofGross, onFront, onRear } from './causes.js';
import { weighedStates } from './states.js';
import type { WeighedState } from './states.js';
import type { AxleWeights } from './weigh.js';

/** The state in which a figure is largest. */
export const worstBy = (
  states: readonly WeighedState[],
  figure: (state: WeighedState) => number,
): WeighedState => states.reduce((worst, next) => (figure(next) > figure(worst) ? next : worst));

const RATING_WORDS = {
  axleLb: 'axle rating',
  tiresLb: 'tire rating',
  wheelsLb: 'wheel rating',
  suspensionLb: 'suspension rating',
} as const;

/** The lowest of an axle's ratings and its name. */
export function governing(axle: AxleOption): { limitLb: number; name: string } {
  const entries = Object.entries(axle.ratings) as [keyof AxleOption['ratings'], number][];
  const [key, limitLb] = entries.reduce((least, next) => (next[1] < least[1] ? next : least));
  return { limitLb, name: RATING_WORDS[key] };
}

const named = ({ id, name }: WeighedState) => ({ id, name });

/** Over is over; within, but with little reserve or not within at 95 %, is a caution. */
function judgeLoad(
  reserve: Limit | null,
  state: WeighedState,
  loadLb: number,
  load95Lb: number,
  limitLb: number,
  basis: string,
): Judgement {
  const margin = limitLb - loadLb;
  const reservePct = reserve?.value ?? 0;
  const reserveLb = (reservePct / 100) * limitLb;
  const unsure = load95Lb > limitLb;
  const status: Status = margin < 0 ? 'fails' : margin < reserveLb || unsure ? 'caution' : 'holds';
  const words = {
    fails: `${lb(-margin)} over: ${lb(loadLb)} on ${lb(limitLb)}.`,
    caution: unsure
      ? `${lb(margin)} under, but the load may be as much as ${lb(load95Lb)} at 95 % confidence.`
      : `${lb(margin)} under, less than the reserve of ${formatPct(reservePct)}.`,
    holds: `${lb(margin)} under ${lb(limitLb)}.`,
  }[status];
  return {
    status,
    actual: loadLb,
    limit: limitLb,
    margin,
    comfort: Math.max(reserveLb, load95Lb - loadLb),
    unit: 'lb',
    state: named(state),
    basis,
    words,
  };
}

const axleCheck = (id: 'frontAxle' | 'rearAxle'): Check => {
  const front = id === 'frontAxle';
  const axleOf = (state: WeighedState): AxleWeights => (front ? state.weights.front : state.weights.rear);
  return check(
    'weights',
    {
      id,
      title: front ? 'Front axle' : 'Rear axle',
      steps: front ? ['chassis', 'bumper'] : ['chassis', 'body'],
      mendedBy: ['load'],
      causes: front ? onFront : onRear,
    },
    [weighedStates, chosenChassis, limitOf('reservePct')],
    (states, { frontAxle, rearAxle }, reserve) => {
      const state = worstBy(states, (s) => axleOf(s).loadLb);
      const { limitLb, name } = governing(front ? frontAxle : rearAxle);
      const { loadLb, load95Lb } = axleOf(state);
      const judged = judgeLoad(
        reserve,
        state,
        loadLb,
        load95Lb,
        limitLb,
        `Maker’s ${name}, the lowest of axle, tires, wheels and suspension`,
      );
      return front || rearAxle.axles === 1 ? judged : { ...judged, title: 'Rear tandem' };
    },
  );
};

/** Each axle of a tandem that does not share equally against its own half of the rating. */
const tandemAxle = check(
  'weights',
  {
    id: 'tandemAxle',
    title: 'Each axle of the tandem',
    steps: ['chassis', 'body'],
    mendedBy: ['load'],
    causes: onRear,
  },
  [weighedStates, chosenChassis, limitOf('reservePct')],
  (states, { rearAxle }, reserve) => {
    if (rearAxle.axles === 1) return null;
    const state = worstBy(states, (s) => s.weights.rear.loadLb);
    const { loadLb, load95Lb } = state.weights.rear;
    const share = Math.max(rearAxle.frontShare, 1 - rearAxle.frontShare);
    const { limitLb, name } = governing(rearAxle);
    const which = rearAxle.frontShare >= 0.5 ? 'first' : 'second';
    const judged = judgeLoad(
      reserve,
      state,
      loadLb * share,
      load95Lb * share,
      limitLb / 2,
      `Half of the maker’s ${name} of the tandem`,
    );
    return {
      ...judged,
      words: `The ${which} axle carries ${formatPct(share * 100)} of the tandem. ${judged.words}`,
    };
  },
);

const gross = check(
  'weights',
  { id: 'gross', title: 'Gross weight', steps: ['chassis', 'tank'], mendedBy: ['load'], causes: ofGross },
  [weighedStates, axles, limitOf('reservePct')],
  (states, { gvwrLb }, reserve) => {
    const state = worstBy(states, (s) => s.weights.totalLb);
    return judgeLoad(
      reserve,
      state,
      state.weights.totalLb,
      state.weights.total95Lb,
      gvwrLb,
      'Chassis maker’s gross rating',
    );
  },
);

/** A figure that must not fall below a limit in any state. */
function judgeLeast(
  state: WeighedState,
  actual: number,
  limit: number,
  unit: Judgement['unit'],
  basis: string,
  format: (value: number) => string,
): Judgement {
  const margin = actual - limit;
  return {
    status: margin < 0 ? 'fails' : 'holds',
    actual,
    limit,
    margin,
    unit,
    state: named(state),
    basis,
    words:
      margin < 0
        ? `${format(actual)} is ${format(-margin)} below ${format(limit)}: the front axle is too light to steer well.`
        : `${format(actual)}, at least ${format(limit)}.`,
  };
}

const light = { steps: ['chassis', 'body'], mendedBy: ['load'], causes: liftingFront };

const frontShare = check(
  'weights',
  { id: 'frontShare', title: 'Share on the front axle', ...light },
  [weighedStates, limitOf('frontSharePct')],
  (states, limit) => {
    if (!limit) return null;
    const shareOf = ({ weights }: WeighedState) => (weights.front.loadLb / weights.totalLb) * 100;
    const state = worstBy(states, (s) => -shareOf(s));
    return judgeLeast(state, shareOf(state), limit.value, '%', limit.basis, formatPct);
  },
);

const frontLeast = check(
  'weights',
  { id: 'frontLeast', title: 'Least front axle load', ...light },
  [weighedStates, chosenChassis],
  (states, { chassis }) => {
    const state = worstBy(states, (s) => -s.weights.front.loadLb);
    return judgeLeast(
      state,
      state.weights.front.loadLb,
      chassis.minFrontLb,
      'lb',
      'Chassis maker’s least steering load',
      lb,
    );
  },
);

export const axleChecks: Check[] = [
  axleCheck('frontAxle'),
  axleCheck('rearAxle'),
  tandemAxle,
  gross,
  frontShare,
  frontLeast,
];
