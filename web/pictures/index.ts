export { chartSvg } from './chart';
export { diagramSvg } from './diagram';
export { drawingSvg } from './drawing';
export { mountingSvg, sideSvg } from './lockers';
export { miniatureSvg } from './miniature';
export { inlineStyles } from './styles';
