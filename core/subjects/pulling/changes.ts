import { atOnce } from '../../kernel/index.js';
import type { ChangeKind, Changes } from '../../kernel/index.js';
import { feet, within } from '../../units/index.js';
import {
  bedded,
  bedsIn,
  loadsIn,
  suitsBed,
  withBoards,
  withCrosslaysAt,
  withLoad,
  withLying,
} from '../hose/index.js';

const BOARDS: ChangeKind = { id: 'boards', title: 'Steps at the pump house' };
const MODULE: ChangeKind = { id: 'crosslays', title: 'Where the crosslays lie', costs: 'much' };
const LYING: ChangeKind = { id: 'lying', title: 'How loads lie in a bed' };

export const pullingChanges: Changes[] = [
  {
    kind: BOARDS,
    helps: ['grip'],
    offer: ({ build }) =>
      build.hose.boards === undefined && bedsIn(build).some(({ kind }) => kind === 'crosslay')
        ? [atOnce(BOARDS, 'A step on each side of the pump house', (on) => withBoards(on, true))]
        : [],
  },
  {
    kind: MODULE,
    helps: ['grip'],
    offer: ({ build }) =>
      (build.hose.crosslaysAt ?? 'over') === 'over' && bedsIn(build).some(({ kind }) => kind === 'crosslay')
        ? [atOnce(MODULE, 'Crosslays in a module behind the pump', (on) => withCrosslaysAt(on, 'behind'))]
        : [],
  },
  {
    // What lies over a line goes under it, beside it, or into a bed of its own.
    kind: LYING,
    helps: ['buried'],
    offer: (evaluation) => {
      const { build } = evaluation;
      return evaluation
        .read(bedded)
        .filter(({ nth }) => nth > 0)
        .flatMap(({ id, lengthFt, hose, bed, bedId }) => {
          const name = `${feet(lengthFt)} of ${hose.name}`;
          return [
            atOnce(
              LYING,
              `${name} beside what it lies on in ${within(bed.name)}`,
              (on) => withLying(on, id, 'beside'),
              id,
            ),
            atOnce(
              LYING,
              `${name} under what it lies on in ${within(bed.name)}`,
              (on) => withLying(on, id, 'under'),
              id,
            ),
            ...bedsIn(build)
              .filter(
                (other) =>
                  other.id !== bedId && suitsBed(other, hose) && loadsIn(build, other.id).length === 0,
              )
              .map((other) =>
                atOnce(
                  LYING,
                  `${name} in ${within(other.name)}`,
                  (on) => withLoad(on, id, { bedId: other.id }),
                  id,
                ),
              ),
          ];
        });
    },
  },
];
