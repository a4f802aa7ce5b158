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
  noneOf,
} from '../../kernel/index.js';
import type { ChangeKind, Changes, Choice, Subject } from '../../kernel/index.js';
import { clumps } from '../../truck/index.js';
import { counted, listed, within } from '../../units/index.js';
import { chosenPump, pumpBlock, pumpIn, pumpShelf, settlePump, suiting, withPump } from './block.js';
import { PANEL_NAMES, pumpInShort, pumpSentence } from './words.js';
import { pumpQuestions } from './questions.js';
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
  questions: pumpQuestions,
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
