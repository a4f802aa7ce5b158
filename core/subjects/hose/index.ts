import { withBlock } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import {
  amountChoice,
  atLeast,
  boxOf,
  check,
  fits,
  inSteps,
  isUsual,
  limitKind,
  NONE,
  partOptions,
  range,
  reading,
  way,
} from '../../kernel/index.js';
import type { ChangeKind, Changes, Choice, Evaluation, Grip, Subject } from '../../kernel/index.js';
import { beds } from '../../truck/index.js';
import type { BedKind } from '../../truck/index.js';
import { counted, feet, hoseSize, inches, IN3_PER_FT3, listed, within } from '../../units/index.js';
import { bumperItemShelf, withBumperItem } from '../bumper/index.js';
import { bedsIn, dividersIn, isDivided, isFlatbed, suitsBed } from './beds.js';
import type { Bed } from './beds.js';
import {
  hoseBlock,
  hoseProblems,
  hoseShelf,
  loadsIn,
  settleHose,
  USUAL_HOSE_FT,
  withDividerAt,
  withDividers,
  withLoad,
  withNewLoad,
  withReel,
} from './block.js';
import type { HoseLoad } from './block.js';
import { REEL_NAMES, REEL_PLACES, reelIdAt, reelsIn } from './reels.js';
import { bedsPlace, hoseAlong, hoseCarried, hoseComponents, hoseFit, hoseTakes } from './place.js';

export { bedsIn, suitsBed } from './beds.js';
export type { Bed } from './beds.js';
export {
  hoseShelf,
  loadsIn,
  withCrosslaysAt,
  withDividerAt,
  withDividers,
  withLoad,
  withNewLoad,
  withReel,
} from './block.js';
export type { HoseLoad } from './block.js';
export { packedHeightIn } from './place.js';

const limits = {
  hoseBedFt3: limitKind(`Hose beds for ${hoseSize(2.5)} and larger`, 'ft3', 'least', 0, 300),
  preconnectFt3: limitKind('Beds of two preconnected lines, each', 'ft3', 'least', 0, 50),
  supplyHoseFt: limitKind(`Hose of ${hoseSize(2.5)} and larger`, 'ft', 'least', 0, 5000),
  attackHoseFt: limitKind('Attack hose', 'ft', 'least', 0, 5000),
  hose15Ft: limitKind(`Hose of ${hoseSize(1.5)}`, 'ft', 'least', 0, 5000),
  hose1Ft: limitKind(`Hose of ${hoseSize(1)}`, 'ft', 'least', 0, 5000),
};

/** What the beds of some kinds hold, ft³, largest first. */
const bedsFt3 = (...kinds: BedKind[]) =>
  reading('hose', [beds], (all) =>
    all
      .filter(({ kind }) => kinds.includes(kind))
      .map((bed) => ((bed.x1 - bed.x0) * bed.widthIn * bed.depthIn) / IN3_PER_FT3)
      .sort((a, b) => b - a),
  );
const carriedFt = (from: number, below: number) =>
  reading('hose', [hoseCarried], (all) =>
    all
      .filter(({ sizeIn }) => sizeIn >= from && sizeIn < below)
      .reduce((sum, { lengthFt }) => sum + lengthFt, 0),
  );
const least = (id: string, limit: keyof typeof limits, actual: Parameters<typeof atLeast>[5]) =>
  atLeast('hose', id, limit, limits[limit], ['hose'], actual);

/** Hose of this nominal diameter and larger is supply hose, in; attack hose is from 1½ in to there. */
const SUPPLY_IN = 2.5;
const ATTACK_IN = 1.5;
const TWO_IN = 2;
/** One inch and no other. */
const ONE_IN = [1, 1.0001] as const;

const checks = [
  check('hose', { id: 'hoseFits', title: 'Hose fits its beds', steps: ['hose'] }, [hoseFit], (fit) => {
    if (fit.length === 0) return null;
    const { bedName, neededIn, depthIn } = fit.reduce((worst, next) =>
      next.neededIn - next.depthIn > worst.neededIn - worst.depthIn ? next : worst,
    );
    return fits(
      neededIn,
      depthIn,
      neededIn > depthIn
        ? `${bedName}: the hose stands ${inches(neededIn)} high in a bed ${inches(depthIn)} deep.`
        : `Fullest is ${bedName.toLowerCase()}: ${inches(neededIn)} of ${inches(depthIn)}.`,
    );
  }),
  least(
    'hoseBeds',
    'hoseBedFt3',
    reading('hose', [bedsFt3('main', 'tray')], (all) => all.reduce((sum, ft3) => sum + ft3, 0)),
  ),
  least(
    'preconnects',
    'preconnectFt3',
    reading('hose', [bedsFt3('crosslay', 'well', 'tray')], (all) => all[1] ?? 0),
  ),
  least('supplyHose', 'supplyHoseFt', carriedFt(SUPPLY_IN, Infinity)),
  least('attackHose', 'attackHoseFt', carriedFt(ATTACK_IN, SUPPLY_IN)),
  least('hose15', 'hose15Ft', carriedFt(ATTACK_IN, TWO_IN)),
  least('hose1', 'hose1Ft', carriedFt(...ONE_IN)),
];

const HOSE: ChangeKind = { id: 'hose', title: 'Hose loads', costs: 'givesUp' };
/** Loads from this length on may be made shorter; and how long one may become when more is looked for, ft. */
const SHORT_LOAD_FT = 200;
const MOST_LOOKED_AT_FT = 1500;

