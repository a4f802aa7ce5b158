import type { Rig } from '../rig/index.js';
import type { BuildSpec } from '../spec/index.js';
import { within } from '../units/index.js';

/** The kinds of change that may mend something, in words. */
export const CHANGE_KINDS = {
  tankPlace: 'Place of the tank',
  wheelbase: 'Wheelbase',
  axle: 'Axle ratings',
  tankSize: 'Size of the tank',
  tankShape: 'Shape of the tank',
  bumper: 'Bumper',
  bumperItem: 'What is on the bumper',
  body: 'Body material',
  bodyLength: 'Length of the body',
  move: 'Place of the equipment',
  hose: 'Hose loads',
  pump: 'Pump',
  fitting: 'Lights and fittings',
  seats: 'Seats',
  ladder: 'Ladders carried',
  ladderMount: 'How the ladders ride',
  chassis: 'Chassis',
} as const;
export type ChangeKind = keyof typeof CHANGE_KINDS;

/** One step of a change: what it is called, and the edit that makes it on any build. */
export interface Step {
  label: string;
  edit: (spec: BuildSpec) => BuildSpec;
}

/** One change of a kind, in steps of growing departure: the first step that mends is the one to show. */
export interface Candidate {
  /** Changes of one kind compete; the best few of a kind are shown. */
  kind: ChangeKind;
  /** What of the build it changes: two changes of one subject exclude each other. */
  subject: string;
  steps: Step[];
}

/** Looks at a build and says which changes of a kind its catalogue allows. */
export type Generator = (spec: BuildSpec, rig: Rig) => Candidate[];

/** A change in steps; `of` tells its subject from others of the kind. */
export const inSteps = (kind: ChangeKind, steps: Step[], of: string | number = ''): Candidate => ({ kind, subject: of === '' ? kind : `${kind} ${of}`, steps });

/** A change of one step. */
export const atOnce = (kind: ChangeKind, label: string, edit: Step['edit'], of: string | number = ''): Candidate => inSteps(kind, [{ label, edit }], of);

/** One part in place of another, in words. */
export const insteadOf = (part: { name: string }, now: { name: string }): string => `${part.name} instead of ${within(now.name)}`;

/** Changes made together, as one sentence without its full stop. */
export const together = (changes: { label: string }[]): string => changes.map(({ label }, i) => (i === 0 ? label : within(label))).join(', and ');

/** The values from one to another, the first left out. */
export function range(from: number, to: number, step: number): number[] {
  const count = Math.floor(Math.abs(to - from) / step + 1e-9);
  return Array.from({ length: count }, (_, i) => from + Math.sign(to - from) * step * (i + 1));
}
