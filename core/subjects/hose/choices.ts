import type { Build } from '../../build/index.js';
import { amountChoice, hasChoice, NONE, partOptions, pickChoice } from '../../kernel/index.js';
import type { AbsentChoice, Choice, Evaluation } from '../../kernel/index.js';
import { beds } from '../../truck/index.js';
import { counted, formatWhole } from '../../units/index.js';
import { pumpIn, pumpShelf } from '../pump/index.js';
import { bedsIn, isDivided, isFlatbed, suitsBed } from './beds.js';
import type { Bed } from './beds.js';
import { boardsChoice } from './boards.js';
import { hoseBlock, hoseShelf, loadsIn } from './block.js';
import type { HoseLoad } from './block.js';
import { coverChoices } from './covers.js';
import {
  LIES,
  LIES_NAMES,
  nextIdIn,
  USUAL_HOSE_FT,
  withDead,
  withLoad,
  withLying,
  withNewLoad,
  withReel,
  withReelSaid,
} from './edits.js';
import { nthIn } from './named.js';
import { ownBedChoices } from './own-beds.js';
import { DRUM_IN } from './packing/index.js';
import { dividerChoices, wallChoices } from './main-bed.js';
import { REEL_NAMES, REEL_PLACES, reelIdAt, reelsIn } from './reels.js';

/** What can be chosen of one load, or of room for one more. */
function loadChoices(
  build: Build,
  bed: Bed,
  load: HoseLoad | undefined,
  nth: number,
  loadId: string,
): Choice[] {
  const stock = hoseShelf.in(build);
  const more = nth === 0 ? '' : `-${loadId}`;
  const named = nthIn(bed.name, nth);
  const pick: Choice = {
    kind: 'pick',
    id: `${bed.id}-hose${more}`,
    title: named,
    compact: true,
    options: [
      { id: NONE, label: 'Empty', chosen: !load, build: load ? withLoad(build, load.id, null) : build },
      ...partOptions(
        stock.all().filter((hose) => suitsBed(bed, hose)),
        ({ id }) => id === load?.partId,
        ({ id }) =>
          load ? withLoad(build, load.id, { partId: id }) : withNewLoad(build, bed.id, id, undefined, loadId),
      ),
    ],
  };
  if (!load) return [pick];
  const { finish: finishes, lengthFt: lengths } = hoseBlock.fields.loads.fields;
  const finish = pickChoice(
    `${bed.id}-finish${more}`,
    { ...finishes, title: `${named}, packed as` },
    load.finish,
    build,
    (to) => withLoad(build, load.id, { finish: to }),
    'flat',
  );
  const connected: Choice = {
    kind: 'pick',
    id: `${bed.id}-dead${more}`,
    title: `${named}, is`,
    compact: true,
    options: [
      { id: 'ready', label: 'kept connected', dead: false },
      { id: 'dead', label: 'a dead lay', dead: true },
    ].map(({ dead, ...option }) => {
      const chosen = dead === (load.dead !== undefined);
      return { ...option, chosen, build: chosen ? build : withDead(build, load.id, dead) };
    }),
  };
  const lying: Choice = {
    kind: 'pick',
    id: `${bed.id}-lies${more}`,
    title: `${named}, lies`,
    compact: true,
    options: LIES.map((lies) => {
      const chosen = lies === (load.beside ? 'beside' : 'on');
      return {
        id: lies,
        label: LIES_NAMES[lies],
        chosen,
        build: chosen ? build : withLying(build, load.id, lies),
      };
    }),
  };
  const length = {
    ...lengths,
    title: `Length in ${named.toLowerCase()}`,
    step: stock.part(load.partId).sectionFt,
    usual: [0, USUAL_HOSE_FT[bed.kind]] as const,
  };
  return [
    pick,
    amountChoice(`${bed.id}-length${more}`, length, load.lengthFt, (lengthFt) =>
      withLoad(build, load.id, { lengthFt }),
    ),
    ...(bed.kind === 'reel' ? [] : [finish]),
    ...(nth > 0 ? [lying] : []),
    ...(bed.kind !== 'reel' && stock.part(load.partId).use !== 'supply' ? [connected] : []),
  ];
}

