export { Palette } from './Palette';
export type { Entry } from './Palette';
