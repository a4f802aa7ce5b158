export { FINISH_NAMES, FINISHES, isMadeUp, MADE_UP_ONE } from './finishes.js';
export type { Finish, Packable, Room } from './finishes.js';
export { bedHolds, usualFill } from './holds.js';
export type { HoseBedHolds, HoseBedInput } from './holds.js';
export type { Coupling, Lay } from './lay.js';
export { holdsFt, MOST_FT, pack, sectionsOf } from './pack.js';
export type { Packed } from './pack.js';
export { DRUM_IN, reelHoldsFt } from './reel.js';
export { packed } from './remembered.js';
