import { clamped } from '../../build/index.js';
import { amountChoice, NONE, partOptions } from '../../kernel/index.js';
import type { Box, Choice, Evaluation, Grip } from '../../kernel/index.js';
import { compartments } from '../../truck/index.js';
import type { Compartment } from '../../truck/index.js';
import { inches } from '../../units/index.js';
import { COMPARTMENT_FIELDS, doorShelf, FACE_NAMES, OPENINGS } from './block.js';
import { compartmentLines, withCompartment, withCompartmentLength } from './edit.js';

/** The compartments one by one: they have a list and not options. */
export const COMPARTMENTS_CHOICE = 'compartments';

const { name: _name, ...LENGTHS } = COMPARTMENT_FIELDS;

/** What can be chosen of one compartment. */
export function compartmentChoices(evaluation: Evaluation, id: string): Choice[] {
  const line = compartmentLines(evaluation).find((other) => other.id === id);
  if (!line) return [];
  const { build } = evaluation;
  const length = (key: 'startIn' | 'lengthIn' | 'floorIn' | 'heightIn' | 'depthIn' | 'upperDepthIn') => {
    const now = line[key] ?? line.depthIn;
    const title =
      key === 'startIn'
        ? line.face === 'rear'
          ? 'To the officer’s side, its middle'
          : line.of === 'cab'
            ? 'Ahead of the back of the cab'
            : 'Behind the front of the body'
        : LENGTHS[key].title;
    return amountChoice(`compartment-${id}-${key}`, { ...LENGTHS[key], title }, now, (to) =>
      to === now ? build : withCompartmentLength(evaluation, id, key, to),
    );
  };
  return [
    {
      kind: 'pick',
      id: `compartment-${id}-face`,
      title: 'Opens',
      compact: true,
      options: OPENINGS.map((face) => ({
        id: face,
        label: FACE_NAMES[face],
        chosen: face === line.face,
        build: face === line.face ? build : withCompartment(evaluation, id, { face }),
      })),
    },
    ...(['startIn', 'lengthIn', 'floorIn', 'heightIn', 'depthIn', 'upperDepthIn'] as const).map(length),
    {
      kind: 'pick',
      id: `compartment-${id}-doors`,
      title: 'Its doors',
      compact: true,
      options: [
        {
          id: NONE,
          label: 'As the body’s',
          chosen: line.doorsId === undefined,
          build: withCompartment(evaluation, id, { doorsId: undefined }),
        },
        ...partOptions(
          doorShelf.in(build).all(),
          (door) => door.id === line.doorsId,
          (door) => withCompartment(evaluation, id, { doorsId: door.id }),
        ),
      ],
    },
  ];
}

/** How wide an edge is to take hold of, in. */
const GRIP_IN = 5;

/** The back edge and the floor of each compartment of the build's own list. */
export const compartmentGrips = (evaluation: Evaluation): Grip[] =>
  evaluation.read(compartments).flatMap((at): Grip[] => {
    const line = evaluation.build.body.compartments?.find(({ id }) => id === at.id);
    if (!line || at.side === 'rear' || at.side === 'top') return [];
    const edge = at.x1 - GRIP_IN;
    return [
      {
        id: `compartment-${at.id}-end`,
        title: `Back of ${at.name}`,
        directions: ['x'],
        fromSide: true,
        choice: `compartment-${at.id}-lengthIn`,
        atIn: line.lengthIn,
        at: inches(line.lengthIn),
        box: { ...boxOfCompartment(at), x0: edge },
        moved: ({ x = 0 }) => withCompartmentLength(evaluation, at.id, 'lengthIn', line.lengthIn + x),
      },
      {
        id: `compartment-${at.id}-floor`,
        title: `Floor of ${at.name}`,
        directions: ['z'],
        fromSide: true,
        choice: `compartment-${at.id}-floorIn`,
        atIn: line.floorIn,
        at: inches(line.floorIn),
        box: { ...boxOfCompartment(at), x1: edge, z1: at.z0 + GRIP_IN },
        // The top stays where it is.
        moved: ({ z = 0 }) =>
          withCompartment(evaluation, at.id, {
            floorIn: clamped(COMPARTMENT_FIELDS.floorIn, Math.round(line.floorIn + z)),
            heightIn: clamped(
              COMPARTMENT_FIELDS.heightIn,
              line.heightIn - Math.round(line.floorIn + z) + line.floorIn,
            ),
          }),
      },
    ];
  });
const boxOfCompartment = ({ x0, x1, y0, y1, z0, z1 }: Compartment): Box => ({ x0, x1, y0, y1, z0, z1 });
