export { chartSvg } from './chart';
export { drawingSvg } from './drawing';
export { miniatureSvg } from './miniature';
export { inlineStyles } from './styles';
