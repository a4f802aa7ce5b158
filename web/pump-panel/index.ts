export { PanelPicture } from './PanelPicture';
export type { Works } from './PanelPicture';
