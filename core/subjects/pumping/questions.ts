import { way } from '../../kernel/index.js';
import type { Question } from '../../kernel/index.js';
import { connections, isIntake, withConnections } from '../plumbing/index.js';
import { chosenPump, panelAt, panelPlacesOf, PANEL_PLACE_NAMES, pumpAt, withPanelAt } from '../pump/index.js';
import type { PanelPlace } from '../pump/index.js';
import { capital } from '../../units/index.js';
import { withPumping } from './block.js';

/** One primer at the pump, or one at each intake, each way on this truck. */
const primers: Question = {
  id: 'primers',
  step: 'pump',
  question: 'One primer, or one at each intake?',
  ways: (build, evaluation) => {
    const intakes = evaluation.read(connections).filter((one) => isIntake(one) && one.valve === 'none');
    if (intakes.length < 2) return [];
    const all = evaluation.read(connections);
    const each = intakes.every(({ primer: has }) => has !== undefined);
    const primed = (has: boolean) =>
      withConnections(
        build,
        all.map((one) => {
          const { primer: _primer, ...rest } = one;
          return has && intakes.includes(one) ? { ...rest, primer: 'yes' as const } : rest;
        }),
      );
    return [
      way(
        'one',
        'One at the pump',
        'One primer to keep; every intake that is not in use must be tight.',
        !each,
        each ? primed(false) : build,
      ),
      way(
        'each',
        'One at each intake',
        'A second source is primed while the pump works on; more valves and more air to keep out.',
        each,
        each ? build : primed(true),
      ),
    ];
  },
};

/** What speaks for each place of the operator. */
const STANDS: Record<PanelPlace, string> = {
  left: 'The driver steps out beside it; on a road it is the side of the traffic.',
  right: 'At the curb, away from traffic; the driver walks around the front.',
  top: 'Out of traffic, seeing both sides; the discharges are out of reach.',
  rear: 'Near the hose and the fire that is backed up to; no view ahead.',
  cab: 'Nobody stands outside while it rolls; every valve that is worked there is powered.',
};

/** Where the operator stands, each place on this truck. */
const operator: Question = {
  id: 'operator',
  step: 'pump',
  question: 'Where does the operator stand?',
  ways: (build, evaluation) => {
    const [pump, at, now] = [evaluation.read(chosenPump), evaluation.read(pumpAt), evaluation.read(panelAt)];
    if (!pump || !at) return [];
    return panelPlacesOf(pump, at).map((place) =>
      way(
        place,
        capital(PANEL_PLACE_NAMES[place]),
        STANDS[place],
        place === now,
        place === now ? build : withPanelAt(build, place),
      ),
    );
  },
};

/** Volume alone, or a stage for high pressure with it. */
const pressure: Question = {
  id: 'pressure',
  step: 'pump',
  question: 'Volume alone, or high pressure with it?',
  ways: (build, evaluation) => {
    if (evaluation.read(chosenPump)?.panel !== 'side') return [];
    const high = build.pumping.highStage !== undefined;
    return [
      way(
        'volume',
        'Volume alone',
        'One pressure for all lines; lighter, and nothing else to learn.',
        !high,
        high ? withPumping(build, { highStage: undefined }) : build,
      ),
      way(
        'high',
        'A high-pressure stage too',
        'A small line that knocks down with little water; weight, money and a second pressure beside the hand.',
        high,
        high ? build : withPumping(build, { highStage: 'yes' }),
      ),
    ];
  },
};

export const pumpingQuestions: Question[] = [primers, operator, pressure];
