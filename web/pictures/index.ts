export { chartSvg } from './chart';
export { drawingSvg } from './drawing';
