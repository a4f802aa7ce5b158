import type { Build } from '../../build/index.js';
import { atLeast, atOnce, check, fits, limitKind, partOptions, reading, way } from '../../kernel/index.js';
import type { ChangeKind, Changes, Choice, Subject } from '../../kernel/index.js';
import { counted, feet, inches, inShort, listed, one, within } from '../../units/index.js';
import { counting, placesCheck } from '../brief/index.js';
import type { AtPlace } from '../brief/index.js';
import { freeBeside, widthAcross } from '../station/index.js';
import {
  carries,
  laddersBlock,
  ladderShelf,
  mountShelf,
  withLadder,
  withLadderOn,
  withMount,
  withoutLine,
} from './block.js';
import type { Ladder } from './parts.js';
import { toHand } from './hands.js';
import type { ToHand } from './hands.js';
import { chosenLadders, ladderComponents, laddersTake, ladderWays } from './place.js';
import type { MountedWay } from './place.js';
import type { Thing } from './lay.js';
import { FOOT_IN, LADDER_CLEAR_IN } from './ways.js';

export { ladderShelf, mountShelf, withLadder, withLadderOn, withMount } from './block.js';
export { laddersTable, toHand, waysTable } from './hands.js';
export type { ToHand } from './hands.js';
export type { Thing } from './lay.js';
export { wayViews } from './views.js';
export type { WayView } from './views.js';
export { ladderWays, wayRooms } from './place.js';
export type { MountedWay, WayRoom } from './place.js';
export { FOOT_IN, restsIn } from './ways.js';

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

/** What a thing needs along its way, in. */
const needsIn = ({ lengthIn, ladder }: Thing): number => lengthIn + (ladder ? LADDER_CLEAR_IN : FOOT_IN);

/** Whether what rides in a way fits it along and across. */
function fitsWay({ laid, lengthIn, reach, section, mount }: MountedWay) {
  const needed = Math.max(...laid.map(needsIn));
  const longest = laid.find((one) => needsIn(one) === needed)!;
  const where = `${mount.name}: `;
  if (section && section.neededIn - section.roomIn > needed - lengthIn)
    return fits(
      section.neededIn,
      section.roomIn,
      section.neededIn > section.roomIn
        ? `${where}together they need ${inches(section.neededIn)} across; there are ${inches(section.roomIn)}.`
        : `${where}they need ${inches(section.neededIn)} of ${inches(section.roomIn)} across.`,
    );
  return fits(
    needed,
    lengthIn,
    needed > lengthIn
      ? `${where}the longest, ${longest.name}, needs ${inches(needed)}; ${reach} there are ${inches(lengthIn)}.`
      : `${where}the longest needs ${inches(needed)} of ${inches(lengthIn)}.`,
  );
}

/** What comes off a truck's side has its room in a lane: of the ways that are meant, the one that asks for most. */
const sideRoom = (id: string, title: string, things: string, meant: (of: ToHand) => boolean) =>
  placesCheck(
    'ladders',
    { id, title, steps: ['ladders'], mendedBy: [id] },
    [counting('lanes'), toHand, widthAcross],
    (lanes, all, { widthIn }) => {
      const ways = all.filter(meant);
      if (ways.length === 0) return [];
      const most = ways.reduce((a, b) => (b.besideIn > a.besideIn ? b : a));
      const { mount } = most.way;
      return lanes.map((line): AtPlace => {
        const { freeIn, words: free } = freeBeside(line, widthIn, mount.side === 'left' ? 'left' : 'right');
        return {
          line,
          actual: freeIn,
          limit: most.besideIn,
          margin: freeIn - most.besideIn,
          unit: 'in',
          words:
            most.besideIn > 0
              ? `${free}; ${within(mount.name)} asks for ${inches(most.besideIn)}.`
              : `${free}, and no ${things} asks for any.`,
        };
      });
    },
  );

const carriesLadders = ({ way: { laid } }: ToHand): boolean => laid.some(({ ladder }) => ladder !== null);
const ladderRoom = sideRoom('ladderRoom', 'Ladders come off in the lanes', 'ladder', carriesLadders);
const pieceRoom = sideRoom(
  'pieceRoom',
  'Long pieces come off in the lanes',
  'long piece',
  (of) => !carriesLadders(of),
);

const checks = [
  check(
    'ladders',
    { id: 'laddersFit', title: 'Ladders and long pieces fit their ways', steps: ['ladders', 'body'] },
    [ladderWays],
    (ways) => {
      const each = ways.map(fitsWay);
      return each.length === 0
        ? null
        : each.reduce((worst, next) => (next.margin < worst.margin ? next : worst));
    },
  ),
  ladderRoom,
  pieceRoom,
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
    helps: ['sides', 'level', 'room', 'compartments', 'laddersFit', 'ladderRoom'],
    offer: ({ build }) =>
      build.ladders.lines.length === 0
        ? []
        : mountShelf
            .in(build)
            .suiting(build.type)
            .filter(({ id, piecesOnly }) => id !== build.ladders.mountId && !piecesOnly)
            .map((mount) => atOnce(MOUNT, `Ladders: ${within(mount.name)}`, (on) => withMount(on, mount.id))),
  },
];

/** The ways that ladders can ride, those of such a truck first. */
const forLadders = (build: Build) =>
  mountShelf
    .in(build)
    .usualFirst(build.type)
    .filter(({ piecesOnly }) => !piecesOnly);

const choices = (build: Build): Choice[] => [
  {
    kind: 'pick',
    id: 'mount',
    title: 'How they ride',
    options: partOptions(
      forLadders(build),
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
  ...build.ladders.lines.map(({ id, partId, mountId }): Choice => ({
    kind: 'pick',
    id: `ladder-${id}-rides`,
    title: `${ladderShelf.in(build).part(partId).name} rides`,
    compact: true,
    fine: true,
    options: partOptions(
      forLadders(build),
      (mount) => mount.id === (mountId ?? build.ladders.mountId),
      (mount) =>
        mount.id === (mountId ?? build.ladders.mountId) ? build : withLadderOn(build, id, mount.id),
      { type: build.type },
    ),
  })),
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
    const carried = listed(all.map(({ ladder }) => `${one(ladder.name)} ladder`));
    return `Ground ladders shall be ${carried}, riding ${how}${within(mount.name)}.`;
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
