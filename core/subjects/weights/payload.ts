import { reading } from '../../kernel/index.js';
import { bodyPlace, bumperFront, rearShareAt } from '../../truck/index.js';
import type { Axles } from '../../truck/index.js';
import { axles } from '../chassis/index.js';
import { inService } from './states.js';
import type { WeightsResult } from './weigh.js';

/** What is full first when weight is added at a place. */
export type FullFirst = 'front axle' | 'rear axle' | 'gross';

export interface PayloadLeft {
  place: string;
  xIn: number;
  /** Pounds that still fit there; 0 when something is over already. */
  leftLb: number;
  fullFirst: FullFirst;
}

/** How many more pounds fit at x (in aft of the front axle) before an axle or the gross is full. */
export function payloadLeftAt(on: Axles, weights: WeightsResult, place: string, xIn: number): PayloadLeft {
  const rearShare = rearShareAt(on, xIn);
  const room = (marginLb: number, share: number) =>
    marginLb < 0 ? 0 : share > 0 ? marginLb / share : Infinity;
  const candidates: { leftLb: number; fullFirst: FullFirst }[] = [
    { leftLb: room(weights.front.marginLb, 1 - rearShare), fullFirst: 'front axle' },
    { leftLb: room(weights.rear.marginLb, rearShare), fullFirst: 'rear axle' },
    { leftLb: room(weights.gvwrMarginLb, 1), fullFirst: 'gross' },
  ];
  return { place, xIn, ...candidates.reduce((least, next) => (next.leftLb < least.leftLb ? next : least)) };
}

/** What still fits in front, in the middle and at the back, in service. */
export const payloadLeft = reading(
  'weights',
  [axles, inService, bumperFront, bodyPlace],
  (on, { weights }, front, body): PayloadLeft[] =>
    (
      [
        ['Front', front],
        ['Middle', (body.frontIn + body.endIn) / 2],
        ['Back', body.endIn],
      ] as const
    ).map(([place, x]) => payloadLeftAt(on, weights, place, x)),
);
