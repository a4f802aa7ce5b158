/** Axles and ratings against which a truck is weighed. Lb and in. */
export interface Axles {
  /** Front axle to the rear axle, or to the middle of a tandem. */
  wheelbaseIn: number;
  front: { gawrLb: number; trackIn: number };
  rear: {
    gawrLb: number;
    trackIn: number;
    axles: 1 | 2;
    /** Distance between the axles of a tandem; 0 for one axle. */
    spreadIn: number;
    /** Share of a tandem's load on its first axle. */
    frontShare: number;
  };
  gvwrLb: number;
  /** Share of the roll stiffness at the front axle. */
  frontRollShare: number;
}

/**
 * Where the rear axle or tandem reacts, in aft of the front axle: an unequal tandem not at its middle
 * (formulas: axle loads).
 */
export const rearReactionIn = ({ wheelbaseIn, rear }: Pick<Axles, 'wheelbaseIn' | 'rear'>): number =>
  wheelbaseIn + (0.5 - rear.frontShare) * rear.spreadIn;

/** What of a weight at x the rear axle carries; the front axle carries the rest. */
export const rearShareAt = (axles: Pick<Axles, 'wheelbaseIn' | 'rear'>, xIn: number): number =>
  xIn / rearReactionIn(axles);

/** The rearmost axle, in aft of the front one. */
export const lastAxleIn = ({
  wheelbaseIn,
  rear,
}: {
  wheelbaseIn: number;
  rear: Pick<Axles['rear'], 'spreadIn'>;
}): number => wheelbaseIn + rear.spreadIn / 2;
