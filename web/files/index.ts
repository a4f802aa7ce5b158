export { download, fileName } from './download';
export { FilesMenu } from './FilesMenu';
export { NotTaken } from './NotTaken';
export { jsonOf, reasons } from './read';
export { PaperButtons } from './PaperButtons';
export { RefusedRows } from './RefusedRows';
export { useFiles } from './useFiles';
export type { FileAction } from './useFiles';
