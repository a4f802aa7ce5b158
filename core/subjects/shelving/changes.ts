import { atOnce } from '../../kernel/index.js';
import type { Candidate, ChangeKind, Changes, Evaluation } from '../../kernel/index.js';
import { inches } from '../../units/index.js';
import { fittedShelf, withFittedLine } from './block.js';
import type { FittedLine } from './block.js';
import { misfits, nameOf, stuck, trayHeights } from './checks.js';
import { freePlace } from './edits.js';
import { openClashes } from './opened.js';
import { placedAll } from './place.js';
import type { Placed } from './place.js';
import { outOf } from './surfaces.js';

const MOVE: ChangeKind = { id: 'fittedPlace', title: 'Place of shelves, trays and boards' };
const OTHER: ChangeKind = { id: 'fittedPart', title: 'Another shelf, tray or board' };
const OFF: ChangeKind = { id: 'fittedOff', title: 'Shelves, trays and boards left out', costs: 'givesUp' };

type Change = Partial<Omit<FittedLine, 'id'>>;
/** As long, deep and high as its compartment, from its front end and its door on. */
const AS_THE_COMPARTMENT: Change = {
  alongIn: undefined,
  inIn: undefined,
  lengthIn: undefined,
  depthIn: undefined,
  heightIn: undefined,
} as never;

const edit = (kind: ChangeKind, label: string, { line }: Placed, change: Change | null): Candidate =>
  atOnce(kind, label, (on) => withFittedLine(on, line.id, change), line.id);

const off = (placed: Placed): Candidate => edit(OFF, `Leave out ${nameOf(placed)}`, placed, null);

/** A fitting where its compartment has room for it. */
function elsewhere(evaluation: Evaluation, placed: Placed): Candidate[] {
  const others = evaluation
    .read(placedAll)
    .filter((other) => other !== placed && other.compartment.id === placed.compartment.id);
  const at = freePlace(placed.compartment, placed.part, others);
  return at
    ? [
        edit(
          MOVE,
          `${placed.part.name} in ${placed.compartment.name}: ${inches(at.upIn)} over the floor`,
          placed,
          {
            ...AS_THE_COMPARTMENT,
            ...at,
          },
        ),
      ]
    : [];
}

/** Another part in its place, where such a part ships. */
const instead = (evaluation: Evaluation, placed: Placed, partId: string): Candidate[] => {
  const part = fittedShelf.in(evaluation.build).find(partId);
  return part && part.id !== placed.part.id
    ? [edit(OTHER, `${part.name} instead of ${nameOf(placed)}`, placed, { partId })]
    : [];
};

export const changes: Changes[] = [
  {
    kind: MOVE,
    helps: ['shelvingFits'],
    offer: (evaluation) =>
      evaluation
        .read(misfits)
        .flatMap(({ placed, why }) => [
          ...(why === 'gone'
            ? [
                edit(
                  MOVE,
                  `${placed.part.name} in ${placed.compartment.name}, where it is weighed now`,
                  placed,
                  { ...AS_THE_COMPARTMENT, compartmentId: placed.compartment.id },
                ),
              ]
            : [
                edit(
                  MOVE,
                  `${placed.part.name}: as long and deep as ${placed.compartment.name}`,
                  placed,
                  AS_THE_COMPARTMENT,
                ),
                ...elsewhere(evaluation, placed),
              ]),
        ]),
  },
  {
    kind: OFF,
    helps: ['shelvingFits', 'comesOut'],
    offer: (evaluation) => [
      ...evaluation.read(misfits).map(({ placed }) => off(placed)),
      ...evaluation.read(stuck).map(off),
      ...evaluation.read(openClashes).flatMap(({ a, b }) => [off(a), off(b)]),
    ],
  },
  {
    kind: MOVE,
    helps: ['comesOut'],
    offer: (evaluation) => [
      ...evaluation
        .read(stuck)
        .flatMap((placed) => [
          edit(
            MOVE,
            `${placed.part.name}: no larger than the doorway of ${placed.compartment.name}`,
            placed,
            AS_THE_COMPARTMENT,
          ),
          ...elsewhere(evaluation, placed),
        ]),
      ...evaluation
        .read(openClashes)
        .flatMap(({ a, b }) => [a, b])
        .filter(({ part }) => part.kind === 'swingBoard')
        .map((placed) => {
          const hinge = placed.line.hinge === 'rear' ? undefined : ('rear' as const);
          return edit(MOVE, `${nameOf(placed)} swings at its ${hinge ?? 'front'} end`, placed, {
            hinge,
          } as Change);
        }),
    ],
  },
  {
    kind: OTHER,
    helps: ['trayHigh', 'trayRoom'],
    offer: (evaluation) =>
      evaluation
        .read(trayHeights)
        .filter(({ placed: { part } }) => part.kind === 'tray')
        .flatMap(({ placed }) => instead(evaluation, placed, 'tip-down')),
  },
  {
    kind: OTHER,
    helps: ['trayRoom', 'trayHigh'],
    offer: (evaluation) =>
      evaluation
        .read(placedAll)
        .filter((placed) => outOf(placed) > 0 && placed.part.kind !== 'slideBoard')
        .flatMap((placed) => instead(evaluation, placed, 'shelf')),
  },
];
