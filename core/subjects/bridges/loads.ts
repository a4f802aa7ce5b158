import { reading } from '../../kernel/index.js';
import { axles } from '../chassis/index.js';
import { weighedStates } from '../weights/index.js';
import type { AxleLoad } from './formula.js';

/** What each axle carries in a load state, front to rear. */
export interface OnAxles {
  id: string;
  name: string;
  axles: AxleLoad[];
  /** In front, all rear axles together, and everything; lb. */
  frontLb: number;
  rearLb: number;
  grossLb: number;
}

/** Every load state as a bridge feels it. */
export const onAxles = reading(
  'bridges',
  [weighedStates, axles],
  (states, { wheelbaseIn, rear }): OnAxles[] =>
    states.map(({ id, name, weights }) => {
      const rearXs =
        rear.axles === 2 ? [wheelbaseIn - rear.spreadIn / 2, wheelbaseIn + rear.spreadIn / 2] : [wheelbaseIn];
      return {
        id,
        name,
        axles: [
          { xIn: 0, loadLb: weights.front.loadLb },
          ...rearXs.map((xIn, i) => ({ xIn, loadLb: weights.rear.axleLoadsLb[i]! })),
        ],
        frontLb: weights.front.loadLb,
        rearLb: weights.rear.loadLb,
        grossLb: weights.totalLb,
      };
    }),
);

/** The state in which some load is heaviest. */
export const heaviest = (states: readonly OnAxles[], of: (state: OnAxles) => number): OnAxles =>
  states.reduce((most, next) => (of(next) > of(most) ? next : most));

/** The heaviest single axle of a state, lb. */
export const heaviestAxle = ({ axles: all }: OnAxles): number => Math.max(...all.map(({ loadLb }) => loadLb));
