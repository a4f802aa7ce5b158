import { check, limitKind, limitOf, noneOf } from '../../kernel/index.js';
import type { Judgement } from '../../kernel/index.js';
import { feet, inches, listed, within } from '../../units/index.js';
import { bedded, isConnected } from '../hose/index.js';
import type { BeddedLoad } from '../hose/index.js';
import { pullsWithin, pullSteps } from './pulls.js';
import type { Pull } from './pulls.js';

export const pullingLimits = {
  gripIn: limitKind('Grip of hose over the feet', 'in', 'most', 24, 120),
};

/** Attack hose of no more than this in one load is kept ready as a line, ft. */
const LINE_FT = 500;

/** Whether a load is a line that is pulled by itself, and at once. */
const isLine = (load: BeddedLoad): boolean =>
  load.hose.use !== 'supply' && load.lengthFt <= LINE_FT && isConnected(load);

const named = ({ load }: Pull): string =>
  `${feet(load.lengthFt)} of ${load.hose.name} in ${within(load.bed.name)}`;

const grip = check(
  'pulling',
  { id: 'grip', title: 'Grip of the hose', steps: ['hose'] },
  [bedded, pullSteps, limitOf('gripIn')],
  (loads, steps, limit): Judgement | null => {
    if (!limit) return null;
    const all = pullsWithin(loads, steps, limit.value);
    if (all.length === 0) return null;
    const worst = all.reduce((most, next) => (next.gripIn > most.gripIn ? next : most));
    const margin = limit.value - worst.gripIn;
    const others = all.filter((pull) => pull !== worst && pull.gripIn > limit.value).length;
    return {
      // What a tall hand reaches is no rating: it is advice.
      status: margin < 0 ? 'caution' : 'holds',
      actual: worst.gripIn,
      limit: limit.value,
      margin,
      unit: 'in',
      state: null,
      basis: limit.basis,
      words: `${named(worst)}: its top is ${inches(worst.gripIn)} over ${worst.stand.name}; ${inches(limit.value)} are advised.${others > 0 ? ` ${others} more are higher than that, too.` : ''}`,
    };
  },
);

const buried = check(
  'pulling',
  { id: 'buried', title: 'Lines that lie under others', steps: ['hose'] },
  [bedded, pullSteps],
  (loads, steps): Judgement | null => {
    const lines = pullsWithin(loads, steps, Infinity).filter(({ load }) => isLine(load));
    if (lines.length === 0) return null;
    const under = lines.filter((pull) => pull.under.length > 0);
    return noneOf(
      under.length,
      'caution',
      'Geometry of this build',
      under.length === 0
        ? `All ${lines.length} lie free to be pulled.`
        : under
            .map(
              (pull) =>
                `${named(pull)} comes off after ${listed(pull.under.map(({ lengthFt, hose }) => `${feet(lengthFt)} of ${hose.name}`))}.`,
            )
            .join(' '),
    );
  },
);

export const pullingChecks = [grip, buried];
