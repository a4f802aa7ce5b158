export * from './api.js';
export * from './api-brief.js';
export * from './api-drills.js';
export * from './api-history.js';
export * from './api-parts.js';
export * from './api-yard.js';
export * from './archive.js';
export * from './older-archive.js';
export { AnglesInput, PayloadInput, TankInput, WeightsInput } from './calc-input.js';
export {
  assumedSize,
  equipmentCsv,
  equipmentSheet,
  readEquipmentCsv,
  writeEquipmentCell,
} from './equipment-csv.js';
export type { EquipmentReading, EquipmentSheet } from './equipment-csv.js';
export { hoseCsv, readHoseCsv } from './hose-csv.js';
export type { HoseReading } from './hose-csv.js';
export { HoseBedInput } from './calc-hose-input.js';
export { FoamInput, ShuttleInput } from './calc-foam-input.js';
export { BridgeInput, TurningInput } from './calc-site-input.js';
export { LineInput, PumpInput } from './calc-water-input.js';
export { CALCULATIONS } from './calculations.js';
export { glanceOf } from './glance.js';
export { MOST_REVISIONS } from './moments.js';
export { partsCsv, problemsOfPart, readPartsCsv } from './parts-csv.js';
export type { PartsReading } from './parts-csv.js';
export { report } from './report.js';
export type { Standing } from './standing.js';
export { problemsWithin, taken, TAKEN } from './taken.js';
export { readSheet, sheetCsv } from './sheet-csv.js';
export type { SheetReading } from './sheet-csv.js';
