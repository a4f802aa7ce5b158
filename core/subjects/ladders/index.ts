import type { Build } from '../../build/index.js';
import { atLeast, atOnce, check, fits, limitKind, partOptions, reading, way } from '../../kernel/index.js';
import type { ChangeKind, Changes, Choice, Subject } from '../../kernel/index.js';
import { counted, feet, inches, inShort, listed, one, within } from '../../units/index.js';
import {
  carries,
  laddersBlock,
  ladderShelf,
  mountShelf,
  withLadder,
  withMount,
  withoutLine,
} from './block.js';
import type { Ladder } from './parts.js';
import { chosenLadders, ladderComponents, laddersTake, ladderWay } from './place.js';
import { LADDER_CLEAR_IN } from './ways.js';

export { ladderShelf, withLadder, withMount } from './block.js';
export { ladderWay } from './place.js';

const limits = {
  groundLadderFt: limitKind('Ground ladders in all', 'ft', 'least', 0, 500),
  roofLadderFt: limitKind('Roof ladder', 'ft', 'least', 0, 40),
  extensionLadderFt: limitKind('Extension ladder', 'ft', 'least', 0, 60),
  atticLadderFt: limitKind('Attic ladder', 'ft', 'least', 0, 20),
};

const longest = (kind: Ladder['kind']) =>
  reading('ladders', [chosenLadders], ({ ladders }) =>
    Math.max(0, ...ladders.filter(({ ladder }) => ladder.kind === kind).map(({ ladder }) => ladder.lengthFt)),
  );
const least = (id: string, limit: keyof typeof limits, actual: Parameters<typeof atLeast>[5]) =>
  atLeast('ladders', id, limit, limits[limit], ['ladders'], actual);

const checks = [
  check(
    'ladders',
    { id: 'laddersFit', title: 'Ladders fit the body', steps: ['ladders', 'body'] },
    [ladderWay],
    (way) => {
      if (!way) return null;
      const needed = Math.max(...way.laid.map(({ ladder }) => ladder.beddedIn)) + LADDER_CLEAR_IN;
      const { lengthIn, stoppedBy, section } = way;
      if (section && section.neededIn - section.roomIn > needed - lengthIn)
        return fits(
          section.neededIn,
          section.roomIn,
          section.neededIn > section.roomIn
            ? `Together they need ${inches(section.neededIn)} across their way; there are ${inches(section.roomIn)}.`
            : `They need ${inches(section.neededIn)} of ${inches(section.roomIn)} across their way.`,
        );
      return fits(
        needed,
        lengthIn,
        needed > lengthIn
          ? `The longest ladder needs ${inches(needed)}; from the tail to the ${stoppedBy} there are ${inches(lengthIn)}.`
          : `The longest needs ${inches(needed)} of ${inches(lengthIn)}.`,
      );
    },
  ),
  least(
    'groundLadders',
    'groundLadderFt',
    reading('ladders', [chosenLadders], ({ ladders }) =>
      ladders.reduce((sum, { ladder }) => sum + ladder.lengthFt, 0),
    ),
  ),
  least('roofLadder', 'roofLadderFt', longest('roof')),
  least('extensionLadder', 'extensionLadderFt', longest('extension')),
  least('atticLadder', 'atticLadderFt', longest('attic')),
];

const LADDER: ChangeKind = { id: 'ladder', title: 'Ladders carried', costs: 'givesUp' };
const MOUNT: ChangeKind = { id: 'ladderMount', title: 'How the ladders ride' };

const changes: Changes[] = [
  {
    kind: LADDER,
    helps: ['groundLadders', 'roofLadder', 'extensionLadder', 'atticLadder'],
    offer: ({ build }) =>
      ladderShelf
        .in(build)
        .suiting(build.type)
        .filter(({ id }) => !carries(build, id))
        .map((ladder) =>
          atOnce(LADDER, `Carry a ${ladder.name} ladder`, (on) => withLadder(on, ladder.id, true), ladder.id),
        ),
  },
  {
    kind: LADDER,
    helps: ['laddersFit', 'room'],
    offer: ({ build }) =>
      build.ladders.lines.map(({ id, partId }) =>
        atOnce(
          LADDER,
          `Leave off the ${ladderShelf.in(build).part(partId).name} ladder`,
          (on) => withoutLine(on, id),
          id,
        ),
      ),
  },
  {
    kind: MOUNT,
    helps: ['sides', 'level', 'room', 'compartments', 'laddersFit'],
    offer: ({ build }) =>
      build.ladders.lines.length === 0
        ? []
        : mountShelf
            .in(build)
            .suiting(build.type)
            .filter(({ id }) => id !== build.ladders.mountId)
            .map((mount) => atOnce(MOUNT, `Ladders: ${within(mount.name)}`, (on) => withMount(on, mount.id))),
  },
];

const choices = (build: Build): Choice[] => [
  {
    kind: 'pick',
    id: 'mount',
    title: 'How they ride',
    options: partOptions(
      mountShelf.in(build).usualFirst(build.type),
      ({ id }) => id === build.ladders.mountId,
      ({ id }) => withMount(build, id),
      { words: ({ words }) => words, type: build.type },
    ),
  },
  {
    kind: 'toggle',
    id: 'ladders',
    title: 'Ladders carried',
    options: partOptions(
      ladderShelf.in(build).all(),
      ({ id }) => carries(build, id),
      ({ id }) => withLadder(build, id, !carries(build, id)),
    ),
  },
];

/** The ground ladders and how they ride. */
export const ladders: Subject = {
  id: 'ladders',
  title: 'Ladders',
  step: () => true,
  shelves: [ladderShelf, mountShelf],
  limits,
  block: laddersBlock,
  takes: laddersTake,
  components: ladderComponents,
  checks,
  changes,
  choices,
  questions: [
    {
      id: 'ladders',
      question: 'Ladders on a rack or in the body?',
      ways: (build) =>
        build.type !== 'pumper' || build.ladders.lines.length === 0
          ? []
          : [
              way(
                'rack',
                'Hydraulic rack',
                'Comes down to the hands; loads one side, high up, and shortens the compartments there.',
                build.ladders.mountId === 'rack',
                withMount(build, 'rack'),
              ),
              way(
                'tunnel',
                'Through the body',
                'Low and near the middle; takes depth from one side.',
                build.ladders.mountId === 'tunnel',
                withMount(build, 'tunnel'),
              ),
            ],
    },
  ],
  sentence: (evaluation) => {
    const { mount, ladders: all } = evaluation.read(chosenLadders);
    if (all.length === 0) return 'No ground ladders shall be carried.';
    const how = mount.ride === 'flat' || mount.ride === 'top' ? '' : 'on the ';
    return `Ground ladders shall be ${listed(all.map(({ ladder }) => `${one(ladder.name)} ladder`))}, riding ${how}${within(mount.name)}.`;
  },
  line: (evaluation) => {
    const { mount, ladders: all } = evaluation.read(chosenLadders);
    return all.length === 0
      ? 'None'
      : inShort(
          counted(all.length, 'ladder'),
          feet(all.reduce((sum, { ladder }) => sum + ladder.lengthFt, 0)),
          within(mount.name),
        );
  },
  caution: 'Ladders and racks are moved by people near traffic: their makers’ instructions decide.',
};
