import type { Build } from '../../build/index.js';
import { amountChoice, NONE, partOptions } from '../../kernel/index.js';
import type { AbsentChoice, Choice, Evaluation } from '../../kernel/index.js';
import { counted, formatWhole } from '../../units/index.js';
import { pumpIn, pumpShelf } from '../pump/index.js';
import { bedsIn, isDivided, isFlatbed, suitsBed } from './beds.js';
import type { Bed } from './beds.js';
import { hoseBlock, hoseShelf, loadsIn, USUAL_HOSE_FT, withLoad, withNewLoad, withReel } from './block.js';
import type { HoseLoad } from './block.js';
import { dividerChoices, wallChoices } from './main-bed.js';
import { REEL_NAMES, REEL_PLACES, reelIdAt, reelsIn } from './reels.js';

/** What can be chosen of one load, or of a bed with none. */
function loadChoices(build: Build, bed: Bed, load: HoseLoad | undefined, nth: number): Choice[] {
  const stock = hoseShelf.in(build);
  const more = nth === 0 ? '' : `-${load!.id}`;
  const named = nth === 0 ? bed.name : `${bed.name}, load ${nth + 1}`;
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
        ({ id }) => (load ? withLoad(build, load.id, { partId: id }) : withNewLoad(build, bed.id, id)),
      ),
    ],
  };
  if (!load) return [pick];
  const length = {
    ...hoseBlock.fields.loads.fields.lengthFt,
    title: `Length in ${named.toLowerCase()}`,
    step: stock.part(load.partId).sectionFt,
    usual: [0, USUAL_HOSE_FT[bed.kind]] as const,
  };
  return [
    pick,
    amountChoice(`${bed.id}-length${more}`, length, load.lengthFt, (lengthFt) =>
      withLoad(build, load.id, { lengthFt }),
    ),
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
  reelChoice(build),
  ...bedsIn(build).flatMap((bed) => {
    const loads = loadsIn(build, bed.id);
    return loads.length === 0
      ? loadChoices(build, bed, undefined, 0)
      : loads.flatMap((load, nth) => loadChoices(build, bed, load, nth));
  }),
];
