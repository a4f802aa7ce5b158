/** Where beds can be that a truck does not have by its pump, bumper and body. */
export const OWN_BEDS = [
  'chute',
  'rear',
  'left',
  'right',
  'topLeft',
  'topRight',
  'across',
  'overPump',
] as const;
export type OwnBedKind = (typeof OWN_BEDS)[number];
export const OWN_BED_NAMES: Record<OwnBedKind, string> = {
  chute: 'Rear chute',
  rear: 'Rear preconnect',
  left: 'Side preconnect, driver’s side',
  right: 'Side preconnect, officer’s side',
  topLeft: 'On the compartments, driver’s side',
  topRight: 'On the compartments, officer’s side',
  across: 'Across the front of the body',
  overPump: 'Across, over the pump house',
};

/** As large as such a bed usually is inside: along its hose, across it, and deep; in. */
export const OWN_BED_SIZES: Record<OwnBedKind, { lengthIn: number; wideIn: number; deepIn: number }> = {
  chute: { lengthIn: 36, wideIn: 18, deepIn: 36 },
  rear: { lengthIn: 40, wideIn: 10, deepIn: 16 },
  left: { lengthIn: 60, wideIn: 10, deepIn: 12 },
  right: { lengthIn: 60, wideIn: 10, deepIn: 12 },
  topLeft: { lengthIn: 80, wideIn: 12, deepIn: 10 },
  topRight: { lengthIn: 80, wideIn: 12, deepIn: 10 },
  across: { lengthIn: 92, wideIn: 9, deepIn: 12 },
  overPump: { lengthIn: 92, wideIn: 9, deepIn: 12 },
};
