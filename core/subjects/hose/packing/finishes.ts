/** How hose is finished in its bed. */
export const FINISHES = ['flat', 'edge', 'horseshoe', 'shoulder', 'rolls', 'bundles'] as const;
export type Finish = (typeof FINISHES)[number];
/** Section by section, each by itself. */
export type MadeUp = 'rolls' | 'bundles';
/** Lay on lay, all of a load in one. */
export type Folded = Exclude<Finish, MadeUp>;

/** What one section of it is called. */
export const MADE_UP_ONE: Record<MadeUp, string> = { rolls: 'roll', bundles: 'bundle' };

export const isMadeUp = (finish: Finish): finish is MadeUp => finish === 'rolls' || finish === 'bundles';

export const FINISH_NAMES: Record<Finish, string> = {
  flat: 'Flat',
  edge: 'Accordion',
  horseshoe: 'Horseshoe',
  shoulder: 'Shoulder loads',
  rolls: 'Rolls',
  bundles: 'Bundles',
};

/** Hose as it is packed: flat width, thickness of one lay (both walls), diameter of its couplings, and a section. */
export interface Packable {
  flatWidthIn: number;
  thicknessIn: number;
  couplingIn: number;
  sectionFt: number;
}

/** The inside of a bed, in. */
export interface Room {
  lengthIn: number;
  widthIn: number;
  depthIn: number;
}

/** Free of hose at the ends of a bed together: folds bulge, in (formulas: hose beds). */
export const ENDS_IN = 3;
