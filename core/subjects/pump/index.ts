import type { Build } from '../../build/index.js';
import {
  atLeast,
  atOnce,
  check,
  each,
  inSteps,
  limitKind,
  NONE,
  partOptions,
  reading,
  way,
  noneOf,
} from '../../kernel/index.js';
import type { ChangeKind, Changes, Choice, Question, Subject } from '../../kernel/index.js';
import { clumps } from '../../truck/index.js';
import { counted, listed, within } from '../../units/index.js';
import { chosenPump, pumpBlock, pumpIn, pumpShelf, settlePump, withPump } from './block.js';
import type { Pump } from './parts.js';
import { PANEL_NAMES, pumpInShort, pumpSentence } from './words.js';
import { housePlace, pumpAlong, pumpComponents, pumpTakes } from './place.js';

export { PANEL_PLACE_NAMES } from './block.js';
export {
  chosenPump,
  panelAt,
  panelPlacesOf,
  placeOfPump,
  pumpAt,
  placesOf,
  pumpIn,
  pumpShelf,
  withPanelAt,
  withPump,
  withPumpAt,
} from './block.js';
export type { PanelPlace, PumpPlace } from './block.js';
export { netPsiAt, pumpAtFlow, testedCurve, waterHp } from './curve.js';
export type { CurvePoint, PumpInput, PumpResult } from './curve.js';
export { curveOf } from './parts.js';
export type { Pump } from './parts.js';
export { skid } from './place.js';

const limits = { pumpGpm: limitKind('Pump rating', 'gpm', 'least', 0, 5000) };
const ratedGpm = reading('pump', [chosenPump], (pump) => pump?.ratedGpm ?? 0);
const PUMP: ChangeKind = { id: 'pump', title: 'Pump' };
const suiting = (build: Build) => pumpShelf.in(build).suiting(build.type);

const changes: Changes[] = [
  {
    kind: PUMP,
    helps: ['pumpLeast', 'needsPump'],
    offer: (evaluation) => {
      const now = evaluation.read(ratedGpm);
      const larger = suiting(evaluation.build)
        .filter((pump) => pump.ratedGpm > now)
        .sort((a, b) => a.ratedGpm - b.ratedGpm);
      return [
        inSteps(
          PUMP,
          larger.map((pump) => ({ label: pump.name, edit: (on) => withPump(on, pump.id) })),
        ),
      ];
    },
  },
  {
    kind: PUMP,
    helps: ['pumpRoll'],
    offer: (evaluation) =>
      suiting(evaluation.build)
        .filter((part) => part.pumpAndRoll && part.ratedGpm >= (evaluation.limit('pumpGpm')?.value ?? 0))
        .map((part) => atOnce(PUMP, part.name, (on) => withPump(on, part.id))),
  },
  {
    kind: PUMP,
    helps: ['pumpPower'],
    offer: (evaluation) => {
      const now = evaluation.read(ratedGpm);
      const least = evaluation.limit('pumpGpm')?.value ?? 0;
      return suiting(evaluation.build)
        .filter((part) => part.ratedGpm < now && part.ratedGpm >= least)
        .map((part) => atOnce(PUMP, part.name, (on) => withPump(on, part.id)));
    },
  },
  {
    kind: PUMP,
    helps: ['preconnects'],
    offer: ({ build }) => {
      const now = pumpIn(build);
      const more = suiting(build).filter(
        (pump) => pump.crosslays > (now?.crosslays ?? 0) && pump.ratedGpm >= (now?.ratedGpm ?? 0),
      );
      return more.map((pump) => atOnce(PUMP, pump.name, (on) => withPump(on, pump.id)));
    },
  },
  {
    kind: PUMP,
    helps: ['budget'],
    offer: (evaluation) => {
      const least = Math.min(evaluation.read(ratedGpm), evaluation.limit('pumpGpm')?.value ?? 0);
      return suiting(evaluation.build)
        .filter((part) => part.ratedGpm >= least)
        .map((part) => atOnce(PUMP, part.name, (on) => withPump(on, part.id)));
    },
  },
];

/** Monitors, foam and the like, where there is no pump to feed them. */
const needingPump = each('pump', clumps, (clump) =>
  clump.filter(({ needs }) => needs === 'pump').map(({ name }) => name),
);

const needsPump = check(
  'pump',
  { id: 'needsPump', title: 'A pump for what needs one', steps: ['pump'] },
  [needingPump, chosenPump],
  (all, pump) => {
    const needing = all.flat();
    if (needing.length === 0) return null;
    const without = pump ? [] : needing;
    return noneOf(
      without.length,
      'fails',
      'What moves water needs a pump',
      without.length > 0
        ? `There is no pump for ${counted(without.length, 'thing')} that ${without.length === 1 ? 'needs' : 'need'} one: ${listed(without.map(within))}.`
        : `The pump feeds ${counted(needing.length, 'thing')}.`,
    );
  },
);

const choices = (build: Build): Choice[] => [
  {
    kind: 'pick',
    id: 'pump',
    title: 'Pump',
    options: [
      ...partOptions(
        pumpShelf.in(build).usualFirst(build.type),
        ({ id }) => id === build.pump.partId,
        ({ id }) => withPump(build, id),
        {
          words: (part) => (part.pumpAndRoll ? 'Pumps while driving' : 'Pumps standing still'),
          type: build.type,
        },
      ),
      {
        id: NONE,
        label: 'No pump',
        chosen: build.pump.partId === undefined,
        build: withPump(build, undefined),
      },
    ],
  },
];

