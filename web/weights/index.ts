export { WeightsScreen } from './WeightsScreen';
