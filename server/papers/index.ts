export { PapersModule } from './papers.module.js';