const OWN_ENGINE = 'skid-250';
const POWER_TAKE_OFF = 'pto-250';

const questions: Question[] = [
  {
    id: 'panel',
    question: 'Side or enclosed top panel?',
    ways: (build) => {
      const pumps = build.type === 'pumper' ? suiting(build) : [];
      const now = pumpIn(build);
      const top = pumps.find((pump) => pump.panel === 'top');
      const side =
        top &&
        pumps.find(
          (pump) => pump.panel === 'side' && pump.drive === top.drive && pump.ratedGpm === top.ratedGpm,
        );
      if (!top || !side) return [];
      return [
        way(
          'side',
          'Side panel',
          'Short pump house; the operator stands in the street.',
          now?.panel === 'side',
          now?.panel === 'side' ? build : withPump(build, side.id),
        ),
        way(
          'top',
          'Enclosed top panel',
          'Out of traffic and weather, seeing both sides; takes length and weight.',
          now?.panel === 'top',
          now?.panel === 'top' ? build : withPump(build, top.id),
        ),
      ];
    },
  },
  {
    id: 'stages',
    question: 'One stage or two?',
    ways: (build) => {
      const now = pumpIn(build);
      const alike = suiting(build).filter(
        (pump) =>
          pump.panel === (now?.panel ?? 'side') &&
          pump.drive === 'midship' &&
          pump.ratedGpm === now?.ratedGpm,
      );
      const [one, two] = [alike.find(({ stages }) => !stages), alike.find(({ stages }) => stages === 2)];
      if (!now || !one || !two) return [];
      return [
        way(
          'one',
          'One stage',
          'Fewer parts and nothing to change over; high pressure takes a fast engine.',
          now.id === one.id,
          now.id === one.id ? build : withPump(build, one.id),
        ),
        way(
          'two',
          'Two stages',
          'Pressure for long lines and tall buildings at a quiet engine; weighs more, and somebody must change it over.',
          now.id === two.id,
          now.id === two.id ? build : withPump(build, two.id),
        ),
      ];
    },
  },
  {
    id: 'rolling',
    question: 'A pump that works standing still, or one that rolls?',
    ways: (build) => {
      const now = pumpIn(build);
      const side = build.type === 'pumper' ? suiting(build).filter(({ panel }) => panel === 'side') : [];
      const near = (drive: Pump['drive']) =>
        side
          .filter((pump) => pump.drive === drive && !pump.stages)
          .sort(
            (a, b) =>
              Math.abs(a.ratedGpm - (now?.ratedGpm ?? 0)) - Math.abs(b.ratedGpm - (now?.ratedGpm ?? 0)),
          )[0];
      const [midship, pto] = [near('midship'), near('pto')];
      if (!now || !midship || !pto) return [];
      return [
        way(
          'midship',
          'Midship, by a split shaft',
          'All of the engine for the pump; the truck stands while it works.',
          now.drive === 'midship',
          now.drive === 'midship' ? build : withPump(build, midship.id),
        ),
        way(
          'pto',
          'By a power take-off',
          'Wets grass and a burning car at a walking pace; what the take-off passes ends its flow.',
          now.drive === 'pto',
          now.drive === 'pto' ? build : withPump(build, pto.id),
        ),
      ];
    },
  },
  {
    id: 'drive',
    question: 'Own engine or power take-off?',
    ways: (build) =>
      build.type !== 'brush'
        ? []
        : [
            way(
              'own',
              'Own engine',
              'Pumps whatever the truck does; one more engine to keep.',
              build.pump.partId === OWN_ENGINE,
              withPump(build, OWN_ENGINE),
            ),
            way(
              'pto',
              'Power take-off',
              'No second engine, close behind the cab; pumps with the truck’s engine.',
              build.pump.partId === POWER_TAKE_OFF,
              withPump(build, POWER_TAKE_OFF),
            ),
          ],
  },
];

/** The pump with its house and panel. */
export const pump: Subject = {
  id: 'pump',
  title: 'Pump',
  step: () => true,
  shelves: [pumpShelf],
  limits,
  block: pumpBlock,
  settle: settlePump,
  takes: pumpTakes,
  along: pumpAlong,
  provides: [housePlace],
  components: pumpComponents,
  common: reading('pump', [chosenPump], (pump) =>
    pump ? [{ matter: 'controls', uses: PANEL_NAMES[pump.panel] }] : [],
  ),
  checks: [atLeast('pump', 'pumpLeast', 'pumpGpm', limits.pumpGpm, ['pump'], ratedGpm), needsPump],
  changes,
  choices,
  questions,
  sentence: (evaluation) => {
    const chosen = evaluation.read(chosenPump);
    return chosen ? pumpSentence(chosen) : 'There shall be no pump.';
  },
  line: (evaluation) => {
    const chosen = evaluation.read(chosenPump);
    return chosen ? pumpInShort(chosen) : 'None';
  },
  caution:
    'Pumps, hose and couplings hold pressure that can injure: ratings and service tests are the makers’ and the adopted standard’s.',
};
