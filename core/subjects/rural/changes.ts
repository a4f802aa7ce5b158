import { freshId, withBlock } from '../../build/index.js';
import { atOnce } from '../../kernel/index.js';
import type { ChangeKind, Changes } from '../../kernel/index.js';
import { within } from '../../units/index.js';
import { equipmentShelf, usualPlaceOf } from '../equipment/index.js';
import type { Equipment } from '../equipment/index.js';
import { WATER_BY_NAMES, withWaterBy } from './block.js';
import { carried } from './carried.js';
import { wayIn, waysIn } from './sites.js';

const SUPPLY: ChangeKind = { id: 'waterSupply', title: 'Water supply' };

/** A piece more on the list of equipment: where the others for water supply ride. */
const adding = (evaluation: Parameters<Changes['offer']>[0], wanted: (part: Equipment) => boolean) =>
  equipmentShelf
    .in(evaluation.build)
    .suiting(evaluation.build.type)
    .filter(wanted)
    .map((part) =>
      atOnce(
        SUPPLY,
        `${part.name} added`,
        (on) =>
          withBlock(on, 'equipment', {
            lines: [
              ...on.equipment.lines,
              { id: freshId(), partId: part.id, count: 1, compartmentId: usualPlaceOf(part, on) },
            ],
          }),
        part.id,
      ),
    );

export const ruralChanges: Changes[] = [
  {
    kind: SUPPLY,
    helps: ['suctionReach'],
    offer: (evaluation) => adding(evaluation, ({ suctionFt }) => suctionFt !== undefined),
  },
  {
    kind: SUPPLY,
    helps: ['foldingTank', 'shuttle'],
    offer: (evaluation) => {
      const tank = evaluation.read(carried).find(({ part }) => part.foldingGal !== undefined);
      const larger = ({ foldingGal = 0 }: Equipment) => foldingGal > (tank?.part.foldingGal ?? 0);
      return tank
        ? equipmentShelf
            .in(evaluation.build)
            .suiting(evaluation.build.type)
            .filter(larger)
            .map((part) =>
              atOnce(
                SUPPLY,
                `${part.name} instead of ${within(tank.part.name)}`,
                (on) =>
                  withBlock(on, 'equipment', {
                    lines: on.equipment.lines.map((line) =>
                      line.id === tank.id ? { ...line, partId: part.id } : line,
                    ),
                  }),
                part.id,
              ),
            )
        : adding(evaluation, larger);
    },
  },
  {
    kind: SUPPLY,
    helps: ['shuttle'],
    offer: (evaluation) => {
      const now = evaluation.read(wayIn);
      return evaluation
        .read(waysIn)
        .filter(({ by }) => by !== now?.by)
        .map(({ by }) =>
          atOnce(SUPPLY, `A tanker’s water ${within(WATER_BY_NAMES[by])}`, (on) => withWaterBy(on, by), by),
        );
    },
  },
];
