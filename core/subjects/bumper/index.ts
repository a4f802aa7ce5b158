import { withBlock } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import { atOnce, insteadOf, partOptions, way } from '../../kernel/index.js';
import type { ChangeKind, Changes, Choice, Evaluation, Question, Subject } from '../../kernel/index.js';
import { inches, listed, one, within } from '../../units/index.js';
import {
  bumperBlock,
  bumperItemShelf,
  bumperProblems,
  bumperShelf,
  settleBumper,
  withBumper,
  withBumperItem,
} from './block.js';
import { bumperComponents, bumperPlace, chosenBumper } from './place.js';

export { bumperItemShelf, hasWell, withBumper, withBumperItem } from './block.js';

const BUMPER: ChangeKind = { id: 'bumper', title: 'Bumper' };
const ITEM: ChangeKind = { id: 'bumperItem', title: 'What is on the bumper', costs: 'givesUp' };

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
    helps: ['load', 'approach', 'budget'],
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
    kind: BUMPER,
    helps: ['approach'],
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

function choices(build: Build): Choice[] {
  const { now, others: all } = others(build);
  const carried = (id: string) => build.bumper.lines.some(({ partId }) => partId === id);
  return [
    {
      kind: 'pick',
      id: 'bumper',
      title: 'Bumper',
      options: partOptions(
        all,
        ({ id }) => id === now.id,
        ({ id }) => withBumper(build, id),
      ),
    },
    {
      kind: 'toggle',
      id: 'bumper-items',
      title: 'On the bumper',
      options: partOptions(
        bumperItemShelf
          .in(build)
          .suiting(build.type)
          .filter((item) => item.needsExtensionIn <= now.extensionIn),
        ({ id }) => carried(id),
        ({ id }) => withBumperItem(build, id, !carried(id)),
      ),
    },
  ];
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
  questions,
  sentence: (evaluation: Evaluation) => {
    const {
      bumper: { name },
      items,
    } = evaluation.read(chosenBumper);
    return `The front bumper shall be ${one(name)}${items.length ? `, carrying ${listed(items.map(({ item }) => within(item.name)))}` : ''}.`;
  },
  line: (evaluation: Evaluation) => {
    const {
      bumper: { material, extensionIn },
      items,
    } = evaluation.read(chosenBumper);
    return `${extensionIn > 0 ? `${material}, ${inches(extensionIn)}` : 'as it comes'}${items.length ? `, ${items.length} on it` : ''}`;
  },
};
