import { limitOf, reading } from '../../kernel/index.js';
import { bodyPlace, bumperFront, envelope, rearReactionIn } from '../../truck/index.js';
import type { Axles } from '../../truck/index.js';
import { bare, lb } from '../../units/index.js';
import { axles, chosenChassis } from '../chassis/index.js';
import { weighedStates } from './states.js';

/** What must be kept when weight is added: by how much it is kept now, and what each pound there takes of that. */
interface Kept {
  name: string;
  marginLb: number;
  takesPerLb: number;
}

/** The pounds that may be added at one place so that everything is kept in every load state. */
export interface Payload {
  /** Whether any weight that is added there, or none, keeps everything. */
  possible: boolean;
  /** The least and the most that do, lb; null where none does. */
  fromLb: number | null;
  toLb: number | null;
  /** What is full first. */
  fullFirst: string;
  /** What is furthest beyond its limit now; null where everything is kept. */
  over: string | null;
  /** What the least brings back within its limit; null where nothing needs to be added. */
  bringsBack: string | null;
  /** What must leave there so that everything is kept, lb; null where that would not do either. */
  leaveLb: number | null;
}

/** The pounds at a place that keep everything, each kept thing a straight line in them (formulas: payload left). */
function payloadOf(kept: readonly Kept[]): Payload {
  let least = { lb: -Infinity, name: '' };
  let most = { lb: Infinity, name: '' };
  let over: { lb: number; name: string } | null = null;
  for (const { name, marginLb, takesPerLb } of kept) {
    if (marginLb < (over?.lb ?? 0)) over = { lb: marginLb, name };
    if (takesPerLb > 0) {
      const lb = marginLb / takesPerLb;
      if (lb < most.lb) most = { lb, name };
    } else if (takesPerLb < 0) {
      const lb = marginLb / takesPerLb;
      if (lb > least.lb) least = { lb, name };
    } else if (marginLb < 0) most = { lb: -Infinity, name };
  }
  const fromLb = Math.max(0, least.lb);
  const possible = fromLb <= most.lb;
  return {
    possible,
    fromLb: possible ? fromLb : null,
    toLb: possible ? most.lb : null,
    fullFirst: most.name,
    over: over?.name ?? null,
    bringsBack: possible && fromLb > 0 ? least.name : null,
    leaveLb: !possible && most.lb < 0 && least.lb <= most.lb && Number.isFinite(most.lb) ? -most.lb : null,
  };
}

/** A truck's ratings as payload needs them, lb and in. */
export interface PayloadRatings {
  rearReactionIn: number;
  frontRatingLb: number;
  rearRatingLb: number;
  grossRatingLb: number;
}

export interface PayloadInput extends PayloadRatings {
  /** Where weight is added, in aft of the front axle. */
  xIn: number;
  states: { name: string; frontLb: number; rearLb: number }[];
}

/** What the ratings leave in one state, and what a pound at x takes of it. */
const ratingsKept = (
  { xIn, rearReactionIn: rearIn, frontRatingLb, rearRatingLb, grossRatingLb }: Omit<PayloadInput, 'states'>,
  { frontLb, rearLb }: { frontLb: number; rearLb: number },
): Kept[] => [
  { name: 'front axle', marginLb: frontRatingLb - frontLb, takesPerLb: 1 - xIn / rearIn },
  { name: 'rear axle', marginLb: rearRatingLb - rearLb, takesPerLb: xIn / rearIn },
  { name: 'gross', marginLb: grossRatingLb - frontLb - rearLb, takesPerLb: 1 },
];

/** The calculation `payload` of the outside contract: the loads of every state in, the interval of pounds out. */
export const payload = ({ states, ...on }: PayloadInput): Payload =>
  payloadOf(states.flatMap((state) => ratingsKept(on, state)));

/** What weight must not lift: the front axle's least load, and its share of the gross where a profile asks for one. */
interface Steering {
  leastFrontLb: number;
  frontSharePct: number;
}

