export { useAdvice } from './useAdvice';
export { useLevelling, useRemedies } from './useRemedies';
