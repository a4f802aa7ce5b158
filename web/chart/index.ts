export { ChartView } from './ChartView';
