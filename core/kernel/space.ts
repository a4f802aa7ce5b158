import { gather, reading } from './reading.js';
import type { Reading } from './reading.js';
import type { Box } from './shapes.js';

/** A block along the frame behind the cab: how long it is, and what is kept free ahead of it, in. */
export interface AlongBlock {
  id: string;
  title: string;
  /** Its usual place in the row from the cab, least first. */
  rank: number;
  aheadIn: number;
  lengthIn: number;
  /** Whether a person may move it. */
  moves?: true;
  /** It is built to the cab, without the gap in which the frame flexes. */
  joinsCab?: true;
}

/** Space that one thing takes from another: boxes of it are gone from the compartments, or from the pump house. */
export interface Taking {
  from: 'compartments' | 'pumpHouse';
  boxes: Box[];
}

const everything = gather<Taking[]>('truck', (subject) => subject.takes);

const takenFrom = (from: Taking['from']): Reading<Box[]> => ({
  ...reading('truck', [everything], (all) =>
    all.flat().flatMap((taking) => (taking.from === from ? taking.boxes : [])),
  ),
  settles: true,
});

export const takenFromCompartments = takenFrom('compartments');
export const takenFromPumpHouse = takenFrom('pumpHouse');
