export { AnalysisScreen } from './AnalysisScreen';
export { SECTIONS_OF_ANALYSIS } from './sections';
