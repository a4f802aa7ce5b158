export { asideIn, asideNews, keepingAside, withAside } from './aside.js';
export type { Aside } from './aside.js';
export { around, grown, middleOf, overlapIn, surfaceOf, volumeOf, without } from './boxes.js';
export type { Point } from './boxes.js';
export * from './change.js';
export { check, nearness, rank, STATUS_WORDS, worstFirst, worstStatus } from './check.js';
export type { Check, Contributor, Finding, Judgement, Status, Unit } from './check.js';
export * from './choice.js';
export { choicesOfLine, hasChoice, pickChoice } from './line-choices.js';
export { component, madeOf } from './component.js';
export type { Component, Filling, HarmedAt, Made, Role, Rest } from './component.js';
export { Evaluation } from './evaluation.js';
export { changeOf, saidChange, saidFigure, saidMoves } from './figure.js';
export type { Figure, Figures, FigureUnit } from './figure.js';
export { groupsBy } from './groups.js';
export { House } from './house.js';
export type { Choices } from './house.js';
export {
  atLeast,
  heldTo,
  fits,
  held,
  bothOf,
  limitKind,
  limitOf,
  limitsOfEach,
  limitsRead,
  noneOf,
} from './limit.js';
export type { Limit, LimitKind, LimitSense, Profile } from './limit.js';
export {
  american,
  americanFigure,
  americanPart,
  FIGURE_SOURCES,
  ownPartFields,
  ownPartsBlock,
  SOURCE_BASIS,
} from './own-part.js';
export type { FigureSource, OwnPart, PartFigure } from './own-part.js';
export { linesOfParts, toggledLine } from './part-lines.js';
export * as partFigure from './part-figures.js';
export type { PartFigureField } from './part-figures.js';
export {
  each,
  fromBuild,
  gather,
  nameOfBuild,
  port,
  provide,
  reading,
  settling,
  typeOfBuild,
} from './reading.js';
export type { AnyReading, Provided, Reading, ValuesOf } from './reading.js';
export { boxAt, boxOf, boxOfTank } from './shapes.js';
export type { Box, PlainKind, Rectangle, Shape, TankBox } from './shapes.js';
export { isUsual, Shelf, Stock } from './shelf.js';
export type { Material, Named, Origin, Part, Said } from './shelf.js';
export type { NewerPart } from './carried.js';
export { takenFromCompartments, takenFromPumpHouse } from './space.js';
export type { AlongBlock, Taking } from './space.js';
export { absentIn, allAssumed, assumedIn, cautionsFor, PLANNING_CAUTION, stepStates } from './steps.js';
export type { AssumedStep, StepState } from './steps.js';
export type { InCommon, Subject } from './subject.js';
export { usd } from './money.js';
export { figureOf, marginOf, markAt } from './table.js';
export type { Axis, ChartOf, Column, Row, Series, TableOf } from './table.js';
