export { Department } from './department.entity.js';
export { DepartmentsModule } from './departments.module.js';
export { DepartmentsService } from './departments.service.js';
