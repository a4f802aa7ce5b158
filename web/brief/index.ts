export { BriefLines } from './BriefLines';
export { BriefScreen } from './BriefScreen';
