export { WeeklyCheck } from './weekly-check.entity.js';
export { WeeklyModule } from './weekly.module.js';
