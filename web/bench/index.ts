export { BenchScreen } from './BenchScreen';
export { Remedies } from './FindingsPanel';
export { useLevelling } from './useRemedies';
