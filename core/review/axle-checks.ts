import type { AxleOption } from '../catalogue/index.js';
import { lb, formatPct } from '../units/index.js';
import type { AxleWeights, WeighedState } from '../weights/index.js';
import type { Check, Finding, Looked, Status } from './types.js';

/** The state in which a figure is largest. */
export const worstBy = (states: WeighedState[], figure: (state: WeighedState) => number): WeighedState =>
  states.reduce((worst, next) => (figure(next) > figure(worst) ? next : worst));

const RATING_WORDS = { axleLb: 'axle rating', tyresLb: 'tyre rating', wheelsLb: 'wheel rating', suspensionLb: 'suspension rating' } as const;

/** The lowest of an axle's ratings and its name. */
export function governing(axle: AxleOption): { limitLb: number; name: string } {
  const entries = Object.entries(axle.ratings) as [keyof AxleOption['ratings'], number][];
  const [key, limitLb] = entries.reduce((least, next) => (next[1] < least[1] ? next : least));
  return { limitLb, name: RATING_WORDS[key] };
}

/** Over is over; within, but with little reserve or not within at 95 %, is a caution. */
function loadFinding(
  looked: Looked,
  about: Pick<Finding, 'id' | 'title' | 'basis' | 'steps'> & { state: WeighedState; loadLb: number; load95Lb: number; limitLb: number },
): Finding {
  const { state, loadLb, load95Lb, limitLb, ...rest } = about;
  const margin = limitLb - loadLb;
  const reservePct = looked.rig.profile.limits.reservePct?.value ?? 0;
  const reserveLb = (reservePct / 100) * limitLb;
  const short = margin < reserveLb;
  const unsure = load95Lb > limitLb;
  const status: Status = margin < 0 ? 'fails' : short || unsure ? 'caution' : 'holds';
  const words = {
    fails: `${lb(-margin)} over: ${lb(loadLb)} on ${lb(limitLb)}.`,
    caution: unsure
      ? `${lb(margin)} left, but the load may be as much as ${lb(load95Lb)} at 95 % confidence.`
      : `${lb(margin)} left, less than the reserve of ${formatPct(reservePct)}.`,
    holds: `${lb(margin)} left of ${lb(limitLb)}.`,
  }[status];
  return { ...rest, status, actual: loadLb, limit: limitLb, margin, comfort: Math.max(reserveLb, load95Lb - loadLb), unit: 'lb', state: { id: state.id, name: state.name }, words };
}

const axleCheck = (id: 'frontAxle' | 'rearAxle'): Check => (looked) => {
  const { rig, states } = looked;
  const front = id === 'frontAxle';
  const axleOf = (state: WeighedState): AxleWeights => (front ? state.weights.front : state.weights.rear);
  const state = worstBy(states, (s) => axleOf(s).loadLb);
  const { limitLb, name } = governing(front ? rig.frontAxle : rig.rearAxle);
  return loadFinding(looked, {
    id, state, limitLb, loadLb: axleOf(state).loadLb, load95Lb: axleOf(state).load95Lb,
    title: front ? 'Front axle' : rig.axles.rear.axles === 2 ? 'Rear tandem' : 'Rear axle',
    basis: `Maker’s ${name}, the lowest of axle, tyres, wheels and suspension`,
    steps: front ? ['chassis', 'bumper'] : ['chassis', 'body'],
  });
};

export const frontAxle = axleCheck('frontAxle');
export const rearAxle = axleCheck('rearAxle');

export const gross: Check = (looked) => {
  const state = worstBy(looked.states, (s) => s.weights.totalLb);
  return loadFinding(looked, {
    id: 'gross', title: 'Gross weight', state, limitLb: looked.rig.axles.gvwrLb, loadLb: state.weights.totalLb, load95Lb: state.weights.total95Lb,
    basis: 'Chassis maker’s gross rating', steps: ['chassis', 'tank'],
  });
};

/** A figure that must not fall below a limit in any state. */
function leastFinding(
  state: WeighedState,
  about: Pick<Finding, 'id' | 'title' | 'basis' | 'unit' | 'actual' | 'limit'> & { format: (value: number) => string },
): Finding {
  const { format, ...rest } = about;
  const margin = rest.actual - rest.limit;
  return {
    ...rest, margin, status: margin < 0 ? 'fails' : 'holds', state: { id: state.id, name: state.name },
    words: margin < 0 ? `${format(rest.actual)} is ${format(-margin)} below ${format(rest.limit)}: the front axle is too light to steer well.` : `${format(rest.actual)}, at least ${format(rest.limit)}.`,
    steps: ['chassis', 'body'],
  };
}

export const frontShare: Check = (looked) => {
  const limit = looked.rig.profile.limits.frontSharePct;
  if (!limit) return null;
  const shareOf = (state: WeighedState) => (state.weights.front.loadLb / state.weights.totalLb) * 100;
  const state = worstBy(looked.states, (s) => -shareOf(s));
  return leastFinding(state, {
    id: 'frontShare', title: 'Share on the front axle', unit: '%', actual: shareOf(state), limit: limit.value, basis: limit.basis, format: formatPct,
  });
};

export const frontLeast: Check = (looked) => {
  const state = worstBy(looked.states, (s) => -s.weights.front.loadLb);
  return leastFinding(state, {
    id: 'frontLeast', title: 'Least front axle load', unit: 'lb', actual: state.weights.front.loadLb, limit: looked.rig.minFrontLb,
    basis: 'Chassis maker’s least steering load', format: lb,
  });
};
