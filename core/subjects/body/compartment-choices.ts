import { amountChoice, NONE, partOptions } from '../../kernel/index.js';
import type { Choice, Evaluation } from '../../kernel/index.js';
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
