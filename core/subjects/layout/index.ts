import type { Build } from '../../build/index.js';
import { amountChoice, atOnce, boxOf, fromBuild, inSteps, provide, range } from '../../kernel/index.js';
import type { ChangeKind, Changes, Choice, Evaluation, Grip, Subject } from '../../kernel/index.js';
import { bodyPlace, movedInRow, row } from '../../truck/index.js';
import { inches, inShort, listed, within } from '../../units/index.js';
import { ARRANGEMENTS } from './arrangements.js';
import { layoutBlock } from './block.js';
import { aheadOf, dragged, movable, swapped, withAhead } from './row.js';

const moved = provide(movedInRow, [fromBuild(({ layout }) => layout)], ({ moved: all = [] }) => all);

/** A block is taken hold of under its floor: from there to there above the ground, in. */
const GRIP_IN = { z0: 12, z1: 18 };

function choices(build: Build, evaluated: () => Evaluation): Choice[] {
  const blocks = movable(evaluated());
  const arrangements = ARRANGEMENTS.flatMap(({ id, name, words, chosen, arrange }) => {
    const arranged = arrange(build);
    return arranged ? [{ id, label: name, words, chosen: chosen(build), build: arranged }] : [];
  });
  const orders = blocks.slice(1).map((block, i) => {
    const ahead = blocks[i]!;
    return {
      id: `${block.id}-ahead`,
      label: `${block.title} ahead of ${within(ahead.title)}`,
      chosen: false,
      build: swapped(build, ahead, block),
    };
  });
  return [
    ...(arrangements.length > 1
      ? [{ kind: 'pick' as const, id: 'arrangement', title: 'Arrangement', options: arrangements }]
      : []),
    ...(orders.length > 0
      ? [
          {
            kind: 'pick' as const,
            id: 'order',
            title: 'Order behind the cab',
            compact: true,
            options: [
              {
                id: 'now',
                label: listed(blocks.map(({ title }, i) => (i === 0 ? title : within(title)))),
                chosen: true,
                build,
              },
              ...orders,
            ],
          },
        ]
      : []),
    ...blocks.map(({ id, title }) =>
      amountChoice(
        `ahead-${id}`,
        {
          ...layoutBlock.fields.moved.fields.aheadIn,
          title: `Free ahead of ${within(title)}`,
          usual: [0, 60],
        },
        aheadOf(build, id),
        (aheadIn) => withAhead(build, id, aheadIn),
      ),
    ),
  ];
}

function grips(evaluation: Evaluation): Grip[] {
  const half = evaluation.read(bodyPlace).widthIn / 2;
  return movable(evaluation).map(({ id, title, x0, x1 }) => ({
    id: `row-${id}`,
    title,
    box: boxOf(x0, x1, -half, half, GRIP_IN.z0, GRIP_IN.z1),
    directions: ['x'],
    from: 'sides',
    choice: `ahead-${id}`,
    atIn: aheadOf(evaluation.build, id),
    at: `${inches(aheadOf(evaluation.build, id))} more free ahead of it`,
    ends: layoutBlock.fields.moved.fields.aheadIn,
    moved: ({ x = 0 }) => dragged(evaluation, id, x),
  }));
}

const ROW: ChangeKind = { id: 'row', title: 'Place along the frame' };
const ARRANGEMENT: ChangeKind = { id: 'arrangement', title: 'Arrangement', costs: 'much' };
/** Steps in which more room ahead of a block is looked at, and how much, in. */
const AHEAD_STEP_IN = 2;
const MOST_AHEAD_IN = 36;

const changes: Changes[] = [
  {
    kind: ROW,
    helps: ['room', 'load'],
    offer: (evaluation) =>
      movable(evaluation).map(({ id, title }) => {
        const now = aheadOf(evaluation.build, id);
        return inSteps(
          ROW,
          range(now, now + MOST_AHEAD_IN, AHEAD_STEP_IN).map((aheadIn) => ({
            label: `${title} ${inches(aheadIn - now)} further aft`,
            edit: (on) => withAhead(on, id, aheadIn),
          })),
          id,
        );
      }),
  },
  {
    kind: ARRANGEMENT,
    helps: ['room'],
    offer: ({ build }) =>
      ARRANGEMENTS.filter(({ chosen, arrange }) => !chosen(build) && arrange(build)).map(
        ({ name, arrange }) => atOnce(ARRANGEMENT, name, (on) => arrange(on) ?? on),
      ),
  },
];

const rowInWords = (evaluation: Evaluation): string =>
  listed(['cab', ...evaluation.read(row).map(({ title }) => within(title))].map((block) => `the ${block}`));

/** How the blocks stand along the frame: the arrangement, their order, and what is kept free between them. */
export const layout: Subject = {
  id: 'layout',
  title: 'Arrangement',
  step: () => true,
  block: layoutBlock,
  provides: [moved],
  changes,
  choices,
  grips,
  sentence: (evaluation) => `From front to rear the truck shall have ${rowInWords(evaluation)}.`,
  line: (evaluation) => inShort('cab', ...evaluation.read(row).map(({ title }) => within(title))),
};
