import { feet, formatWhole, gpm, psi } from '../../units/index.js';
import type { Connection } from '../plumbing/index.js';
import { byHand } from './by-hand.js';
import { step } from './step.js';
import type { Procedure, Step } from './step.js';

/** What a truck says of itself where water is moved. */
export interface ForWater {
  connections: readonly Connection[];
  ratedGpm: number;
  twoStages: boolean;
  tankGal: number;
  /** Seconds, and feet of suction that is coupled. */
  primingS: number;
  suctionFt: number;
  tankWords: string;
  strainerWords: string;
}

const first = (all: readonly Connection[], kind: Connection['kind']): Connection | undefined =>
  all.find((one) => one.kind === kind);
/** What is done to a connection, with its way by hand. */
const works = (
  id: string,
  does: (label: string) => string,
  why: string,
  one: Connection | undefined,
): Step[] => {
  if (!one) return [];
  const hand = byHand(one);
  return [step(id, does(one.label), why, { connectionId: one.id, ...(hand ? { byHand: hand } : {}) })];
};

export function fromTank({ connections: all, tankGal, tankWords }: ForWater): Procedure[] {
  if (tankGal === 0) return [];
  return [
    {
      id: 'tank',
      title: 'From the tank',
      steps: [
        ...works(
          'tankToPump',
          (label) => `${label} open`,
          'the pump fills by itself',
          first(all, 'tankToPump'),
        ),
        step('prime', 'Prime for seconds if no pressure rises', 'air stands in the pump'),
        ...works(
          'recirculation',
          (label) => `${label} cracked open`,
          'a pump without flow boils its water in minutes',
          first(all, 'recirculation'),
        ),
        step(
          'line',
          'First line open, slowly, to its pressure',
          'a line that is charged fast throws its crew',
        ),
        ...(tankWords
          ? [step('minutes', `Tell the crew: ${tankWords}`, 'they plan their way out by it')]
          : []),
        ...works(
          'tankFill',
          (label) => `Once a supply is in: ${label} open, tank-to-pump shut; keep the tank full`,
          'it is the reserve when the supply fails',
          first(all, 'tankFill'),
        ),
      ],
    },
  ];
}

/** The intake that a supply line is coupled to: the largest that is not for suction alone. */
export const supplyIntake = (all: readonly Connection[]): Connection | undefined =>
  all.filter(({ kind }) => kind === 'intake').sort((a, b) => a.sizeIn - b.sizeIn)[0];
const suction = (all: readonly Connection[]): Connection | undefined =>
  all.filter(({ kind }) => kind === 'intake').sort((a, b) => b.sizeIn - a.sizeIn)[0];

export const fromHydrant = ({ connections: all }: ForWater): Procedure => ({
  id: 'hydrant',
  title: 'From a hydrant',
  steps: [
    step('flush', 'Flush the hydrant, then lay and couple', 'stones in the main end in the pump'),
    step('open', 'Hydrant open, slowly and all the way', 'half open its drain washes out the ground'),
    ...works(
      'bleed',
      (label) => `Bleed the air at ${label}, then open its valve`,
      'air that is pumped loses the prime',
      supplyIntake(all),
    ),
    step('residual', `Keep ${psi(20)} at the intake`, 'below it the flow is more than the main gives'),
  ],
});

export const fromDraft = (of: ForWater): Procedure => ({
  id: 'draft',
  title: 'From draft',
  steps: [
    ...works(
      'couple',
      (label) =>
        `${feet(of.suctionFt)} of suction to ${label}; strainer two feet under water and off the bottom`,
      of.strainerWords,
      suction(of.connections),
    ),
    step('tight', 'Every cap, drain and valve shut', 'one leak of air and no water comes'),
    step(
      'prime',
      `Prime: water within ${formatWhole(of.primingS)} s`,
      'none in that time is a leak; more priming finds none',
    ),
    step(
      'hold',
      'Raise the pressure at once, then open a line slowly; let one small line run',
      'the flow holds the prime',
    ),
    step(
      'vacuum',
      'Watch the vacuum',
      'rising with falling pressure: the strainer is blocked, or the lift allows no more',
    ),
  ],
});

export const RELAY: Procedure = {
  id: 'relay',
  title: 'Relay',
  steps: [
    step(
      'source',
      'The pumper at the water first, by the friction of the lay',
      'the other has nothing to pump before',
    ),
    step(
      'intake',
      `The receiver keeps ${psi(20)} to ${psi(50)} at its intake`,
      'less flattens the hose, more bursts it',
    ),
    step('nobody', 'Nobody shuts a line suddenly', 'the shock goes through both pumps'),
  ],
};

export const stages = ({ ratedGpm }: Pick<ForWater, 'ratedGpm'>): Procedure => ({
  id: 'stages',
  title: 'Two stages',
  steps: [
    step(
      'volume',
      `Volume above ${gpm(ratedGpm / 2)}, pressure below`,
      'each impeller by itself gives twice the flow',
    ),
    step(
      'change',
      `Change over at idle pressure, at most ${psi(50)}, never at speed`,
      'the transfer valve slams and breaks',
    ),
  ],
});
