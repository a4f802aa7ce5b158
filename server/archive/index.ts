export { ArchiveModule } from './archive.module.js';
