export { aside } from './aside.js';
export { Busy, WorkQueue } from './queue.js';
export { WorkModule } from './work.module.js';
export { WorkService } from './work.service.js';
