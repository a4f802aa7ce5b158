import type { Build } from '../../build/index.js';
import { amountChoice, atOnce, partOptions, way } from '../../kernel/index.js';
import type { AmountChoice, ChangeKind, Choice, Evaluation, Grip, Subject } from '../../kernel/index.js';
import { counted, feetInches, inShort, lb, listed, one, within } from '../../units/index.js';
import {
  fittingsBlock,
  fittingShelf,
  placesOf,
  settleFittings,
  withFitting,
  withFittingAt,
} from './block.js';
import type { FittingLine } from './block.js';
import { FITTING_PLACE_NAMES } from './parts.js';
import { chosenFittings, fittingComponents, fittingsPlaced } from './place.js';

export type { FittingPlace } from './parts.js';
export { fittingShelf, withFitting, withFittingAt } from './block.js';

const FITTING: ChangeKind = { id: 'fitting', title: 'Lights and fittings', costs: 'givesUp' };
const carries = (build: Build, id: string) => build.fittings.lines.some(({ partId }) => partId === id);
const GENERATOR = 'generator-8';
const INVERTER = 'inverter-3';

const fine = (choice: AmountChoice): Choice => ({ ...choice, fine: true });

/** Where one fitting stands: in which place, and where in it. */
function placeChoices(build: Build, { id, partId, at, aftIn = 0, yIn = 0 }: FittingLine): Choice[] {
  const part = fittingShelf.in(build).find(partId);
  if (!part) return [];
  const now = at ?? part.place;
  const places = placesOf(part);
  const { aftIn: aft, yIn: aside } = fittingsBlock.fields.lines.fields;
  const place: Choice[] =
    places.length < 2
      ? []
      : [
          {
            kind: 'pick',
            id: `fitting-${id}-at`,
            title: `${part.name}, where`,
            compact: true,
            fine: true,
            options: places.map((place) => ({
              id: place,
              label: FITTING_PLACE_NAMES[place],
              chosen: place === now,
              build: withFittingAt(build, id, { at: place, aftIn: undefined, yIn: undefined }),
            })),
          },
        ];
  return [
    ...place,
    fine(
      amountChoice(
        `fitting-${id}-aft`,
        { ...aft, title: `${part.name}, further aft`, usual: [-60, 60] },
        aftIn,
        (to) => (to === aftIn ? build : withFittingAt(build, id, { aftIn: to })),
      ),
    ),
    fine(
      amountChoice(
        `fitting-${id}-aside`,
        { ...aside, title: `${part.name}, to the officer’s side`, usual: [-40, 40] },
        yIn,
        (to) => (to === yIn ? build : withFittingAt(build, id, { yIn: to })),
      ),
    ),
  ];
}

const AFT = fittingsBlock.fields.lines.fields.aftIn;

const grips = (evaluation: Evaluation): Grip[] =>
  evaluation.read(fittingsPlaced).map(({ line: { id, aftIn = 0 }, part, xIn, yIn, box }) => ({
    id: `fitting-${id}`,
    title: part.name,
    box,
    directions: ['x', 'y'],
    choice: `fitting-${id}-aft`,
    atIn: xIn,
    at: `${feetInches(xIn)} behind the front axle`,
    ends: { min: xIn - aftIn + AFT.min, max: xIn - aftIn + AFT.max },
    moved: ({ x = 0, y }) =>
      withFittingAt(evaluation.build, id, {
        aftIn: aftIn + x,
        ...(y === undefined ? {} : { yIn: yIn + y }),
      }),
  }));

const AT: ChangeKind = { id: 'fittingPlace', title: 'Place of a fitting' };

/** Lights, monitors, power and the like, each fixed in its place. */
export const fittings: Subject = {
  id: 'fittings',
  title: 'Lights and fittings',
  step: () => true,
  shelves: [fittingShelf],
  block: fittingsBlock,
  settle: settleFittings,
  components: fittingComponents,
  changes: [
    {
      // Each fitting in every other place that it may have.
      kind: AT,
      helps: ['room', 'height', 'load', 'sides'],
      offer: (evaluation) =>
        evaluation.read(fittingsPlaced).flatMap(({ line, part, at }) =>
          placesOf(part)
            .filter((place) => place !== at)
            .map((place) =>
              atOnce(
                AT,
                `${part.name} ${FITTING_PLACE_NAMES[place]}`,
                (on) => withFittingAt(on, line.id, { at: place, aftIn: undefined, yIn: undefined }),
                `${line.id}-${place}`,
              ),
            ),
        ),
    },
    {
      kind: FITTING,
      helps: ['budget', 'height', 'room', 'needsPump'],
      offer: ({ build }) =>
        build.fittings.lines.map(({ id, partId }) =>
          atOnce(
            FITTING,
            `Leave off ${within(fittingShelf.in(build).part(partId).name)}`,
            (on) => ({
              ...on,
              fittings: { ...on.fittings, lines: on.fittings.lines.filter((line) => line.id !== id) },
            }),
            id,
          ),
        ),
    },
  ],
  choices: (build) => [
    {
      kind: 'toggle',
      id: 'fittings',
      title: 'Lights and fittings',
      options: partOptions(
        fittingShelf.in(build).usualFirst(build.type),
        ({ id }) => carries(build, id),
        ({ id }) => withFitting(build, id, !carries(build, id)),
        { type: build.type },
      ),
    },
    ...build.fittings.lines.flatMap((line) => placeChoices(build, line)),
  ],
  grips,
  questions: [
    {
      id: 'power',
      question: 'Generator or inverter?',
      ways: (build) => {
        if (build.type === 'brush') return [];
        const [generator, inverter] = [carries(build, GENERATOR), carries(build, INVERTER)];
        const only = (on: string, off: string) => withFitting(withFitting(build, off, false), on, true);
        return [
          way(
            'generator',
            'Hydraulic generator',
            'Runs a fan and the big lights; weighs, and wants service.',
            generator && !inverter,
            only(GENERATOR, INVERTER),
          ),
          way(
            'inverter',
            'Inverter',
            'Enough for LED and chargers; cannot start every fan.',
            inverter && !generator,
            only(INVERTER, GENERATOR),
          ),
        ];
      },
    },
  ],
  sentence: (evaluation) => {
    const all = evaluation.read(chosenFittings);
    return all.length === 0
      ? 'No further lights or fittings shall be furnished.'
      : `There shall be ${listed(all.map(({ part }) => one(part.name)))}.`;
  },
  line: (evaluation) => {
    const all = evaluation.read(chosenFittings);
    return all.length === 0
      ? 'None'
      : inShort(counted(all.length, 'fitting'), lb(all.reduce((sum, { part }) => sum + part.weightLb, 0)));
  },
  caution: 'Electric work is for licensed people; a raised mast is kept clear of power lines.',
};