const steeringKept = (
  xIn: number,
  rearIn: number,
  { leastFrontLb, frontSharePct }: Steering,
  { frontLb, rearLb }: { frontLb: number; rearLb: number },
): Kept[] => {
  const onFront = 1 - xIn / rearIn;
  const share = frontSharePct / 100;
  return [
    { name: 'least front axle load', marginLb: frontLb - leastFrontLb, takesPerLb: -onFront },
    {
      name: 'front axle’s share of the gross',
      marginLb: frontLb - share * (frontLb + rearLb),
      takesPerLb: share - onFront,
    },
  ];
};

/** What a rear axle or tandem may carry in all, lb: the axle of a tandem that takes more is full first. */
const rearRatingLb = ({ rear: { gawrLb, axles: count, frontShare } }: Axles): number =>
  count === 1 ? gawrLb : gawrLb / 2 / Math.max(frontShare, 1 - frontShare);

/** What a truck keeps in every load state, at any place along it. */
export const payloadAt = reading(
  'weights',
  [axles, weighedStates, chosenChassis, limitOf('frontSharePct')],
  (on, states, { chassis }, share) => {
    const rearIn = rearReactionIn(on);
    const ratings: PayloadRatings = {
      rearReactionIn: rearIn,
      frontRatingLb: on.front.gawrLb,
      rearRatingLb: rearRatingLb(on),
      grossRatingLb: on.gvwrLb,
    };
    const steering = { leastFrontLb: chassis.minFrontLb, frontSharePct: share?.value ?? 0 };
    const loads = states.map(({ weights: { front, rear } }) => ({
      frontLb: front.loadLb,
      rearLb: rear.loadLb,
    }));
    return (xIn: number): Payload =>
      payloadOf(
        loads.flatMap((state) => [
          ...ratingsKept({ xIn, ...ratings }, state),
          ...steeringKept(xIn, rearIn, steering, state),
        ]),
      );
  },
);

export interface PayloadLeft extends Payload {
  place: string;
  xIn: number;
}

/** What still fits in front, in the middle and at the back, in every load state. */
export const payloadLeft = reading(
  'weights',
  [payloadAt, bumperFront, bodyPlace],
  (at, front, body): PayloadLeft[] =>
    (
      [
        ['Front', front],
        ['Middle', (body.frontIn + body.endIn) / 2],
        ['Rear', body.endIn],
      ] as const
    ).map(([place, xIn]) => ({ place, xIn, ...at(xIn) })),
);

/** Steps of the curve along the truck, in. */
const CURVE_STEP_IN = 6;

/** The payload along the whole truck. */
export const payloadCurve = reading('weights', [payloadAt, envelope], (at, { frontIn, rearIn }) => {
  const count = Math.ceil((rearIn - frontIn) / CURVE_STEP_IN);
  return Array.from({ length: count + 1 }, (_, i) => {
    const xIn = Math.min(rearIn, frontIn + i * CURVE_STEP_IN);
    return { xIn, ...at(xIn) };
  });
});

/** What may be added at a place, in a few figures. */
export function payloadInShort({ fromLb, toLb, leaveLb }: Payload): string {
  if (fromLb !== null && toLb !== null) return fromLb > 0 ? `${bare(lb(fromLb))} to ${lb(toLb)}` : lb(toLb);
  return leaveLb === null ? 'none' : `none, ${lb(leaveLb)} must come off`;
}

/** The same in words. */
export function payloadInWords({ fromLb, toLb, fullFirst, over, bringsBack, leaveLb }: Payload): string {
  if (fromLb !== null && toLb !== null) {
    const until = `${lb(toLb)} until the ${fullFirst} is at its limit`;
    return bringsBack
      ? `at least ${lb(fromLb)} here would bring the ${bringsBack} back within its limit; ${until}`
      : until;
  }
  return leaveLb === null
    ? `nothing added or taken off here brings the ${over} back within its limit`
    : `${lb(leaveLb)} must come off here: the ${over} is over`;
}
