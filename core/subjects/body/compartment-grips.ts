import { clamped } from '../../build/index.js';
import type { Box, Evaluation, Grip } from '../../kernel/index.js';
import { compartments } from '../../truck/index.js';
import type { Compartment } from '../../truck/index.js';
import { inches } from '../../units/index.js';
import { COMPARTMENT_FIELDS } from './block.js';
import type { CompartmentLine } from './block.js';
import { compartmentLines, withCompartment, withCompartmentLength } from './edit.js';

/** How wide an edge is to take hold of, in. */
const GRIP_IN = 5;

const boxOf = ({ x0, x1, y0, y1, z0, z1 }: Compartment): Box => ({ x0, x1, y0, y1, z0, z1 });

/** The edge toward the back: how long it is. */
const endGrip = (evaluation: Evaluation, at: Compartment, line: CompartmentLine): Grip => ({
  id: `compartment-${at.id}-end`,
  title: `Rear end of ${at.name}`,
  directions: ['x'],
  from: 'sides',
  inItsStep: true,
  choice: `compartment-${at.id}-lengthIn`,
  atIn: line.lengthIn,
  at: inches(line.lengthIn),
  ends: COMPARTMENT_FIELDS.lengthIn,
  box: { ...boxOf(at), x0: at.x1 - GRIP_IN },
  moved: ({ x = 0 }) => withCompartmentLength(evaluation, at.id, 'lengthIn', line.lengthIn + x),
});

/** The floor; the top stays where it is. */
const floorGrip = (evaluation: Evaluation, at: Compartment, line: CompartmentLine): Grip => ({
  id: `compartment-${at.id}-floor`,
  title: `Floor of ${at.name}`,
  directions: ['z'],
  from: 'sides',
  inItsStep: true,
  choice: `compartment-${at.id}-floorIn`,
  atIn: line.floorIn,
  at: inches(line.floorIn),
  ends: COMPARTMENT_FIELDS.floorIn,
  box: { ...boxOf(at), x1: at.x1 - GRIP_IN, z1: at.z0 + GRIP_IN },
  moved: ({ z = 0 }) =>
    withCompartment(evaluation, at.id, {
      floorIn: clamped(COMPARTMENT_FIELDS.floorIn, Math.round(line.floorIn + z)),
      heightIn: clamped(
        COMPARTMENT_FIELDS.heightIn,
        line.heightIn - Math.round(line.floorIn + z) + line.floorIn,
      ),
    }),
});

/** The inner wall, from above: toward the front how deep it is below, toward the back how deep its upper half is. */
function depthGrip(
  evaluation: Evaluation,
  at: Compartment,
  line: CompartmentLine,
  key: 'depthIn' | 'upperDepthIn',
): Grip {
  const depthIn = line[key] ?? line.depthIn;
  const toward = at.side === 'left' ? 1 : -1;
  const wallY = at.side === 'left' ? at.y0 + depthIn : at.y1 - depthIn;
  const middle = (at.x0 + at.x1) / 2;
  return {
    id: `compartment-${at.id}-${key}`,
    title: key === 'depthIn' ? `Depth of ${at.name}` : `Upper depth of ${at.name}`,
    directions: ['y'],
    from: 'above',
    inItsStep: true,
    choice: `compartment-${at.id}-${key}`,
    atIn: depthIn,
    at: inches(depthIn),
    ends: COMPARTMENT_FIELDS[key],
    box: {
      ...boxOf(at),
      ...(key === 'depthIn' ? { x1: middle } : { x0: middle }),
      y0: wallY - GRIP_IN / 2,
      y1: wallY + GRIP_IN / 2,
    },
    moved: ({ y = 0 }) => withCompartmentLength(evaluation, at.id, key, depthIn + toward * y),
  };
}

/** What a hand can take hold of: end, floor and depths of each compartment at a side, made the build's own by it. */
export function compartmentGrips(evaluation: Evaluation): Grip[] {
  const lines = new Map(compartmentLines(evaluation).map((line) => [line.id, line]));
  return evaluation.read(compartments).flatMap((at): Grip[] => {
    const line = lines.get(at.id);
    if (!line || (at.side !== 'left' && at.side !== 'right')) return [];
    return [
      endGrip(evaluation, at, line),
      floorGrip(evaluation, at, line),
      ...(at.through
        ? []
        : [depthGrip(evaluation, at, line, 'depthIn'), depthGrip(evaluation, at, line, 'upperDepthIn')]),
    ];
  });
}
