export { Scale } from './Scale';
export type { ScaleProps } from './Scale';
