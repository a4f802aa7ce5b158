import type { Build } from '../../build/index.js';
import {
  amountChoice,
  atLeast,
  atOnce,
  check,
  fits,
  insteadOf,
  inSteps,
  limitKind,
  partOptions,
  range,
  reading,
  way,
} from '../../kernel/index.js';
import type {
  AbsentChoice,
  ChangeKind,
  Changes,
  Choice,
  Evaluation,
  Grip,
  Subject,
} from '../../kernel/index.js';
import { bodyPlace, compartments } from '../../truck/index.js';
import { counted, inches, inShort, listed, one, within } from '../../units/index.js';
import { wheelsEndIn } from '../chassis/index.js';
import {
  bodyBlock,
  bodyProblems,
  bodyShelf,
  chosenBody,
  doorShelf,
  LENGTH_STEP_IN,
  settleBody,
  withBody,
  withDivider,
} from './block.js';
import type { Divider } from './block.js';
import { builtChanges, builtCheck } from './built-check.js';
import { COMPARTMENTS_CHOICE } from './compartment-choices.js';
import { compartmentGrips } from './compartment-grips.js';
import { compartmentsPlace, doorsOf } from './compartments.js';
import { bodyAlong, bodyComponents, place } from './place.js';

export { bodyShelf, FACE_NAMES, withBody, withCompartments, withLonger, withDivider } from './block.js';
export type { CompartmentLine } from './block.js';
export { compartmentChoices, COMPARTMENTS_CHOICE } from './compartment-choices.js';
export { edgeOf, seenFrom } from './room.js';
export { compartmentName, FAMILY_PLACES, isListed, nearestCompartment } from './named.js';
export { doorsOf } from './compartments.js';
export {
  compartmentLines,
  COMPARTMENT_KINDS,
  withCompartment,
  withCompartmentLength,
  withNewCompartment,
} from './edit.js';

const limits = { compartmentFt3: limitKind('Enclosed compartments', 'ft3', 'least', 0, 1000) };

/** What all compartments hold, ft³. */
export const compartmentsFt3 = reading('body', [compartments], (all) =>
  all.reduce((sum, { volumeFt3 }) => sum + volumeFt3, 0),
);

/** Body needed behind the rear wheels, in: a rear wall to carry lamps and doors. */
const BEHIND_WHEEL_IN = 6;

const checks = [
  check(
    'body',
    { id: 'wheelsFit', title: 'Wheels under the body', steps: ['chassis', 'body'] },
    [wheelsEndIn, bodyPlace],
    (last, { endIn }) => {
      const needed = last + BEHIND_WHEEL_IN;
      return fits(
        needed,
        endIn,
        needed > endIn
          ? `The rear wheels end ${inches(needed - endIn)} too far behind for this body: a longer body or a shorter wheelbase.`
          : `The body ends ${inches(endIn - last)} behind the rear tires.`,
      );
    },
  ),
  atLeast('body', 'compartments', 'compartmentFt3', limits.compartmentFt3, ['body'], compartmentsFt3),
  builtCheck,
];

const BODY: ChangeKind = { id: 'body', title: 'Body material' };
const LENGTH: ChangeKind = { id: 'bodyLength', title: 'Length of the body' };
const suiting = (build: Build) => bodyShelf.in(build).suiting(build.type);

const changes: Changes[] = [
  builtChanges,
  {
    kind: BODY,
    helps: ['load'],
    offer: ({ build }) => {
      const now = bodyShelf.in(build).part(build.body.partId);
      return suiting(build)
        .filter((body) => body.lbPerIn < now.lbPerIn)
        .map((body) => atOnce(BODY, insteadOf(body, now), (on) => withBody(on, { partId: body.id })));
    },
  },
  {
    kind: BODY,
    helps: ['budget'],
    offer: ({ build }) =>
      suiting(build).map((part) => atOnce(BODY, part.name, (on) => withBody(on, { partId: part.id }))),
  },
  {
    kind: LENGTH,
    helps: [
      'room',
      'frontShare',
      'frontLeast',
      'frameMoment',
      'departure',
      'length',
      'hoseBeds',
      'compartments',
      'tankFits',
      'hoseFits',
      'laddersFit',
      'wheelsFit',
      'equipmentPlace',
    ],
    offer: ({ build }) => {
      const { minIn, maxIn } = bodyShelf.in(build).part(build.body.partId).length;
      const now = build.body.lengthIn;
      const to = (end: number) =>
        inSteps(
          LENGTH,
          range(now, end, LENGTH_STEP_IN).map((lengthIn) => ({
            label: `Body ${inches(lengthIn)} long instead of ${inches(now)}`,
            edit: (on) => withBody(on, { lengthIn }),
          })),
        );
      return [to(maxIn), to(minIn)];
    },
  },
];

/** The compartments by what closes them: how many behind which doors, how many open upward. */
function doorsInWords(evaluation: Evaluation): string {
  const all = evaluation.read(compartments);
  const doors = evaluation.read(doorsOf);
  const closed = all.map(({ id, side }) =>
    side === 'top' ? 'opening upward' : `behind ${within(doors[id]!.name)}`,
  );
  const [first, ...more] = [...new Set(closed)];
  const count = counted(all.length, 'compartment');
  if (!first) return 'no compartments';
  if (more.length === 0) return `${count} ${first}`;
  return `${count}: ${listed([first, ...more].map((how) => `${closed.filter((one) => one === how).length} ${how}`))}`;
}

