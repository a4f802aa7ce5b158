import { withBlock } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import {
  amountChoice,
  atOnce,
  boxAt,
  insteadOf,
  inSteps,
  partOptions,
  range,
  way,
} from '../../kernel/index.js';
import type {
  AbsentChoice,
  ChangeKind,
  Changes,
  Choice,
  Evaluation,
  Grip,
  Question,
  Subject,
} from '../../kernel/index.js';
import { asideInWords, inches, inShort, listed, one, within } from '../../units/index.js';
import { bumperFront } from '../../truck/index.js';
import {
  bumperBlock,
  bumperItemShelf,
  bumperProblems,
  bumperShelf,
  settleBumper,
  withBumper,
  withBumperItem,
  withItemAside,
} from './block.js';
import { bumperComponents, bumperPlace, chosenBumper, usualAsideOf } from './place.js';

export { bumperShelf } from './block.js';
export { bumperItemShelf, wellsIn, withBumper, withBumperItem } from './block.js';
export { hoseWells } from './place.js';

const BUMPER: ChangeKind = { id: 'bumper', title: 'Bumper' };
const ITEM: ChangeKind = { id: 'bumperItem', title: 'What is on the bumper', costs: 'givesUp' };

const ASIDE: ChangeKind = { id: 'bumperPlace', title: 'Place on the bumper' };
/** Steps in which another place across is looked at, and how far aside, in. */
const ASIDE_STEP_IN = 6;
const MOST_ASIDE_IN = 36;

const others = (build: Build) => {
  const stock = bumperShelf.in(build);
  const now = stock.part(build.bumper.partId);
  return { now, others: stock.suiting(build.type) };
};

const changes: Changes[] = [
  {
    kind: BUMPER,
    helps: ['load'],
    offer: ({ build, house }) => {
      const { now, others: all } = others(build);
      const keepsAll = (id: string) =>
        house.settle(withBumper(build, id)).bumper.lines.length === build.bumper.lines.length;
      return all
        .filter((bumper) => bumper.weightLb < now.weightLb && keepsAll(bumper.id))
        .map((bumper) => atOnce(BUMPER, insteadOf(bumper, now), (on) => withBumper(on, bumper.id)));
    },
  },
  {
    kind: ITEM,
    helps: ['load', 'approach', 'budget', 'room', 'needsPump'],
    offer: ({ build }) =>
      build.bumper.lines.map(({ id, partId }) =>
        atOnce(
          ITEM,
          `Leave off: ${within(bumperItemShelf.in(build).part(partId).name)}`,
          (on) => withBlock(on, 'bumper', { lines: on.bumper.lines.filter((line) => line.id !== id) }),
          id,
        ),
      ),
  },
  {
    kind: ASIDE,
    helps: ['room', 'sides'],
    offer: (evaluation) =>
      evaluation.read(chosenBumper).items.flatMap(({ id, item, yIn }) => {
        const to = (end: number) =>
          inSteps(
            ASIDE,
            range(yIn, end, ASIDE_STEP_IN).map((to) => ({
              label: `${item.name} ${asideInWords(to)}`,
              edit: (on) => withItemAside(on, id, to),
            })),
            id,
          );
        return [to(-MOST_ASIDE_IN), to(MOST_ASIDE_IN)];
      }),
  },
  {
    kind: BUMPER,
    helps: ['approach', 'turning', 'length'],
    offer: ({ build }) => {
      const { now, others: all } = others(build);
      return all
        .filter((bumper) => bumper.extensionIn < now.extensionIn)
        .map((bumper) => atOnce(BUMPER, insteadOf(bumper, now), (on) => withBumper(on, bumper.id)));
    },
  },
  {
    kind: BUMPER,
    helps: ['budget'],
    offer: ({ build }) =>
      others(build).others.map((part) => atOnce(BUMPER, part.name, (on) => withBumper(on, part.id))),
  },
];

/** Across the bumper each thing stands where a person puts it. */
const asideChoices = (build: Build): Choice[] =>
  build.bumper.lines.map(({ id, partId, yIn }) => {
    const item = bumperItemShelf.in(build).part(partId);
    const now = yIn ?? usualAsideOf(item);
    return amountChoice(
      `aside-${id}`,
      {
        ...bumperBlock.fields.lines.fields.yIn,
        title: `${item.name}, to the officer’s side`,
        usual: [-MOST_ASIDE_IN, MOST_ASIDE_IN],
      },
      now,
      (to) => (to === now ? build : withItemAside(build, id, to)),
    );
  });

