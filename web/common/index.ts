export { Frame, InBar } from './Frame';
export { ScreenError } from './ScreenError';
export { StatusMark, statusColour, statusWord } from './StatusMark';
