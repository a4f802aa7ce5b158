import { gather, reading } from './reading.js';
import type { Reading } from './reading.js';

/** A block along the frame behind the cab: how long it is, and what is kept free ahead of it, in. */
export interface AlongFrame {
  owner: string;
  /** Its place in the row from the cab, least first. */
  order: number;
  aheadIn: number;
  lengthIn: number;
}

/** Space that one thing takes from another. */
export type Taking =
  /** A slice of the compartments of one side, from inside. */
  | { from: 'compartments'; side: 'left' | 'right'; depthIn: number }
  /** What is above a height on one side. */
  | { from: 'compartments'; side: 'left' | 'right'; aboveIn: number }
  /** The compartment at the back. */
  | { from: 'compartments'; side: 'rear' }
  /** An opening in the pump house. */
  | { from: 'pumpHouse'; x0: number; x1: number; z0: number; z1: number };

type TakenFrom<F extends Taking['from']> = Extract<Taking, { from: F }>;

const everything = gather<Taking[]>('truck', (subject) => subject.takes);

const takenFrom = <F extends Taking['from']>(from: F): Reading<TakenFrom<F>[]> => ({
  ...reading('truck', [everything], (all) =>
    all.flat().filter((taking): taking is TakenFrom<F> => taking.from === from),
  ),
  settles: true,
});

export const takenFromCompartments = takenFrom('compartments');
export const takenFromPumpHouse = takenFrom('pumpHouse');
