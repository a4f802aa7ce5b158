export { PapersModule } from './papers.module.js';
export { fileName } from './papers.service.js';