const changes: Changes[] = [
  {
    kind: HOSE,
    helps: ['load', 'hoseFits'],
    offer: ({ build }) =>
      build.hose.loads
        .filter(({ lengthFt }) => lengthFt >= SHORT_LOAD_FT)
        .map(({ id, partId, lengthFt: now }) => {
          const hose = hoseShelf.in(build).part(partId);
          return inSteps(
            HOSE,
            range(now, now / 2, hose.sectionFt).map((lengthFt) => ({
              label: `${feet(lengthFt)} of ${hose.name} instead of ${feet(now)}`,
              edit: (on) => withLoad(on, id, { lengthFt }),
            })),
            id,
          );
        }),
  },
  {
    // Each bed: more of what lies in it, or some of each hose that suits it where it is empty.
    kind: HOSE,
    helps: ['supplyHose', 'attackHose', 'hose15', 'hose1'],
    offer: ({ build }) =>
      bedsIn(build).flatMap((bed) => {
        const stock = hoseShelf.in(build);
        const loads = loadsIn(build, bed.id);
        const longer = loads.map((load) => ({
          hose: stock.part(load.partId),
          from: load.lengthFt,
          instead: ` instead of ${feet(load.lengthFt)}`,
          of: load.id,
          edit: (on: Build, lengthFt: number) => withLoad(on, load.id, { lengthFt }),
        }));
        const first = stock
          .all()
          .filter((hose) => suitsBed(bed, hose))
          .map((hose) => ({
            hose,
            from: 0,
            instead: '',
            of: bed.id,
            edit: (on: Build, lengthFt: number) => withNewLoad(on, bed.id, hose.id, lengthFt),
          }));
        return (loads.length > 0 ? longer : first).map(({ hose, from, instead, of, edit }) =>
          inSteps(
            HOSE,
            range(from, MOST_LOOKED_AT_FT, hose.sectionFt).map((lengthFt) => ({
              label: `${feet(lengthFt)} of ${hose.name} in ${within(bed.name)}${instead}`,
              edit: (on) => edit(on, lengthFt),
            })),
            of,
          ),
        );
      }),
  },
];

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

/** Dividers of the main bed: how many, and where each stands. */
function dividerChoices(build: Build, evaluated: () => Evaluation): Choice[] {
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

/** A divider is taken hold of at the back of the bed: so long and wide, in. */
const GRIP_IN = { length: 24, width: 4 };

function grips(evaluation: Evaluation): Grip[] {
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
    at: `${inches(yIn)} to the officer’s side`,
    moved: ({ y = 0 }) => withDividerAt(build, id, yIn + y),
  }));
}

/** The walls of the main bed: how high, and how far apart. */
function wallChoices(build: Build, evaluated: () => Evaluation): Choice[] {
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

const choices = (build: Build, evaluated: () => Evaluation): Choice[] => [
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

/** The line at the bumper that is asked about. */
const BUMPER_LINE = { partId: 'attack-1.75', lengthFt: 100 };
const WELL = 'hose-well';

/** The hose in its beds: loads, crosslays, trays, the reel. */
export const hose: Subject = {
  id: 'hose',
  title: 'Hose loads',
  step: () => true,
  shelves: [hoseShelf],
  limits,
  block: hoseBlock,
  settle: settleHose,
  problems: hoseProblems,
  along: hoseAlong,
  takes: hoseTakes,
  provides: [bedsPlace],
  components: hoseComponents,
  figures: [
    {
      id: 'hoseCarried',
      title: 'Hose carried',
      unit: 'ft',
      harm: { way: 'down', each: 50 },
      reading: carriedFt(0, Infinity),
    },
    {
      id: 'hoseBed',
      title: 'Hose bed floor',
      unit: 'in',
      harm: { way: 'up', each: 3 },
      reading: reading('hose', [beds], (all) =>
        Math.max(
          0,
          ...all.filter(({ kind }) => kind === 'main' || kind === 'tray').map(({ floorIn }) => floorIn),
        ),
      ),
    },
  ],
  checks,
  changes,
  choices,
  grips,
  questions: [
    {
      id: 'bumperLine',
      step: 'bumper',
      question: 'A line at the bumper, or none?',
      ways: (build, { house }) => {
        const chosen = build.bumper.lines.some(({ partId }) => partId === WELL);
        const item = bumperItemShelf.in(build).find(WELL);
        const tried = house.settle(withBumperItem(build, WELL, true));
        if (!item || !isUsual(item, build.type) || !tried.bumper.lines.some(({ partId }) => partId === WELL))
          return [];
        const line = withNewLoad(
          tried,
          bedsIn(tried).find(({ kind }) => kind === 'well')!.id,
          BUMPER_LINE.partId,
          BUMPER_LINE.lengthFt,
        );
        return [
          way(
            'line',
            'A line at the bumper',
            'Short and soon at work on a car or a bin; all of it on the front axle.',
            chosen,
            chosen ? build : line,
          ),
          way(
            'none',
            'None',
            'Spares the front axle; the crosslays do its work.',
            !chosen,
            withBumperItem(build, WELL, false),
          ),
        ];
      },
    },
  ],
  sentence: ({ build }) => {
    const loads = build.hose.loads.filter(({ lengthFt }) => lengthFt > 0);
    if (loads.length === 0) return 'No hose shall be carried.';
    const all = bedsIn(build);
    const said = loads.map(
      ({ lengthFt, partId, bedId }) =>
        `${feet(lengthFt)} of ${hoseShelf.in(build).part(partId).name} in the ${within(all.find(({ id }) => id === bedId)?.name ?? bedId)}`,
    );
    return `Hose beds shall take ${listed(said)}.`;
  },
  line: ({ build }) => {
    const loads = build.hose.loads.filter(({ lengthFt }) => lengthFt > 0);
    return loads.length === 0
      ? 'none'
      : `${feet(loads.reduce((sum, { lengthFt }) => sum + lengthFt, 0))} in ${counted(loads.length, 'load')}`;
  },
};
