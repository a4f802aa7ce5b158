import { atOnce } from '../../kernel/index.js';
import type { ChangeKind, Changes, Choice, Evaluation, Subject } from '../../kernel/index.js';
import type { Build } from '../../build/index.js';
import { mph } from '../../units/index.js';
import { chassisShelf, roadOf } from '../chassis/index.js';
import { roadBlock, withMarkers, withTopSpeed } from './block.js';
import { hasMarkers, mostTopSpeed, roadChecks, roadLimits, topSpeed } from './checks.js';

export { withMarkers, withTopSpeed } from './block.js';
export { highFt, pull, topSpeed } from './checks.js';
export { altitudeShare, GRIP, secondsTo, speedOn, startsOnPct, wheelHp } from './pull.js';
export type { Pull, Starting } from './pull.js';

const TOP_SPEED: ChangeKind = { id: 'topSpeed', title: 'Top speed' };
const SIDE_MARKERS: ChangeKind = { id: 'markers', title: 'Markers and signals' };

const changes: Changes[] = [
  {
    kind: TOP_SPEED,
    helps: ['topSpeed'],
    offer: (evaluation) => {
      const most = evaluation.read(mostTopSpeed);
      const now = evaluation.read(topSpeed);
      return most && now > most.limit.value
        ? [
            atOnce(TOP_SPEED, `Top speed limited to ${mph(most.limit.value)} instead of ${mph(now)}`, (on) =>
              withTopSpeed(on, most.limit.value),
            ),
          ]
        : [];
    },
  },
  {
    kind: SIDE_MARKERS,
    helps: ['markers'],
    offer: ({ build }) =>
      build.road.markers
        ? []
        : [atOnce(SIDE_MARKERS, 'Intermediate side markers and turn signals', (on) => withMarkers(on, true))],
  },
];

function choices(build: Build): Choice[] {
  const now = build.road.topMph ?? roadOf(chassisShelf.in(build).part(build.chassis.partId)).topMph;
  const { min, max } = roadBlock.fields.topMph;
  return [
    {
      kind: 'amount',
      id: 'top-speed',
      title: 'Top speed limited to',
      fine: true,
      unit: 'mph',
      min,
      max,
      step: 1,
      value: now,
      set: (to) => (to === now ? build : withTopSpeed(build, to)),
    },
    {
      kind: 'toggle',
      id: 'side-markers',
      title: 'At the middle of its sides',
      options: [
        {
          id: 'intermediate',
          label: 'Intermediate markers and turn signals',
          words: 'What a vehicle of that length must show at its middle.',
          chosen: build.road.markers === 'intermediate',
          build: withMarkers(build, build.road.markers === undefined),
        },
      ],
    },
  ];
}

/**
 * The truck on the road: what its engine pulls, how fast it may go, what its length must show. Markers are within the
 * weight of the body.
 */
export const road: Subject = {
  id: 'road',
  title: 'On the road',
  under: 'chassis',
  limits: roadLimits,
  block: roadBlock,
  checks: roadChecks,
  changes,
  choices,
  sentence: (evaluation: Evaluation) =>
    `The top speed shall be limited to ${mph(evaluation.read(topSpeed))}${evaluation.read(hasMarkers) ? ', and intermediate side markers and turn signals shall be fitted' : ''}.`,
};
