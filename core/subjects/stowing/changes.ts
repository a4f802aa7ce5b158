import { atOnce, groupsBy } from '../../kernel/index.js';
import type { Candidate, ChangeKind, Changes, Evaluation } from '../../kernel/index.js';
import { compartments } from '../../truck/index.js';
import type { Surface } from '../../truck/index.js';
import { lb, within } from '../../units/index.js';
import { MOVE, withEquipmentLine } from '../equipment/index.js';
import { fittedShelf, withFittedIn, withFittedLine } from '../shelving/index.js';
import { outerBurdens, wholeBurdens } from './fit-checks.js';
import type { Burden } from './fit-checks.js';
import {
  dirtyInCab,
  heavyHigh,
  hidden,
  lacking,
  mixed,
  sideOf,
  splitSets,
  unpowered,
  untubed,
} from './keeping-checks.js';
import type { Lack } from './keeping-checks.js';
import { spotsFor, withSpot } from './placing.js';
import { misplaced, placed, reachIn, stowed } from './stowed.js';
import type { Stowed } from './stowed.js';

const FIT: ChangeKind = { id: 'fittedAdded', title: 'Shelves, trays and boards' };
const ASHORE: ChangeKind = { id: 'ashore', title: 'Left at the station', costs: 'givesUp' };

/** What is fitted where a compartment lacks it. */
const FITS: Partial<Record<Lack, string>> = { vented: 'vent', locked: 'lock' };

/** So many pieces are looked at, and so many places for each. */
const PIECES = 4;
const PLACES = 3;

/** A piece on other surfaces that have room for it, those that a test prefers. */
function toOther(
  evaluation: Evaluation,
  { line, part }: Pick<Stowed, 'line' | 'part'>,
  meant: (surface: Surface) => boolean,
): Candidate[] {
  return spotsFor(evaluation, line.id)
    .filter(({ surface }) => meant(surface))
    .slice(0, PLACES)
    .map(({ surface, spot }) =>
      atOnce(
        MOVE,
        `${part.name} (${lb(part.weightLb * line.count)}) on ${surface.name}`,
        (on) => withSpot(on, line.id, surface, spot, false),
        line.id,
      ),
    );
}

const elsewhere =
  ({ line, compartment }: Stowed) =>
  (surface: Surface) =>
    surface.id !== line.on && surface.compartmentId !== compartment.id;

/** The heaviest of what is too heavy for its shelf, on others. */
const lighter = (evaluation: Evaluation, burdens: readonly Burden[]): Candidate[] =>
  burdens
    .filter((burden) => burden.carriedLb > burden.ratedLb)
    .flatMap(({ things, surface }) =>
      [...things]
        .sort((a, b) => b.weightLb - a.weightLb)
        .slice(0, PIECES)
        .flatMap((thing) => toOther(evaluation, thing, (other) => other.fittingId !== surface.fittingId)),
    );

/** A stronger shelf in place of one that carries too much. */
const stronger = (evaluation: Evaluation, burdens: readonly Burden[]): Candidate[] =>
  burdens
    .filter(({ carriedLb, ratedLb }) => carriedLb > ratedLb)
    .flatMap(({ surface, carriedLb }) => {
      const line = evaluation.build.shelving.lines.find(({ id }) => id === surface.fittingId);
      if (!line) return [];
      const stock = fittedShelf.in(evaluation.build);
      const { kind } = stock.part(line.partId);
      return stock
        .all()
        .filter((part) => part.kind === kind && part.id !== line.partId && (part.ratingLb ?? 0) >= carriedLb)
        .map((part) =>
          atOnce(
            FIT,
            `${part.name} as ${surface.name}`,
            (on) => withFittedLine(on, line.id, { partId: part.id }),
            line.id,
          ),
        );
    });

/** Something fitted in a compartment that lacks it. The id is the compartment's: what is chosen twice is the same. */
const fitted = (evaluation: Evaluation, partId: string, compartmentId: string): Candidate => {
  const part = fittedShelf.in(evaluation.build).part(partId);
  const name = evaluation.read(compartments).find(({ id }) => id === compartmentId)?.name ?? compartmentId;
  return atOnce(
    FIT,
    `${part.name} in ${name}`,
    (on) =>
      withFittedIn(
        evaluation.with(on),
        partId,
        compartmentId,
        `${partId}-${compartmentId}-${on.shelving.lines.length}`,
      ),
    `${partId} ${compartmentId}`,
  );
};

