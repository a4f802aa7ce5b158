import type { StepId } from '../rig/index.js';
import type { BuildSpec } from '../spec/index.js';

const TITLES: Record<StepId, string> = {
  chassis: 'Chassis', cab: 'Cab and crew', bumper: 'Front bumper', device: 'Aerial device', pump: 'Pump', tank: 'Tank', foam: 'Foam', hose: 'Hose loads',
  ladders: 'Ladders', body: 'Body and compartments', equipment: 'Equipment', fittings: 'Lights and fittings',
};

const ORDER: StepId[] = ['chassis', 'cab', 'bumper', 'device', 'pump', 'tank', 'foam', 'hose', 'ladders', 'body', 'equipment', 'fittings'];

/** The steps of a type of build in working order; only an aerial has a device. */
export const stepsFor = (spec: Pick<BuildSpec, 'type'>): StepId[] => ORDER.filter((step) => step !== 'device' || spec.type === 'aerial');

/** The name of a step. */
export const stepTitle = (step: StepId): string => TITLES[step];
