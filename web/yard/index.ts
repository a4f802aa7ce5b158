export { YardScreen } from './YardScreen';
