export { DataTable } from './DataTable';
export { Frame, InBar } from './Frame';
export { KeptText } from './KeptText';
export { Message } from './Message';
export { ScreenError } from './ScreenError';
export { default as sectionClasses } from './sections.module.css';
export { StatusMark, statusColor, statusWord } from './StatusMark';
export { UnitsAs, useUnits, useUnitSwitch, UnitsProvider } from './units';
export { whoAmI } from './who';
