export { layOut } from './layout';
export type { Arrangement, Picture } from './layout';
export { Miniature } from './Miniature';
export { GhostLayer, GripLayer, Stage } from './Stage';
export type { StageProps } from './Stage';
export type { GripsProps } from './Grips';
export { VIEWS } from './view';
