export { Remedies } from './Remedies';
export { useAdvice } from './useAdvice';
export { useLeveling, useRemedies } from './useRemedies';
export { AdviceSection } from './AdviceSection';
