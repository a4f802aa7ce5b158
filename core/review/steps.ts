import { findPart, partOf } from '../catalogue/index.js';
import type { StepId } from '../rig/index.js';
import { bedsFor } from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';
import { formatGal, formatIn, formatLb, formatWhole } from '../units/index.js';
import { rank, worstStatus } from './checks.js';
import type { Evaluation } from './evaluate.js';
import type { Finding, Status } from './types.js';

/** One step of the order of work: what is chosen, in a line, and how it stands. */
export interface StepState {
  id: StepId;
  title: string;
  line: string;
  status: Status;
  findings: Finding[];
}

const TITLES: Record<StepId, string> = {
  chassis: 'Chassis', cab: 'Cab and crew', bumper: 'Front bumper', device: 'Aerial device', pump: 'Pump', tank: 'Tank', foam: 'Foam', hose: 'Hose loads',
  ladders: 'Ladders', body: 'Body and compartments', equipment: 'Equipment', fittings: 'Lights and fittings',
};

const ORDER: StepId[] = ['chassis', 'cab', 'bumper', 'device', 'pump', 'tank', 'foam', 'hose', 'ladders', 'body', 'equipment', 'fittings'];

/** The steps of a type of build in working order; only an aerial has a device. */
export const stepsFor = (spec: BuildSpec): StepId[] => ORDER.filter((step) => step !== 'device' || spec.type === 'aerial');

/** The name of a step. */
export const stepTitle = (step: StepId): string => TITLES[step];

const counted = (count: number, one: string, many = `${one}s`) => `${formatWhole(count)} ${count === 1 ? one : many}`;

/** What is chosen in a step, in one line. */
export function lineOf(spec: BuildSpec, step: StepId, evaluation: Evaluation): string {
  const { chassis } = spec;
  const frame = partOf('chassis', chassis.partId);
  switch (step) {
    case 'chassis': return `${frame.name}, ${formatWhole(chassis.wheelbaseIn)} in wheelbase`;
    case 'cab': return `${frame.roofs.find((roof) => roof.id === chassis.roofId)?.name ?? ''}, ${counted(chassis.crew, 'seat')}`;
    case 'bumper': return [partOf('bumper', spec.bumper.partId).name, ...spec.bumper.itemIds.map((id) => partOf('bumperItem', id).name.toLowerCase())].join(', ');
    case 'device': return spec.device ? partOf('device', spec.device.partId).name : 'None';
    case 'pump': return spec.pumpId === undefined ? 'No pump' : partOf('pump', spec.pumpId).name;
    case 'tank': return spec.tank.gallons === 0 ? 'No tank' : `${formatGal(spec.tank.gallons)}, ${partOf('tankShape', spec.tank.shape).name}, ${formatIn(spec.tank.aftIn)} aft`;
    case 'foam': return spec.foam ? `${findPart('foam', spec.foam.partId)?.name}, ${formatGal(spec.foam.gallons)}` : 'No foam';
    case 'hose': {
      const feet = spec.hose.reduce((sum, load) => sum + load.lengthFt, 0);
      return feet === 0 ? 'No hose' : `${formatWhole(feet)} ft in ${counted(spec.hose.length, 'bed')} of ${bedsFor(spec).length}`;
    }
    case 'ladders': return spec.ladders.partIds.length === 0 ? 'No ladders' : `${counted(spec.ladders.partIds.length, 'ladder')}, ${partOf('ladderMount', spec.ladders.mountId).name.toLowerCase()}`;
    case 'body': return `${partOf('body', spec.body.partId).name}, ${formatIn(spec.body.lengthIn)}, ${counted(evaluation.rig.layout.compartments.length, 'compartment')}`;
    case 'equipment': {
      const lb = evaluation.rig.components.filter((c) => c.role === 'equipment').reduce((sum, c) => sum + c.weightLb, 0);
      return spec.equipment.length === 0 ? 'Nothing listed yet' : `${counted(spec.equipment.reduce((sum, line) => sum + line.count, 0), 'piece')}, ${formatLb(lb)}`;
    }
    case 'fittings': return spec.fittingIds.length === 0 ? 'None' : spec.fittingIds.map((id) => partOf('fitting', id).name).join(', ');
  }
}

/** Every step with its line and the worst of the findings that speak of it. */
export const stepStates = (spec: BuildSpec, evaluation: Evaluation): StepState[] =>
  stepsFor(spec).map((id) => {
    const findings = evaluation.findings.filter((finding) => finding.steps.includes(id)).sort((a, b) => rank(b.status) - rank(a.status));
    return { id, title: TITLES[id], line: lineOf(spec, id, evaluation), status: worstStatus(findings), findings };
  });
