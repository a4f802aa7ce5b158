export { act } from './act.js';
export type { Action, Answer } from './act.js';
export type { Mistake } from './mistakes.js';
export { arrived, geared, reads, turns } from './panel.js';
export type { Panel, Reads } from './panel.js';
export { tasksOf } from './tasks.js';
export type { Task } from './tasks.js';
export { drillTruck } from './truck.js';
export type { DrillTruck } from './truck.js';
