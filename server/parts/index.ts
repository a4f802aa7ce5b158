export { OwnPartRow } from './own-part.entity.js';
export { PartsModule } from './parts.module.js';
export { PartsService } from './parts.service.js';
