export { sheetCsv } from '#core/exchange';
