export { CataloguePart } from './catalogue-part.entity.js';
export { CatalogueModule } from './catalogue.module.js';
export { CatalogueService } from './catalogue.service.js';
export type { StoredFile } from './stored.js';
export { hashOf } from './stored.js';