function grips(evaluation: Evaluation): Grip[] {
  const { build } = evaluation;
  return evaluation.read(chosenBumper).items.map(({ id, item, yIn, zIn }) => {
    const xIn = evaluation.read(bumperFront) + item.lengthIn / 2;
    return {
      id: `bumper-${id}`,
      title: item.name,
      box: boxAt(xIn, yIn, zIn, item.lengthIn, item.widthIn, item.heightIn),
      directions: ['y'],
      choice: `aside-${id}`,
      atIn: yIn,
      at: asideInWords(yIn),
      ends: { min: -MOST_ASIDE_IN, max: MOST_ASIDE_IN },
      moved: ({ y = 0 }) => withItemAside(build, id, yIn + y),
    };
  });
}

function choices(build: Build): Choice[] {
  const stock = bumperShelf.in(build);
  const now = stock.part(build.bumper.partId);
  const carried = (id: string) => build.bumper.lines.some(({ partId }) => partId === id);
  return [
    {
      kind: 'pick',
      id: 'bumper',
      title: 'Bumper',
      options: partOptions(
        stock.usualFirst(build.type),
        ({ id }) => id === now.id,
        ({ id }) => withBumper(build, id),
        { type: build.type },
      ),
    },
    {
      kind: 'toggle',
      id: 'bumper-items',
      title: 'On the bumper',
      options: partOptions(
        bumperItemShelf
          .in(build)
          .usualFirst(build.type)
          .filter((item) => item.needsExtensionIn <= now.extensionIn),
        ({ id }) => carried(id),
        ({ id }) => withBumperItem(build, id, !carried(id)),
        { type: build.type },
      ),
    },
    ...asideChoices(build),
  ];
}

/** What is mounted on longer bumpers only. */
function absent(build: Build): AbsentChoice[] {
  const { extensionIn } = bumperShelf.in(build).part(build.bumper.partId);
  return bumperItemShelf
    .in(build)
    .usualFirst(build.type)
    .filter((item) => item.needsExtensionIn > extensionIn)
    .map((item) => ({
      id: `bumper-item-${item.id}`,
      title: item.name,
      because: `needs a bumper extended ${inches(item.needsExtensionIn)} or more: this one is extended ${inches(extensionIn)}`,
    }));
}

const questions: Question[] = [
  {
    id: 'bumper',
    question: 'Steel or aluminum at the front?',
    ways: (build) => {
      const { now, others: all } = others(build);
      const of = (material: string) =>
        all.find((part) => part.extensionIn === now.extensionIn && part.material === material);
      const [steel, aluminum] = [of('steel'), of('aluminum')];
      if (!steel || !aluminum || now.extensionIn === 0) return [];
      return [
        way(
          'steel',
          'Steel',
          'Takes a knock and is straightened again.',
          now.id === steel.id,
          withBumper(build, steel.id),
        ),
        way(
          'aluminum',
          'Aluminum',
          'Spares the front axle; costs more.',
          now.id === aluminum.id,
          withBumper(build, aluminum.id),
        ),
      ];
    },
  },
];

/** The front bumper, its extension and what is mounted on it. */
export const bumper: Subject = {
  id: 'bumper',
  title: 'Front bumper',
  step: () => true,
  shelves: [bumperShelf, bumperItemShelf],
  block: bumperBlock,
  settle: settleBumper,
  problems: bumperProblems,
  provides: [bumperPlace],
  components: bumperComponents,
  changes,
  choices,
  absent,
  grips,
  questions,
  sentence: (evaluation: Evaluation) => {
    const {
      bumper: { name },
      items,
    } = evaluation.read(chosenBumper);
    return `The front bumper shall be ${one(name)}${items.length ? `, carrying ${listed(items.map(({ item }) => one(item.name)))}` : ''}.`;
  },
  line: (evaluation: Evaluation) => {
    const {
      bumper: { material, extensionIn },
      items,
    } = evaluation.read(chosenBumper);
    return inShort(
      extensionIn > 0 ? `${material}, ${inches(extensionIn)}` : 'as it comes',
      items.length > 0 && `${items.length} on it`,
    );
  },
};
