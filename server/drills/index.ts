export { Drill } from './drill.entity.js';
export { DrillsModule } from './drills.module.js';
