import { clamped, freshId, withLine } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import type { Evaluation } from '../../kernel/index.js';
import { bodyPlace, wheelOpening } from '../../truck/index.js';
import { COMPARTMENT_FIELDS, withCompartments } from './block.js';
import type { CompartmentLine } from './block.js';
import { planned } from './compartments.js';
import { lineOf } from './listed.js';

/** The compartments one by one: the build's own list, or that which the body's family makes. */
export function compartmentLines(evaluation: Evaluation): CompartmentLine[] {
  const body = evaluation.read(bodyPlace);
  return evaluation.build.body.compartments ?? evaluation.read(planned).map((plan) => lineOf(plan, body));
}

/** One compartment otherwise, or gone; with it all of them become the build's own. */
export function withCompartment(
  evaluation: Evaluation,
  id: string,
  change: Partial<Omit<CompartmentLine, 'id'>> | null,
): Build {
  const lines = compartmentLines(evaluation);
  if (!change)
    return withCompartments(
      evaluation.build,
      lines.filter((line) => line.id !== id),
    );
  const said = Object.fromEntries(
    Object.entries({ ...lines.find((line) => line.id === id), ...change }).filter(
      ([, value]) => value !== undefined,
    ),
  ) as unknown as CompartmentLine;
  return withCompartments(evaluation.build, withLine(lines, id, said));
}

/** A length of a compartment, kept within its field and to the inch. */
export const withCompartmentLength = (
  evaluation: Evaluation,
  id: string,
  key: 'startIn' | 'lengthIn' | 'floorIn' | 'heightIn' | 'depthIn' | 'upperDepthIn',
  value: number,
): Build => withCompartment(evaluation, id, { [key]: clamped(COMPARTMENT_FIELDS[key], Math.round(value)) });

/** What can be added, as it usually is; lengths in. */
export const COMPARTMENT_KINDS: readonly {
  id: string;
  title: string;
  line: Omit<CompartmentLine, 'id' | 'name'>;
}[] = [
  {
    id: 'side',
    title: 'At the side',
    line: { face: 'left', startIn: 1, lengthIn: 40, floorIn: -17, heightIn: 66, depthIn: 27 },
  },
  {
    id: 'overWheel',
    title: 'Over the wheels',
    line: { face: 'left', startIn: 60, lengthIn: 50, floorIn: 8, heightIn: 41, depthIn: 27 },
  },
  {
    id: 'through',
    title: 'Through the body',
    line: { face: 'through', startIn: 1, lengthIn: 24, floorIn: 4, heightIn: 30, depthIn: 99 },
  },
  {
    id: 'underBed',
    title: 'Under the bed, at the rear',
    line: { face: 'rear', startIn: 0, lengthIn: 40, floorIn: 2, heightIn: 16, depthIn: 60 },
  },
  {
    id: 'topBox',
    title: 'Box on top, opening upward',
    line: { face: 'topLeft', startIn: 10, lengthIn: 80, floorIn: 52, heightIn: 20, depthIn: 22 },
  },
  {
    id: 'hatch',
    title: 'Hatch in the middle of the top',
    line: { face: 'top', startIn: 10, lengthIn: 40, floorIn: 30, heightIn: 24, depthIn: 36 },
  },
  {
    id: 'cabLocker',
    title: 'Locker in the cab, opening outward',
    line: { face: 'left', of: 'cab', startIn: 2, lengthIn: 24, floorIn: -14, heightIn: 40, depthIn: 20 },
  },
  {
    id: 'pocket',
    title: 'Pocket for cylinders beside the wheels',
    line: { face: 'left', startIn: 40, lengthIn: 10, floorIn: -14, heightIn: 10, depthIn: 24 },
  },
];

/** A compartment added, with a name that none has yet. */
export function withNewCompartment(evaluation: Evaluation, kind: string, id = freshId()): Build {
  const { line: usual } = COMPARTMENT_KINDS.find((candidate) => candidate.id === kind)!;
  // What has to do with the wheels stands where they are.
  const wheels = evaluation.read(wheelOpening);
  const { frontIn } = evaluation.read(bodyPlace);
  const startIn =
    kind === 'pocket'
      ? wheels.x0 - usual.lengthIn - frontIn
      : kind === 'overWheel'
        ? wheels.x0 - frontIn
        : usual.startIn;
  const line = { ...usual, startIn: Math.round(startIn) };
  const lines = compartmentLines(evaluation);
  let number = lines.length + 1;
  while (lines.some(({ name }) => name === `C${number}`)) number++;
  return withCompartments(evaluation.build, [...lines, { id, name: `C${number}`, ...line }]);
}
