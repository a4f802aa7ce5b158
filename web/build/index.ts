export { BuildShell } from './BuildShell';
export { goingOf } from './going';
export { STEP_KEYS } from './step-keys';
