/** How hose is finished in its bed. */
export const FINISHES = ['flat', 'edge', 'horseshoe', 'shoulder', 'rolls'] as const;
export type Finish = (typeof FINISHES)[number];
export const FINISH_NAMES: Record<Finish, string> = {
  flat: 'Flat',
  edge: 'Accordion',
  horseshoe: 'Horseshoe',
  shoulder: 'Shoulder loads',
  rolls: 'Rolls',
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
