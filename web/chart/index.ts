export { BarChart, LineChart } from './charts';
export type { Series } from './charts';
