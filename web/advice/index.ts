export { Remedies } from './Remedies';
export { useAdvice } from './useAdvice';
export { useLeveling, useLongest, useRemedies } from './useRemedies';
export { AdviceSection } from './AdviceSection';
