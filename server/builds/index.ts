export { Build, BuildRevision } from './build.entity.js';
export { BuildsModule } from './builds.module.js';
export { BuildsService } from './builds.service.js';
export { HistoryService } from './history.service.js';
