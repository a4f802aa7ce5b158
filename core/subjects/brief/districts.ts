/** The kinds of district for which a build can start from a sensible whole truck. */
export const DISTRICT_KINDS = ['rural', 'village', 'city', 'wildland'] as const;
export type DistrictKind = (typeof DISTRICT_KINDS)[number];

/** What the kinds are called. */
export const DISTRICT_NAMES: Record<DistrictKind, string> = {
  rural: 'Rural, few or no hydrants',
  village: 'Village or suburb with hydrants',
  city: 'City with tall or close buildings',
  wildland: 'Grass, brush and forest',
};
