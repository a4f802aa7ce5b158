export { BriefLines } from './BriefLines';
export { BriefScreen } from './BriefScreen';
export { saidLine } from './said';
