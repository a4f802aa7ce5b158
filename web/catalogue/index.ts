export { CatalogueScreen } from './CatalogueScreen';
export { OwnPartsScreen } from './OwnPartsScreen';
