import type { Build } from '../../build/index.js';
import {
  amountChoice,
  atLeast,
  atOnce,
  check,
  fits,
  fromBuild,
  inSteps,
  limitKind,
  partOptions,
  range,
  reading,
  typeOfBuild,
  way,
} from '../../kernel/index.js';
import type { ChangeKind, Changes, Choice, Evaluation, Figure, Grip, Question } from '../../kernel/index.js';
import { tankBoxes, tankSpace } from '../../truck/index.js';
import { gal, gpm, inches, inShort, one, within } from '../../units/index.js';
import { tankBlock, tankShelf, withTank, withTankAt, withTankLower } from './block.js';
import { aroundBoxes, chosenShape, endOf } from './place.js';

export const tankLimits = { tankGal: limitKind('Water carried', 'gal', 'least', 0, 5000) };

const gallonsOf = reading('tank', [fromBuild(({ tank }) => tank)], ({ gallons }) => gallons);

export const tankChecks = [
  check(
    'tank',
    { id: 'tankFits', title: 'Tank fits the body', steps: ['tank', 'body'] },
    [tankBoxes, tankSpace],
    (boxes, { endIn, before }) => {
      if (boxes.length === 0) return null;
      const end = endOf(boxes);
      return fits(
        end,
        endIn,
        end > endIn
          ? `The tank reaches ${inches(end - endIn)} beyond the ${before}.`
          : `${inches(endIn - end)} between tank and ${before}.`,
      );
    },
  ),
  atLeast('tank', 'tankLeast', 'tankGal', tankLimits.tankGal, ['tank'], gallonsOf),
];

/** Flow of two attack lines, gpm: structural, and on a brush truck. */
export const TWO_LINES_GPM = { structural: 300, brush: 80 };

export const tankFigures: Figure[] = [
  {
    id: 'water',
    title: 'Water lasts',
    unit: 'min',
    note: `Minutes of water at the flow of two attack lines: ${gpm(TWO_LINES_GPM.structural)}, on a brush truck ${gpm(TWO_LINES_GPM.brush)}.`,
    harm: { way: 'down', each: 0.2 },
    reading: reading(
      'tank',
      [gallonsOf, typeOfBuild],
      (gallons, type) => gallons / TWO_LINES_GPM[type === 'brush' ? 'brush' : 'structural'],
    ),
  },
];

const PLACE: ChangeKind = { id: 'tankPlace', title: 'Place of the tank' };
const SIZE: ChangeKind = { id: 'tankSize', title: 'Size of the tank', costs: 'givesUp' };
const LOWER: ChangeKind = { id: 'tankLower', title: 'Top of the tank' };
const SHAPE: ChangeKind = { id: 'tankShape', title: 'Shape of the tank' };
/** Steps in which the tank is moved and made smaller when advice looks at it; and the round sizes that are larger. */
const MOVED_BY_IN = 2;
const LOWERED_BY_IN = 2;
const SMALLER_BY_GAL = 50;
const LARGER_BY_GAL = { structural: 50, brush: 10 };
const LEAST_TANK_GAL = 50;

const sized = (now: number) => (gallons: number) => ({
  label: `Tank of ${gal(gallons)} instead of ${gal(now)}`,
  edit: (on: Build) => withTank(on, { gallons }),
});

export const tankChanges: Changes[] = [
  {
    kind: PLACE,
    helps: ['load', 'room', 'tankFits', 'laddersFit'],
    offer: (evaluation) => {
      const { gallons, aftIn: now } = evaluation.build.tank;
      if (gallons === 0) return [];
      const room = Math.max(0, evaluation.read(tankSpace).endIn - endOf(evaluation.read(tankBoxes)));
      const step = (aftIn: number) => ({
        label: `Move the tank ${inches(Math.abs(aftIn - now))} ${aftIn > now ? 'aft' : 'forward'}`,
        edit: (on: Build) => withTank(on, { aftIn }),
      });
      return [
        inSteps(PLACE, range(now, now + room, MOVED_BY_IN).map(step)),
        inSteps(PLACE, range(now, 0, MOVED_BY_IN).map(step)),
      ];
    },
  },
  {
    // Less water, never less than the profile asks for.
    kind: SIZE,
    helps: ['load', 'room', 'hoseBeds', 'tankFits', 'laddersFit'],
    offer: (evaluation) => {
      const { gallons } = evaluation.build.tank;
      const least = Math.max(evaluation.limit('tankGal')?.value ?? 0, LEAST_TANK_GAL);
      return gallons <= least
        ? []
        : [inSteps(SIZE, range(gallons, least, SMALLER_BY_GAL).map(sized(gallons)))];
    },
  },
  {
    kind: SIZE,
    helps: ['tankLeast'],
    offer: ({ build: { tank, type } }) => {
      const each = LARGER_BY_GAL[type === 'brush' ? 'brush' : 'structural'];
      const round = Math.floor(tank.gallons / each) * each;
      const most = Math.max(round, tankBlock.fields.gallons.usual![1]);
      return [inSteps(SIZE, range(round, most, each).map(sized(tank.gallons)))];
    },
  },
  {
    kind: LOWER,
    helps: ['grip', 'height'],
    offer: ({ build }) => {
      const now = build.tank.lowerIn ?? 0;
      return build.tank.gallons === 0
        ? []
        : [
            inSteps(
              LOWER,
              range(now, tankBlock.fields.lowerIn.usual![1], LOWERED_BY_IN).map((lowerIn) => ({
                label: `Top of the tank ${inches(lowerIn - now)} lower, and the hose bed on it`,
                edit: (on) => withTankLower(on, lowerIn),
              })),
            ),
          ];
    },
  },
  {
    kind: SHAPE,
    helps: [
      'grip',
      'load',
      'height',
      'room',
      'hoseBeds',
      'compartments',
      'tankFits',
      'hoseFits',
      'laddersFit',
    ],
    offer: ({ build }) => {
      const stock = tankShelf.in(build);
      if (build.tank.gallons === 0) return [];
      const now = within(stock.part(build.tank.shapeId).name);
      return stock
        .suiting(build.type)
        .filter(({ id }) => id !== build.tank.shapeId)
        .map((shape) =>
          atOnce(SHAPE, `${shape.name} tank instead of ${now}`, (on) => withTank(on, { shapeId: shape.id })),
        );
    },
  },
];