/** The bulkheads beside the rear wheels: the choice, the grip and the way that the grip goes. */
const DIVIDERS: { id: string; which: Divider; title: string; forward: 1 | -1 }[] = [
  { id: 'front-divider', which: 'frontDividerIn', title: 'Bulkhead ahead of the wheels', forward: -1 },
  { id: 'rear-divider', which: 'rearDividerIn', title: 'Bulkhead behind the wheels', forward: 1 },
];

function choices(build: Build): Choice[] {
  const body = bodyShelf.in(build).part(build.body.partId);
  const length = { ...bodyBlock.fields.lengthIn, min: body.length.minIn, max: body.length.maxIn };
  const dividers =
    body.style === 'flatbed' || build.body.compartments
      ? []
      : DIVIDERS.map(({ id, which }) =>
          amountChoice(id, bodyBlock.fields[which], build.body[which] ?? 0, (to) =>
            withDivider(build, which, to),
          ),
        );
  return [
    amountChoice('length', length, build.body.lengthIn, (lengthIn) => withBody(build, { lengthIn })),
    ...dividers,
    {
      kind: 'pick',
      id: 'material',
      title: 'Material',
      options: partOptions(
        bodyShelf.in(build).usualFirst(build.type),
        ({ id }) => id === body.id,
        ({ id }) => withBody(build, { partId: id }),
        { type: build.type },
      ),
    },
    {
      kind: 'pick',
      id: 'doors',
      title: 'Doors',
      options: partOptions(
        doorShelf.in(build).all(),
        ({ id }) => id === build.body.doorsId,
        ({ id }) => withBody(build, { doorsId: id }),
      ),
    },
    { kind: 'list', id: COMPARTMENTS_CHOICE, title: 'Compartments' },
  ];
}

/** Bulkheads, where they stand as the list of compartments or the bed has it. */
function absent(build: Build): AbsentChoice[] {
  const flatbed = bodyShelf.in(build).part(build.body.partId).style === 'flatbed';
  if (!flatbed && !build.body.compartments) return [];
  return DIVIDERS.map(({ id, title }) => ({
    id,
    title,
    because: flatbed
      ? 'needs a body with compartments beside the wheels: this one is an open bed'
      : 'stands where the compartments in the list end',
  }));
}

/** How wide a bulkhead is to take hold of, in. */
const GRIP_IN = 5;

/** The two bulkheads beside the rear wheels, while the compartments are as the family makes them. */
function dividerGrips(evaluation: Evaluation): Grip[] {
  const { build } = evaluation;
  const body = evaluation.read(bodyPlace);
  const over = evaluation.read(compartments).find(({ side, order }) => side === 'left' && order === 2);
  if (body.flatbed || !over) return [];
  return DIVIDERS.map(({ id, which, title, forward }): Grip => {
    const x = forward < 0 ? over.x0 : over.x1;
    const atIn = build.body[which] ?? 0;
    return {
      id,
      title,
      directions: ['x'],
      from: 'sides',
      choice: id,
      atIn,
      at: inches(atIn),
      ends: bodyBlock.fields[which],
      box: {
        x0: x - GRIP_IN / 2,
        x1: x + GRIP_IN / 2,
        y0: -body.widthIn / 2,
        y1: body.widthIn / 2,
        z0: over.z0,
        z1: over.z1,
      },
      moved: ({ x: by = 0 }) => withDivider(build, which, atIn + forward * by),
    };
  });
}

const grips = (evaluation: Evaluation): Grip[] =>
  evaluation.build.body.compartments ? compartmentGrips(evaluation) : dividerGrips(evaluation);

/** The body with its compartments and doors. */
export const body: Subject = {
  id: 'body',
  title: 'Body and compartments',
  step: () => true,
  shelves: [bodyShelf, doorShelf],
  limits,
  block: bodyBlock,
  settle: settleBody,
  problems: bodyProblems,
  along: bodyAlong,
  provides: [place, compartmentsPlace],
  components: bodyComponents,
  figures: [
    {
      id: 'compartments',
      title: 'Compartments',
      unit: 'ft3',
      harm: { way: 'down', each: 5 },
      reading: compartmentsFt3,
    },
  ],
  checks,
  changes,
  choices,
  absent,
  common: reading('body', [chosenBody], ({ doors }) => [{ matter: 'doors', uses: doors.name }]),
  questions: [
    {
      id: 'doors',
      question: 'Roll-up or hinged doors?',
      ways: (build) => [
        way(
          'rollUp',
          'Roll-up',
          'Never in the way of traffic; the drum takes room at the top.',
          build.body.doorsId === 'rollUp',
          withBody(build, { doorsId: 'rollUp' }),
        ),
        way(
          'hinged',
          'Hinged',
          'The whole opening, and a door to hang tools on; swings out into the street.',
          build.body.doorsId === 'hinged',
          withBody(build, { doorsId: 'hinged' }),
        ),
      ],
    },
  ],
  grips,
  sentence: (evaluation) => {
    const { body: chosen } = evaluation.read(chosenBody);
    const { lengthIn } = evaluation.build.body;
    return `The body shall be ${one(chosen.name)}, ${inches(lengthIn)} long, with ${doorsInWords(evaluation)}.`;
  },
  line: (evaluation) =>
    inShort(
      within(evaluation.read(chosenBody).body.name),
      inches(evaluation.build.body.lengthIn),
      counted(evaluation.read(compartments).length, 'compartment'),
    ),
};
