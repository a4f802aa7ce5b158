import type { Build } from '../../build/index.js';
import { way } from '../../kernel/index.js';
import type { Question } from '../../kernel/index.js';
import { pumpIn, suiting, withPump } from './block.js';
import type { Pump } from './parts.js';

const OWN_ENGINE = 'skid-250';
const POWER_TAKE_OFF = 'pto-250';

/** A way of a question by choosing a pump; the build as it is where that way is chosen already. */
const wayTo = (build: Build, id: string, name: string, words: string, chosen: boolean, pumpId: string) =>
  way(id, name, words, chosen, chosen ? build : withPump(build, pumpId));

/** Questions on which good departments differ, each way weighed on this truck. */
export const pumpQuestions: Question[] = [
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
        wayTo(
          build,
          'side',
          'Side panel',
          'Short pump house; the operator stands in the street.',
          now?.panel === 'side',
          side.id,
        ),
        wayTo(
          build,
          'top',
          'Enclosed top panel',
          'Out of traffic and weather, seeing both sides; takes length and weight.',
          now?.panel === 'top',
          top.id,
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
        wayTo(
          build,
          'one',
          'One stage',
          'Fewer parts and nothing to change over; high pressure takes a fast engine.',
          now.id === one.id,
          one.id,
        ),
        wayTo(
          build,
          'two',
          'Two stages',
          'Pressure for long lines and tall buildings at a quiet engine; weighs more, and somebody must change it over.',
          now.id === two.id,
          two.id,
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
        wayTo(
          build,
          'midship',
          'Midship, by a split shaft',
          'All of the engine for the pump; the truck stands while it works.',
          now.drive === 'midship',
          midship.id,
        ),
        wayTo(
          build,
          'pto',
          'By a power take-off',
          'Wets grass and a burning car at a walking pace; what the take-off passes ends its flow.',
          now.drive === 'pto',
          pto.id,
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
            wayTo(
              build,
              'own',
              'Own engine',
              'Pumps whatever the truck does; one more engine to keep.',
              build.pump.partId === OWN_ENGINE,
              OWN_ENGINE,
            ),
            wayTo(
              build,
              'pto',
              'Power take-off',
              'No second engine, close behind the cab; pumps with the truck’s engine.',
              build.pump.partId === POWER_TAKE_OFF,
              POWER_TAKE_OFF,
            ),
          ],
  },
];
