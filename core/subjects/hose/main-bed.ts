import { withBlock } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import { amountChoice, boxOf } from '../../kernel/index.js';
import type { Choice, Evaluation, Grip } from '../../kernel/index.js';
import { beds } from '../../truck/index.js';
import { asideInWords } from '../../units/index.js';
import { dividersIn, isDivided, isFlatbed } from './beds.js';
import { hoseBlock } from './block.js';
import { withDividerAt, withDividers } from './edits.js';

/** Dividers of the main bed: how many, and where each stands. */
export function dividerChoices(build: Build, evaluated: () => Evaluation): Choice[] {
  if (!isDivided(build)) return [];
  const all = dividersIn(build);
  const field = hoseBlock.fields.dividers;
  return [
    {
      kind: 'amount',
      id: 'dividers',
      title: 'Dividers in the hose bed',
      unit: '',
      min: 0,
      max: field.most,
      step: 1,
      value: all.length,
      set: (count) => (count === all.length ? build : withDividers(build, count, widthOfMain(evaluated()))),
    },
    ...all.map(({ id, yIn }, i) =>
      amountChoice(
        `divider-${id}`,
        {
          ...field.fields.yIn,
          title:
            all.length > 1 ? `Divider ${i + 1}, to the officer’s side` : 'Divider, to the officer’s side',
          usual: [-20, 20],
        },
        yIn,
        (to) => (to === yIn ? build : withDividerAt(build, id, to)),
      ),
    ),
  ];
}

const mainBeds = (evaluation: Evaluation) => evaluation.read(beds).filter(({ kind }) => kind === 'main');

/** How wide the main bed is in all, in. */
function widthOfMain(evaluation: Evaluation): number {
  const all = mainBeds(evaluation);
  const edges = all.flatMap(({ yCenter, widthIn }) => [yCenter - widthIn / 2, yCenter + widthIn / 2]);
  return edges.length === 0 ? 0 : Math.max(...edges) - Math.min(...edges);
}

const depthOfMain = (evaluation: Evaluation): number => mainBeds(evaluation)[0]?.depthIn ?? 0;

/** A divider is taken hold of at the rear of the bed: so long and wide, in. */
const GRIP_IN = { length: 24, width: 4 };

/** Each divider, to be moved across. */
export function dividerGrips(evaluation: Evaluation): Grip[] {
  const { build } = evaluation;
  const [bed] = mainBeds(evaluation);
  if (!bed || !isDivided(build)) return [];
  return dividersIn(build).map(({ id, yIn }) => ({
    id: `divider-${id}`,
    title: 'Hose bed divider',
    box: boxOf(
      bed.x1 - GRIP_IN.length,
      bed.x1,
      yIn - GRIP_IN.width / 2,
      yIn + GRIP_IN.width / 2,
      bed.floorIn,
      bed.floorIn + bed.depthIn,
    ),
    directions: ['y'],
    choice: `divider-${id}`,
    atIn: yIn,
    at: asideInWords(yIn),
    ends: hoseBlock.fields.dividers.fields.yIn,
    moved: ({ y = 0 }) => withDividerAt(build, id, yIn + y),
  }));
}

/** The walls of the main bed: how high, and how far apart. */
export function wallChoices(build: Build, evaluated: () => Evaluation): Choice[] {
  if (isFlatbed(build)) return [];
  const { wallsIn, bedWidthIn } = hoseBlock.fields;
  const depthNow = build.hose.wallsIn ?? depthOfMain(evaluated());
  const depth = amountChoice('bed-walls', { ...wallsIn, usual: [12, 40] }, depthNow, (to) =>
    to === depthNow ? build : withBlock(build, 'hose', { wallsIn: to }),
  );
  if (!isDivided(build)) return [depth];
  const widthNow = build.hose.bedWidthIn ?? widthOfMain(evaluated());
  return [
    depth,
    amountChoice('bed-width', { ...bedWidthIn, usual: [30, 80] }, widthNow, (to) =>
      to === widthNow ? build : withBlock(build, 'hose', { bedWidthIn: to }),
    ),
  ];
}