export const tankChoices = (build: Build): Choice[] => [
  amountChoice('gallons', tankBlock.fields.gallons, build.tank.gallons, (gallons) =>
    withTank(build, { gallons }),
  ),
  amountChoice('lower', tankBlock.fields.lowerIn, build.tank.lowerIn ?? 0, (lowerIn) =>
    lowerIn === (build.tank.lowerIn ?? 0) ? build : withTankLower(build, lowerIn),
  ),
  amountChoice('place', tankBlock.fields.aftIn, build.tank.aftIn, (aftIn) => withTank(build, { aftIn })),
  {
    kind: 'pick',
    id: 'shape',
    title: 'Shape',
    options: partOptions(
      tankShelf.in(build).usualFirst(build.type),
      ({ id }) => id === build.tank.shapeId,
      ({ id }) => withTank(build, { shapeId: id }),
      { words: ({ words }) => words, type: build.type },
    ),
  },
];

/** What more or less water is asked about, gal. */
const WATER_STEP_GAL = { structural: 250, brush: 50 };

export const tankQuestions: Question[] = [
  {
    id: 'tank',
    question: 'Low hose bed or deep compartments?',
    ways: (build) => {
      const shaped = (id: string, name: string, words: string, shapeId: string) =>
        way(id, name, words, build.tank.shapeId === shapeId, withTank(build, { shapeId }));
      if (build.tank.gallons === 0 || build.type === 'aerial') return [];
      return [
        shaped('low', 'Low and wide tank', 'Hose at hand height, low center of gravity.', 'lowWide'),
        build.type === 'brush'
          ? shaped('upright', 'Upright tank', 'Short along the bed; higher.', 'skid')
          : shaped(
              'tall',
              'Tall and narrow tank',
              'Full depth in every compartment; a climb to the hose.',
              'tall',
            ),
      ];
    },
  },
  {
    id: 'water',
    question: 'More water or a lighter truck?',
    ways: (build, evaluation) => {
      const { gallons } = build.tank;
      const least = evaluation.limit('tankGal')?.value ?? 0;
      const by = WATER_STEP_GAL[build.type === 'brush' ? 'brush' : 'structural'];
      if (gallons === 0) return [];
      const [, most] = tankBlock.fields.gallons.usual!;
      return [
        way(
          'less',
          'Lighter',
          'Shorter, quicker, easier on axles and lanes; sooner in need of supply.',
          false,
          gallons - by >= least && gallons > by ? withTank(build, { gallons: gallons - by }) : null,
        ),
        way('now', 'As it is', 'The water that it carries now.', true, build),
        way(
          'more',
          'More water',
          'Longer on its own water; more weight on every mile.',
          false,
          gallons + by <= most ? withTank(build, { gallons: gallons + by }) : null,
        ),
      ];
    },
  },
];

export function tankGrips(evaluation: Evaluation): Grip[] {
  const boxes = evaluation.read(tankBoxes);
  const { build } = evaluation;
  if (boxes.length === 0) return [];
  const { aftIn } = build.tank;
  return [
    {
      id: 'tank',
      title: 'Tank',
      box: aroundBoxes(boxes),
      directions: ['x'],
      choice: 'place',
      atIn: aftIn,
      at: `${inches(aftIn)} behind the front of the body`,
      ends: tankBlock.fields.aftIn,
      moved: ({ x = 0 }) => withTankAt(build, aftIn + x),
    },
  ];
}

export function tankSentence(evaluation: Evaluation): string {
  const { gallons, aftIn } = evaluation.build.tank;
  if (gallons === 0) return 'There shall be no water tank.';
  const { name } = evaluation.read(chosenShape);
  const tank = name.endsWith('tank') ? name : `${name} tank`;
  const place =
    aftIn === 0
      ? 'at the front of the body'
      : `${inches(Math.abs(aftIn))} ${aftIn > 0 ? 'behind' : 'ahead of'} the front of the body`;
  return `The tank shall be ${one(tank)} of ${gal(gallons)}, ${place}.`;
}

export function tankLine(evaluation: Evaluation): string {
  const { gallons } = evaluation.build.tank;
  return gallons === 0 ? 'None' : inShort(gal(gallons), within(evaluation.read(chosenShape).name));
}
