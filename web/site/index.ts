export { Checks, Margins } from './Figures';
export { Handle } from './Handle';
export { Numbered, Patch } from './Marks';
export { NothingSaid, Place } from './Place';
export { EarthHatch, Sheet } from './Sheet';
export type { SheetSpace } from './Sheet';
export { default as siteClasses } from './site.module.css';
export { useTrial } from './useTrial';