/** What can be chosen of a bed: each load in it, and one more where it has some. */
function bedChoices(build: Build, bed: Bed): Choice[] {
  const loads = loadsIn(build, bed.id);
  const more =
    loads.length === 0 || (bed.kind !== 'reel' && build.hose.loads.length < hoseBlock.fields.loads.most);
  return [
    ...loads.flatMap((load, nth) => loadChoices(build, bed, load, nth, load.id)),
    ...(more ? loadChoices(build, bed, undefined, loads.length, nextIdIn(build, bed.id)) : []),
  ];
}

/** Reels, each in a place of its own. */
function reelChoice(build: Build): Choice {
  const flatbed = isFlatbed(build);
  const there = new Set(reelsIn(build, flatbed).map(({ at }) => at));
  return {
    kind: 'toggle',
    id: 'reels',
    title: 'Reels',
    options: REEL_PLACES.map((at) => ({
      id: reelIdAt(at),
      label: REEL_NAMES[at],
      chosen: there.has(at),
      ...(flatbed || there.has(at) ? {} : { seldom: true as const }),
      build: withReel(build, at, !there.has(at)),
    })),
  };
}

/** What is said of each reel that was asked for: how its hose is wound back, guide rollers, drum. */
const reelLineChoices = (build: Build): Choice[] =>
  (build.hose.reels ?? []).flatMap((reel): Choice[] => {
    const { id, at, rewind, roller, drumIn = DRUM_IN } = reel;
    const named = REEL_NAMES[at];
    const said = (change: Partial<typeof reel>) => withReelSaid(build, id, change);
    const { drumIn: drum, rewind: rewinds, roller: rollers } = hoseBlock.fields.reels.fields;
    return [
      {
        ...pickChoice(
          `${id}-rewind`,
          { ...rewinds, title: `${named}: hose is wound back` },
          rewind,
          build,
          (to) => said({ rewind: to }),
          'electric',
        ),
        fine: true,
      },
      hasChoice(
        `${id}-roller`,
        `${named}: hose runs over`,
        { id: 'roller', label: rollers.title },
        roller !== undefined,
        (on) => said({ roller: on ? 'yes' : undefined }),
      ),
      {
        ...amountChoice(`${id}-drum`, { ...drum, title: `${named}: drum` }, drumIn, (to) =>
          to === drumIn ? build : said({ drumIn: to === DRUM_IN ? undefined : to }),
        ),
        fine: true,
      },
    ];
  });

/** The beds that this truck has none of, and what would bring them. */
export function absentHose(build: Build): AbsentChoice[] {
  const beds = bedsIn(build);
  const have = beds.filter(({ kind }) => kind === 'crosslay').length;
  const most = Math.max(
    ...pumpShelf
      .in(build)
      .all()
      .map(({ crosslays }) => crosslays),
  );
  const pump = pumpIn(build);
  const carried = pump ? `this one carries ${have === 0 ? 'none' : formatWhole(have)}` : 'there is no pump';
  const crosslays: AbsentChoice[] =
    have === 0
      ? [{ id: 'crosslay-1-hose', title: 'Crosslays', because: `need a pump that carries them: ${carried}` }]
      : Array.from({ length: Math.max(0, most - have) }, (_, i) => ({
          id: `crosslay-${have + i + 1}-hose`,
          title: `Crosslay ${have + i + 1}`,
          because: `needs a pump that carries ${counted(have + i + 1, 'crosslay')}: ${carried}`,
        }));
  const well = beds.some(({ kind }) => kind === 'well')
    ? []
    : [{ id: 'bumper-well-hose', title: 'Bumper well', because: 'needs a hose well on the front bumper' }];
  const dividers = isDivided(build)
    ? []
    : [
        {
          id: 'dividers',
          title: 'Dividers in the hose bed',
          because: isFlatbed(build)
            ? 'need a body with a hose bed: this one is an open bed'
            : 'need a hose bed across the truck: here it lies on both sides of the ladder',
        },
      ];
  return [...crosslays, ...well, ...dividers];
}

/** What can be chosen of the hose: walls, dividers, reels, then bed by bed. */
export const hoseChoices = (build: Build, evaluated: () => Evaluation): Choice[] => [
  ...wallChoices(build, evaluated),
  ...dividerChoices(build, evaluated),
  ...coverChoices(build),
  ...boardsChoice(build),
  reelChoice(build),
  ...reelLineChoices(build),
  ...ownBedChoices(build, (id) =>
    evaluated()
      .read(beds)
      .find((bed) => bed.id === id),
  ),
  ...bedsIn(build).flatMap((bed) => bedChoices(build, bed)),
];
