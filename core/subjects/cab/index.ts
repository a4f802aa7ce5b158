import { withBlock } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import {
  atLeast,
  atOnce,
  insteadOf,
  inSteps,
  limitKind,
  NONE,
  partOptions,
  range,
  reading,
} from '../../kernel/index.js';
import type { AbsentChoice, ChangeKind, Choice, Subject } from '../../kernel/index.js';
import { counted, formatWhole, inShort, one, within } from '../../units/index.js';
import { chassisShelf } from '../chassis/index.js';
import type { RoofOption } from '../chassis/index.js';
import {
  cabBlock,
  cabProblems,
  DRIVER,
  FACING_NAMES,
  FRONT_SEATS,
  HOLDER_NAMES,
  seatsFitted,
  seatsOffered,
  settleCab,
  withCrew,
  withSeat,
} from './block.js';
import { cabAlong, cabComponents, cabOf, chosenModule, chosenRoof, place } from './place.js';

export { seatsFitted, withCrew, withSeat } from './block.js';

const limits = {
  seats: limitKind('Seats', 'seats', 'least', 1, 12),
  seatLb: limitKind('Weight of a person at each seat', 'lb', 'reckon', 100, 500),
};

/** One thing that can be chosen of a seat. */
function seatChoice<K extends 'facing' | 'pack', V extends string>(
  build: Build,
  seat: number,
  key: K,
  title: string,
  names: Record<V, string>,
  now: V,
): Choice {
  return {
    kind: 'pick',
    id: `seat-${seat}-${key}`,
    title,
    compact: true,
    fine: true,
    options: (Object.entries(names) as [V, string][]).map(([id, label]) => ({
      id,
      label,
      chosen: id === now,
      build: id === now ? build : withSeat(build, seat, { [key]: id }),
    })),
  };
}

/** Which seats are fitted, and for each the way it looks and whether it holds a pack. */
function seatChoices(build: Build): Choice[] {
  const fitted = seatsFitted(build.cab);
  const offered = seatsOffered(build);
  return [
    {
      kind: 'toggle',
      id: 'seats',
      title: 'Which seats',
      options: offered.map(({ name }, i) => {
        const there = fitted.some(({ seat }) => seat === i + 1);
        return {
          id: `seat-${i + 1}`,
          label: name,
          chosen: there,
          build: withSeat(build, i + 1, there ? null : {}),
        };
      }),
    },
    ...fitted
      .filter(({ seat }) => seat > FRONT_SEATS)
      .map(({ seat, facing }) =>
        seatChoice(build, seat, 'facing', `${offered[seat - 1]!.name} looks`, FACING_NAMES, facing),
      ),
    ...fitted
      .filter(({ seat }) => seat > DRIVER)
      .map(({ seat, pack }) =>
        seatChoice(build, seat, 'pack', `${offered[seat - 1]!.name}, seat`, HOLDER_NAMES, pack),
      ),
  ];
}

function choices(build: Build): Choice[] {
  const { roofs, crewModules = [] } = chassisShelf.in(build).part(build.chassis.partId);
  const { moduleId } = build.cab;
  const modules: Choice[] =
    crewModules.length === 0
      ? []
      : [
          {
            kind: 'pick',
            id: 'crew-module',
            title: 'Crew module behind the cab',
            options: [
              {
                id: NONE,
                label: 'No crew module',
                chosen: moduleId === undefined,
                build: withBlock(build, 'cab', { moduleId: undefined }),
              },
              ...partOptions(
                crewModules,
                ({ id }) => id === moduleId,
                ({ id }) => withBlock(build, 'cab', { moduleId: id }),
              ),
            ],
          },
        ];
  return [
    {
      kind: 'amount',
      id: 'crew',
      title: 'Seats',
      unit: '',
      min: 1,
      max: seatsOffered(build).length,
      step: 1,
      value: build.cab.crew,
      set: (crew) => withCrew(build, crew),
    },
    ...modules,
    {
      kind: 'pick',
      id: 'roof',
      title: 'Cab roof',
      options: partOptions(
        roofs,
        ({ id }) => id === build.cab.roofId,
        ({ id }) => withBlock(build, 'cab', { roofId: id }),
      ),
    },
    ...seatChoices(build),
  ];
}

function absent(build: Build): AbsentChoice[] {
  const { crewModules = [] } = chassisShelf.in(build).part(build.chassis.partId);
  return crewModules.length > 0
    ? []
    : [
        {
          id: 'crew-module',
          title: 'Crew module behind the cab',
          because: 'needs a chassis that can have one: this one comes without',
        },
      ];
}

const SEATS: ChangeKind = { id: 'seats', title: 'Seats', costs: 'givesUp' };
const ROOF: ChangeKind = { id: 'roof', title: 'Cab roof', costs: 'givesUp' };

const roofOf = (build: Build, id: string): RoofOption | undefined =>
  chassisShelf
    .in(build)
    .part(build.chassis.partId)
    .roofs.find((roof) => roof.id === id);

const seats = reading('cab', [cabOf], ({ crew }) => crew);

/** The cab: who rides in it, and under what roof. */
export const cab: Subject = {
  id: 'cab',
  title: 'Cab and crew',
  step: () => true,
  limits,
  block: cabBlock,
  settle: settleCab,
  problems: cabProblems,
  along: cabAlong,
  provides: [place],
  components: cabComponents,
  figures: [{ id: 'seats', title: 'Seats', unit: 'count', harm: { way: 'down', each: 0.5 }, reading: seats }],
  checks: [atLeast('cab', 'seats', 'seats', limits.seats, ['cab'], seats)],
  changes: [
    {
      kind: SEATS,
      helps: ['seats'],
      offer: ({ build }) => [
        inSteps(
          SEATS,
          range(build.cab.crew, seatsOffered(build).length, 1).map((crew) => ({
            label: `${formatWhole(crew)} seats instead of ${formatWhole(build.cab.crew)}`,
            edit: (on) => withCrew(on, crew),
          })),
        ),
      ],
    },
    {
      kind: ROOF,
      helps: ['height'],
      offer: ({ build }) => {
        const now = roofOf(build, build.cab.roofId);
        const { roofs } = chassisShelf.in(build).part(build.chassis.partId);
        // The least that is given up first.
        return !now
          ? []
          : roofs
              .filter(({ raiseIn }) => raiseIn < now.raiseIn)
              .sort((a, b) => b.raiseIn - a.raiseIn)
              .map((roof) =>
                atOnce(
                  ROOF,
                  insteadOf(roof, now),
                  (on) => withBlock(on, 'cab', { roofId: roof.id }),
                  roof.id,
                ),
              );
      },
    },
  ],
  choices,
  absent,
  sentence: (evaluation) => {
    const module = evaluation.read(chosenModule);
    return `The cab shall seat ${formatWhole(evaluation.build.cab.crew)} under ${one(evaluation.read(chosenRoof).name)}${module ? `, with ${one(module.name)}` : ''}.`;
  },
  line: (evaluation) =>
    inShort(counted(evaluation.build.cab.crew, 'seat'), within(evaluation.read(chosenRoof).name)),
};
