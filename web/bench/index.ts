export { BenchScreen } from './BenchScreen';
export { Remedies } from './FindingsPanel';
