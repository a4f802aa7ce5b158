import { withBlock } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import {
  check,
  heldTo,
  insteadOf,
  inSteps,
  limitKind,
  limitOf,
  partOptions,
  range,
  way,
} from '../../kernel/index.js';
import type { Changes, ChangeKind, Choice, Evaluation, House, Question, Step } from '../../kernel/index.js';
import { bare, counted, inches, inShort, lb, one, within } from '../../units/index.js';
import { chosenChassis, withChassis } from './block.js';
import type { AxleOption, Chassis } from './parts/index.js';
import { axles } from './place.js';
import { chassisShelf } from './shelf.js';

export const chassisLimits = { gvwrLb: limitKind('Gross rating of the type', 'lb', 'most', 5000, 200_000) };

/** The heaviest rating that an engine type allows. */
export const typeGvwr = check(
  'chassis',
  { id: 'typeGvwr', title: chassisLimits.gvwrLb.title, steps: ['chassis'] },
  [limitOf('gvwrLb'), axles],
  (asked, { gvwrLb }) => {
    if (!asked) return null;
    return heldTo('most', 'lb', gvwrLb, asked, `Rated ${lb(gvwrLb)}, at most ${lb(asked.value)}.`);
  },
);

/** Wheelbases are looked at so far apart at least, in. */
const LOOKED_AT_IN = 2;
const WHEELBASE: ChangeKind = { id: 'wheelbase', title: 'Wheelbase' };
const AXLE: ChangeKind = { id: 'axle', title: 'Axle ratings' };
const CHASSIS_KIND: ChangeKind = { id: 'chassis', title: 'Chassis', costs: 'much' };

/** The axles that a build has chosen. */
function axlesOf(build: Build): AxleOption[] {
  const { partId, frontAxleId, rearAxleId } = build.chassis;
  const { frontAxles, rearAxles } = chassisShelf.in(build).part(partId);
  return [
    ...frontAxles.filter(({ id }) => id === frontAxleId),
    ...rearAxles.filter(({ id }) => id === rearAxleId),
  ];
}

/** What another chassis brings with it that was chosen otherwise. */
function goesWith(before: Build, after: Build): string[] {
  const was = axlesOf(before);
  const wheelbase =
    after.chassis.wheelbaseIn === before.chassis.wheelbaseIn
      ? []
      : [`wheelbase ${inches(after.chassis.wheelbaseIn)}`];
  const rated = axlesOf(after).filter(({ name }) => !was.some((axle) => axle.name === name));
  const seats = after.cab.crew === before.cab.crew ? [] : [counted(after.cab.crew, 'seat')];
  const roof = after.cab.roofId === before.cab.roofId ? [] : ['another roof'];
  return [...wheelbase, ...rated.map(({ name }) => within(name)), ...seats, ...roof];
}

/** Another chassis, first with axles rated as now, then step by step higher, each with what it brings. */
function onChassis(house: House, now: Build, chassis: Chassis): Step[] {
  const kept = house.settle(withChassis(now, chassis.id)).chassis;
  const higher = (options: AxleOption[], from: string) =>
    options.slice(options.findIndex(({ id }) => id === from));
  const fronts = higher(chassis.frontAxles, kept.frontAxleId);
  const rears = higher(chassis.rearAxles, kept.rearAxleId);
  return Array.from({ length: Math.max(fronts.length, rears.length) }, (_, i) => {
    const edit = (on: Build) =>
      house.settle(
        withBlock(withChassis(on, chassis.id), 'chassis', {
          frontAxleId: (fronts[i] ?? fronts.at(-1)!).id,
          rearAxleId: (rears[i] ?? rears.at(-1)!).id,
        }),
      );
    return { label: [chassis.name, ...goesWith(now, edit(now))].join(', '), edit };
  });
}

export const chassisChanges: Changes[] = [
  {
    kind: WHEELBASE,
    helps: ['load', 'room', 'departure', 'breakover', 'turning', 'wheelsFit', 'equipmentPlace'],
    offer: ({ build }) => {
      const { minIn, maxIn, stepIn } = chassisShelf.in(build).part(build.chassis.partId).wheelbase;
      const now = build.chassis.wheelbaseIn;
      const to = (end: number) =>
        inSteps(
          WHEELBASE,
          range(now, end, Math.max(stepIn, LOOKED_AT_IN)).map((wheelbaseIn) => ({
            label: `Wheelbase ${inches(wheelbaseIn)} instead of ${inches(now)}`,
            edit: (on) => withBlock(on, 'chassis', { wheelbaseIn }),
          })),
        );
      return [to(maxIn), to(minIn)];
    },
  },
  {
    kind: AXLE,
    helps: ['load'],
    offer: (evaluation) => {
      const { chassis, frontAxle, rearAxle } = evaluation.read(chosenChassis);
      const higher = (options: typeof chassis.frontAxles, now: typeof frontAxle) =>
        options.filter((option) => option.ratings.axleLb > now.ratings.axleLb);
      return [
        inSteps(
          AXLE,
          higher(chassis.frontAxles, frontAxle).map((axle) => ({
            label: insteadOf(axle, frontAxle),
            edit: (on) => withBlock(on, 'chassis', { frontAxleId: axle.id }),
          })),
          'front',
        ),
        inSteps(
          AXLE,
          higher(chassis.rearAxles, rearAxle).map((axle) => ({
            label: insteadOf(axle, rearAxle),
            edit: (on) => withBlock(on, 'chassis', { rearAxleId: axle.id }),
          })),
          'rear',
        ),
      ];
    },
  },
  {
    kind: CHASSIS_KIND,
    helps: [
      'load',
      'frameMoment',
      'approach',
      'departure',
      'breakover',
      'turning',
      'wading',
      'pull',
      'softGround',
      'height',
      'width',
      'length',
      'typeGvwr',
      'budget',
    ],
    offer: ({ build, house }) =>
      chassisShelf
        .in(build)
        .suiting(build.type)
        .filter(({ id }) => id !== build.chassis.partId)
        .map((chassis) => inSteps(CHASSIS_KIND, onChassis(house, build, chassis))),
  },
];

