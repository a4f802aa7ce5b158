export { default as gridClasses } from './sheet.module.css';
export { cellAt, useGrid } from './useGrid';
