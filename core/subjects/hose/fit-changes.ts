import { withBlock } from '../../build/index.js';
import { atOnce, inSteps, range } from '../../kernel/index.js';
import type { Candidate, ChangeKind, Changes, Evaluation } from '../../kernel/index.js';
import { asideInWords, feet, inches, within } from '../../units/index.js';
import { bedsIn, dividersIn, isDivided, suitsBed } from './beds.js';
import { hoseBlock, loadsIn } from './block.js';
import { withDividerAt, withFinish, withLoad, withNewLoad } from './edits.js';
import { bedded } from './loads.js';
import type { BeddedLoad } from './loads.js';
import { FINISH_NAMES, FINISHES } from './packing/index.js';

const FINISH: ChangeKind = { id: 'hoseFinish', title: 'How hose is packed' };
const BED: ChangeKind = { id: 'hoseBed', title: 'Which bed hose lies in' };
const DIVIDER: ChangeKind = { id: 'divider', title: 'Divider of the hose bed' };
const WALLS: ChangeKind = { id: 'bedWalls', title: 'Walls of the hose bed' };
/** A divider is moved up to so far, walls are raised by as much, in. */
const DIVIDER_MOST_IN = 16;
const WALLS_MOST_IN = 12;

type Offer = (load: BeddedLoad, evaluation: Evaluation) => Candidate[];

const named = ({ hose, bed }: BeddedLoad) => `${hose.name} in ${within(bed.name)}`;

const otherFinish: Offer = (load) =>
  load.bed.kind === 'reel'
    ? []
    : FINISHES.filter((finish) => finish !== load.finish).map((finish) =>
        atOnce(
          FINISH,
          `${named(load)}: ${within(FINISH_NAMES[finish])}`,
          (on) => withFinish(on, load.id, finish),
          load.id,
        ),
      );

/** All of it, what is left over, or half of it in another bed that is empty. */
const otherBed: Offer = (load, { build }) => {
  const { id, hose, lengthFt, packed } = load;
  const halfFt = Math.ceil(lengthFt / 2 / hose.sectionFt) * hose.sectionFt;
  return bedsIn(build)
    .filter((bed) => bed.id !== load.bedId && suitsBed(bed, hose) && loadsIn(build, bed.id).length === 0)
    .flatMap((bed) => {
      const parted = (restFt: number) =>
        atOnce(
          BED,
          `${feet(restFt)} of ${named(load)} in ${within(bed.name)}`,
          (on) =>
            withNewLoad(
              withLoad(on, id, { lengthFt: lengthFt - restFt }),
              bed.id,
              load.partId,
              restFt,
              `${id}-rest`,
            ),
          id,
        );
      const parts = [...new Set([packed.leftFt, lengthFt - halfFt])].filter((ft) => ft > 0 && ft < lengthFt);
      return [
        ...parts.map(parted),
        atOnce(
          BED,
          `${named(load)}: all of it in ${within(bed.name)}`,
          (on) => withLoad(on, id, { bedId: bed.id }),
          id,
        ),
      ];
    });
};

/** The dividers beside a part of the main bed, each moved away from it. */
const otherDivider: Offer = ({ bed }, { build }) =>
  bed.kind !== 'main' || !isDivided(build)
    ? []
    : dividersIn(build)
        .filter(({ yIn }) => Math.abs(Math.abs(yIn - bed.yCenter) - bed.widthIn / 2) <= 2)
        .map(({ id, yIn }) => {
          const away = Math.sign(yIn - bed.yCenter);
          return inSteps(
            DIVIDER,
            range(yIn, yIn + away * DIVIDER_MOST_IN, 1).map((to) => ({
              label: `Divider ${asideInWords(to)} instead of ${asideInWords(yIn)}`,
              edit: (on) => withDividerAt(on, id, to),
            })),
            id,
          );
        });

const deeper: Offer = ({ bed }) => {
  const { max } = hoseBlock.fields.wallsIn;
  return bed.kind !== 'main'
    ? []
    : [
        inSteps(
          WALLS,
          range(bed.depthIn, Math.min(max, bed.depthIn + WALLS_MOST_IN), 1).map((wallsIn) => ({
            label: `Walls ${inches(wallsIn)} high instead of ${inches(bed.depthIn)}`,
            edit: (on) => withBlock(on, 'hose', { wallsIn }),
          })),
        ),
      ];
};

const forLeftOver = (kind: ChangeKind, offer: Offer): Changes => ({
  kind,
  helps: ['hoseFits'],
  offer: (evaluation) =>
    evaluation
      .read(bedded)
      .filter(({ packed }) => packed.leftFt > 0)
      .flatMap((load) => offer(load, evaluation)),
});

/** What gives hose that is left over its place: packed otherwise, in another bed, with the divider or walls moved. */
export const fitChanges: Changes[] = [
  forLeftOver(FINISH, otherFinish),
  forLeftOver(BED, otherBed),
  forLeftOver(DIVIDER, otherDivider),
  forLeftOver(WALLS, deeper),
];
