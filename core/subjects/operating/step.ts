/** One thing that the operator does, with its reason; what stands at the truck is named as its label says. */
export interface Step {
  id: string;
  do: string;
  why: string;
  /** The connection that it works, by its id. */
  connectionId?: string;
  /** How it is done by hand where what usually does it fails. */
  byHand?: string;
}

/** Steps in their order, for one purpose. */
export interface Procedure {
  id: string;
  title: string;
  steps: Step[];
}

export const step = (
  id: string,
  does: string,
  why: string,
  more: Pick<Step, 'connectionId' | 'byHand'> = {},
): Step => ({ id, do: does, why, ...more });
