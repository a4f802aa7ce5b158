export { BuildTrouble } from './BuildTrouble';
export { BuildSession, useSession } from './BuildSession';
export { evaluated } from './evaluated';
export type { Bench, Change } from './history';
export { NotSaved } from './saver';
export { SessionBar } from './SessionBar';
export { useOffered } from './useOffered';
export { Sending, Unsent } from './unsent';
