/** What a main bed can be covered with, and on which side one can walk beside it. */
export const COVERS = ['tarp', 'hinged', 'walked'] as const;
export type Cover = (typeof COVERS)[number];
export const COVER_NAMES: Record<Cover, string> = {
  tarp: 'Vinyl tarp',
  hinged: 'Hinged aluminum cover',
  walked: 'Hinged aluminum cover to walk on',
};
export const WALKWAYS = ['left', 'right'] as const;
export type Walkway = (typeof WALKWAYS)[number];
export const WALKWAY_NAMES: Record<Walkway, string> = {
  left: 'On the driver’s side',
  right: 'On the officer’s side',
};