export const changes: Changes[] = [
  {
    kind: MOVE,
    helps: ['stowedFits'],
    offer: (evaluation) =>
      evaluation
        .read(misplaced)
        .slice(0, PIECES)
        .flatMap(({ thing }) => [
          ...toOther(evaluation, thing, ({ compartmentId }) => compartmentId === thing.compartment.id),
          ...toOther(evaluation, thing, elsewhere(thing)),
        ]),
  },
  {
    kind: MOVE,
    helps: ['stowedLb'],
    offer: (evaluation) => lighter(evaluation, evaluation.read(wholeBurdens)),
  },
  {
    kind: MOVE,
    helps: ['outerLb'],
    offer: (evaluation) => lighter(evaluation, evaluation.read(outerBurdens)),
  },
  {
    kind: FIT,
    helps: ['stowedLb'],
    offer: (evaluation) => stronger(evaluation, evaluation.read(wholeBurdens)),
  },
  {
    kind: MOVE,
    helps: ['heavyHigh'],
    offer: (evaluation) =>
      evaluation
        .read(heavyHigh)
        .slice(0, PIECES)
        .flatMap(({ thing }) => {
          const floors = new Map(evaluation.read(compartments).map(({ id, z0 }) => [id, z0]));
          const highOf = ({ compartmentId, plate, downIn }: Surface) =>
            (floors.get(compartmentId) ?? 0) + plate.z0 - downIn + thing.part.heightIn / 2;
          return toOther(evaluation, thing, (surface) => highOf(surface) < reachIn(thing) - 6);
        }),
  },
  {
    kind: MOVE,
    helps: ['apart'],
    offer: (evaluation) => {
      const all = evaluation.read(stowed);
      const places = groupsBy(all, ({ compartment }) => compartment.id);
      const holds = (id: string, ...needs: string[]) =>
        (places.get(id) ?? []).some(({ part }) => part.needs?.some((need) => needs.includes(need)));
      return evaluation
        .read(mixed)
        .slice(0, PIECES)
        .flatMap(({ thing, clean }) => [
          ...toOther(evaluation, thing, ({ compartmentId }) => !holds(compartmentId, 'clean')),
          ...clean
            .slice(0, 2)
            .flatMap((other) =>
              toOther(evaluation, other, ({ compartmentId }) => !holds(compartmentId, 'away', 'dirty')),
            ),
          ...evaluation
            .read(compartments)
            .filter(({ id }) => !holds(id, 'clean'))
            .map(({ id, name }) =>
              atOnce(
                MOVE,
                `${thing.part.name} from ${thing.compartment.name} to ${name}`,
                (on) => withEquipmentLine(on, thing.line.id, { compartmentId: id }),
                thing.line.id,
              ),
            ),
        ]);
    },
  },
  {
    kind: MOVE,
    helps: ['cleanCab'],
    offer: (evaluation) =>
      evaluation
        .read(dirtyInCab)
        .flatMap(({ line, part }) =>
          evaluation
            .read(compartments)
            .map(({ id, name }) =>
              atOnce(
                MOVE,
                `${part.name} from the cab to ${name}`,
                (on) => withEquipmentLine(on, line.id, { compartmentId: id }),
                line.id,
              ),
            ),
        ),
  },
  {
    kind: MOVE,
    helps: ['setsTogether'],
    offer: (evaluation) => {
      const onSide = new Map(evaluation.read(compartments).map(({ id, side }) => [id, side]));
      return evaluation.read(splitSets).flatMap(({ set, things }) =>
        (['left', 'right'] as const).flatMap((side) => {
          const home = things.find((thing) => sideOf(thing) === side);
          const away = things.filter((thing) => sideOf(thing) !== side && sideOf(thing) !== 'middle');
          if (!home || away.length === 0) return [];
          return [
            atOnce(
              MOVE,
              `All of the set “${set}” in ${home.compartment.name}`,
              (on) =>
                away.reduce(
                  (build, { line }) =>
                    withEquipmentLine(build, line.id, { compartmentId: home.compartment.id }),
                  on,
                ),
              set,
            ),
            ...(away.length === 1
              ? toOther(evaluation, away[0]!, ({ compartmentId }) => onSide.get(compartmentId) === side)
              : []),
          ];
        }),
      );
    },
  },
  {
    kind: FIT,
    helps: ['charged'],
    offer: (evaluation) =>
      evaluation
        .read(unpowered)
        .flatMap(({ id }) => ['charger', 'outlet'].map((part) => fitted(evaluation, part, id))),
  },
  {
    kind: FIT,
    helps: ['tubed'],
    offer: (evaluation) =>
      evaluation
        .read(untubed)
        .flatMap(({ compartment }) =>
          ['tubes-three', 'tubes-six'].map((part) => fitted(evaluation, part, compartment.id)),
        ),
  },
  {
    kind: MOVE,
    helps: ['tubed'],
    offer: (evaluation) =>
      evaluation.read(untubed).flatMap((thing) => toOther(evaluation, thing, ({ tubes }) => tubes !== null)),
  },
  {
    kind: MOVE,
    helps: ['inFront'],
    offer: (evaluation) =>
      evaluation
        .read(hidden)
        .slice(0, PIECES)
        .flatMap(({ back, front }) => [
          ...toOther(evaluation, front, ({ id }) => id !== front.line.on),
          ...toOther(evaluation, back, ({ id }) => id !== back.line.on),
        ]),
  },
  {
    kind: FIT,
    helps: ['asked'],
    offer: (evaluation) =>
      evaluation.read(lacking).flatMap(({ thing, lack }) => {
        const partId = FITS[lack];
        return partId === undefined ? [] : [fitted(evaluation, partId, thing.compartment.id)];
      }),
  },
  {
    kind: MOVE,
    helps: ['asked'],
    offer: (evaluation) =>
      evaluation
        .read(lacking)
        .slice(0, PIECES)
        .flatMap(({ thing }) => toOther(evaluation, thing, elsewhere(thing))),
  },
  {
    kind: ASHORE,
    helps: ['growthRoom'],
    offer: (evaluation) =>
      evaluation
        .read(placed)
        .filter(({ part }) => (part.often ?? 'yearly') === 'yearly')
        .sort((a, b) => b.weightLb - a.weightLb)
        .slice(0, PIECES)
        .map(({ line, part, weightLb }) =>
          atOnce(
            ASHORE,
            `Leave ${within(part.name)} (${lb(weightLb)}) at the station`,
            (on) => withEquipmentLine(on, line.id, null),
            line.id,
          ),
        ),
  },
];