export function chassisChoices(build: Build): Choice[] {
  const stock = chassisShelf.in(build);
  const { partId, wheelbaseIn, frontAxleId, rearAxleId } = build.chassis;
  const chassis = stock.part(partId);
  const { minIn, maxIn, stepIn } = chassis.wheelbase;
  return [
    {
      kind: 'pick',
      id: 'chassis',
      title: 'Chassis',
      options: partOptions(
        stock.usualFirst(build.type),
        ({ id }) => id === partId,
        ({ id }) => withChassis(build, id),
        { type: build.type },
      ),
    },
    {
      kind: 'amount',
      id: 'wheelbase',
      title: 'Wheelbase',
      unit: 'in',
      min: minIn,
      max: maxIn,
      step: stepIn,
      value: wheelbaseIn,
      set: (to) => withBlock(build, 'chassis', { wheelbaseIn: to }),
    },
    {
      kind: 'pick',
      id: 'front-axle',
      title: 'Front axle',
      options: partOptions(
        chassis.frontAxles,
        ({ id }) => id === frontAxleId,
        ({ id }) => withBlock(build, 'chassis', { frontAxleId: id }),
      ),
    },
    {
      kind: 'pick',
      id: 'rear-axle',
      title: 'Rear axle',
      options: partOptions(
        chassis.rearAxles,
        ({ id }) => id === rearAxleId,
        ({ id }) => withBlock(build, 'chassis', { rearAxleId: id }),
      ),
    },
  ];
}

/** The two of each kind that are weighed against each other. */
const CUSTOM_OR_COMMERCIAL = ['custom-medium', 'commercial-hood'];
const DUALS = 'light-4x4';
const WIDE_SINGLES = 'light-4x4-wide';

export const chassisQuestions: Question[] = [
  {
    id: 'chassis',
    question: 'Custom or commercial chassis?',
    ways: (build) =>
      build.type !== 'pumper'
        ? []
        : chassisShelf
            .in(build)
            .suiting('pumper')
            .filter(({ id }) => CUSTOM_OR_COMMERCIAL.includes(id))
            .map((part) => {
              const custom = part.cab.style === 'flatFront';
              return way(
                part.id,
                custom ? 'Custom' : 'Commercial',
                custom
                  ? 'Short for its seats, made for the service, dearer to buy and to repair.'
                  : 'Cheaper, repaired anywhere; longer for the same body, fewer seats.',
                build.chassis.partId === part.id,
                withChassis(build, part.id),
              );
            }),
  },
  {
    id: 'tires',
    question: 'Dual rear tires or wide singles?',
    ways: (build) =>
      build.type !== 'brush'
        ? []
        : [
            way(
              'dual',
              'Dual tires',
              'Higher rating behind, lower truck.',
              build.chassis.partId === DUALS,
              withChassis(build, DUALS),
            ),
            way(
              'wide',
              'Wide singles',
              'Rides in its own track and floats on soft ground; higher, with less rating behind.',
              build.chassis.partId === WIDE_SINGLES,
              withChassis(build, WIDE_SINGLES),
            ),
          ],
  },
];

export function chassisSentence(evaluation: Evaluation): string {
  const { chassis, wheelbaseIn, frontAxle, rearAxle } = evaluation.read(chosenChassis);
  return `The chassis shall be ${one(chassis.name)}, with a wheelbase of ${inches(wheelbaseIn)}, ${one(frontAxle.name)} and ${one(rearAxle.name)}.`;
}

export function chassisLine(evaluation: Evaluation): string {
  const { chassis, wheelbaseIn, frontAxle, rearAxle } = evaluation.read(chosenChassis);
  const { style, doors } = chassis.cab;
  return inShort(
    `${style === 'flatFront' ? 'custom' : 'commercial'}, ${doors === 4 ? 'four-door' : 'two-door'}`,
    inches(wheelbaseIn),
    `${bare(lb(frontAxle.ratings.axleLb))}\u00a0/\u00a0${lb(rearAxle.ratings.axleLb)}`,
  );
}
