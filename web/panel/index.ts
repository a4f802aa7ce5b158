export { Assumed } from './Assumed';
export { ChoiceList, Choices } from './Choices';
export { ChoicesOf } from './ChoicesOf';
export { DeltaHeads, Deltas, shortChange, spokenChange } from './Deltas';
export { ListedLine } from './ListedLine';
export { default as classes } from './panel.module.css';
export { useDelta } from './useDelta';
export { useTakenOff } from './TakenOff';
