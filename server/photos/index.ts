export { Photo } from './photo.entity.js';
export { PhotosModule } from './photos.module.js';
