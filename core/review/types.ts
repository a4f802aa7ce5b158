import type { Envelope, Rig, StepId } from '../rig/index.js';
import type { StateId, WeighedState } from '../weights/index.js';

/** What a check says: it holds, it holds but only just, or it does not. */
export type Status = 'holds' | 'caution' | 'fails';

export type CheckId =
  | 'frontAxle' | 'rearAxle' | 'gross' | 'frontShare' | 'frontLeast' | 'sideFront' | 'sideRear' | 'roll' | 'typeGvwr'
  | 'pumpLeast' | 'tankLeast' | 'supplyHose' | 'attackHose' | 'hose15' | 'hose1' | 'seats' | 'compartments'
  | 'groundLadders' | 'roofLadder' | 'extensionLadder' | 'atticLadder'
  | 'hoseBeds' | 'preconnects' | 'approach' | 'departure' | 'frameMoment'
  | 'tankFits' | 'hoseFits' | 'laddersFit' | 'wheelsFit' | 'equipmentPlace' | 'budget';

export type Unit = 'lb' | '%' | 'deg' | 'gal' | 'gpm' | 'ft' | 'ft3' | 'in' | 'seats' | 'pieces' | '$';

export interface Contributor {
  componentId: string;
  name: string;
  /** Pounds on the axle, or pounds of the whole; for sides the pounds by which it loads that side. */
  amountLb: number;
}

export interface Finding {
  id: CheckId;
  title: string;
  status: Status;
  actual: number;
  limit: number;
  /** Positive where it holds. */
  margin: number;
  /** Margin from which it holds without a caution, where that is more than nothing. */
  comfort?: number;
  unit: Unit;
  /** The load state in which it is worst, where states matter. */
  state: { id: StateId; name: string } | null;
  /** Where the limit comes from. */
  basis: string;
  /** What makes it hold although the figure is beyond the limit; empty otherwise. */
  by?: string;
  /** One sentence with the figures. */
  words: string;
  /** The steps of work that this says something about. */
  steps: StepId[];
}

/** What checks look at: the rig, weighed in every state, with its outside dimensions. */
export interface Looked {
  rig: Rig;
  states: WeighedState[];
  envelope: Envelope;
}

/** A check looks and says something, or nothing where it has no limit to hold the truck against. */
export type Check = (looked: Looked) => Finding | null;
