import { withBlock } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import { atOnce, insteadOf, partOptions, way } from '../../kernel/index.js';
import type { ChangeKind, Changes, Choice, Question, Subject } from '../../kernel/index.js';
import { feet, feetInches, inShort, one, within } from '../../units/index.js';
import { deviceBlock, deviceProblems, settleDevice, withDevice } from './block.js';
import { chosenDevice } from './chosen.js';
import { deviceTakes } from './outriggers.js';
import { deviceComponents } from './place.js';
import { deviceAlong } from './row.js';
import { deviceShelf } from './shelf.js';
import { flyPlace, footingPlace, turntablePlace } from './turntable.js';

export { withDevice } from './block.js';
export { chosenDevice } from './chosen.js';

const outriggersOf = (build: Build) =>
  build.device.partId === undefined
    ? []
    : (deviceShelf.in(build).find(build.device.partId)?.outriggers ?? []);

const choices = (build: Build): Choice[] => [
  {
    kind: 'pick',
    id: 'device',
    title: 'Device',
    options: partOptions(
      deviceShelf.in(build).all(),
      ({ id }) => id === build.device.partId,
      ({ id }) => withDevice(build, id),
      {
        words: (part) =>
          `${feet(part.heightFt)} in ${part.sections.length} sections${part.needsTandem ? ', on a tandem' : ''}`,
      },
    ),
  },
  {
    kind: 'pick',
    id: 'outriggers',
    title: 'Outriggers',
    options: partOptions(
      outriggersOf(build),
      ({ id }) => id === build.device.outriggersId,
      ({ id }) => withBlock(build, 'device', { outriggersId: id }),
      { words: ({ spreadIn }) => `${feetInches(spreadIn)} spread` },
    ),
  },
];

const REAR = 'ladder-100-rear';
const MID = 'platform-100-mid';

const OUTRIGGERS: ChangeKind = { id: 'outriggers', title: 'Outriggers' };

const changes: Changes[] = [
  {
    kind: OUTRIGGERS,
    helps: ['setUp'],
    offer: (evaluation) => {
      const chosen = evaluation.read(chosenDevice);
      if (!chosen) return [];
      const { device: of, outriggers: now } = chosen;
      return of.outriggers
        .filter(({ spreadIn }) => spreadIn < now.spreadIn)
        .map((option) =>
          atOnce(OUTRIGGERS, insteadOf(option, now), (on) =>
            withBlock(on, 'device', { outriggersId: option.id }),
          ),
        );
    },
  },
];

const questions: Question[] = [
  {
    id: 'device',
    question: 'Rear-mount ladder or mid-mount platform?',
    ways: (build) =>
      build.type !== 'aerial'
        ? []
        : [
            way(
              'rear',
              'Rear-mount ladder',
              'Lighter and cheaper; overhangs the cab.',
              build.device.partId === REAR,
              withDevice(build, REAR),
            ),
            way(
              'mid',
              'Mid-mount platform',
              'Low on the road, a basket to work from; heavy, and longer behind.',
              build.device.partId === MID,
              withDevice(build, MID),
            ),
          ],
  },
  {
    id: 'outriggers',
    question: 'One pair of outriggers or two?',
    ways: (build) =>
      outriggersOf(build).map((option) =>
        way(
          option.id,
          option.pairs === 1 ? 'One pair' : 'Two pairs',
          option.pairs === 1
            ? 'Set up sooner, less weight; wider on the street.'
            : 'Narrower on the street for the same load; more weight and more to set.',
          option.id === build.device.outriggersId,
          withBlock(build, 'device', { outriggersId: option.id }),
        ),
      ),
  },
];

/** The aerial device as it rides, with what it stands on when it is raised. */
export const device: Subject = {
  id: 'device',
  title: 'Aerial device',
  step: ({ type }) => type === 'aerial',
  shelves: [deviceShelf],
  block: deviceBlock,
  settle: settleDevice,
  problems: deviceProblems,
  along: deviceAlong,
  takes: deviceTakes,
  provides: [turntablePlace, footingPlace, flyPlace],
  components: deviceComponents,
  changes,
  choices,
  questions,
  sentence: (evaluation) => {
    const chosen = evaluation.read(chosenDevice);
    return chosen
      ? `The aerial device shall be ${one(chosen.device.name)}, standing on ${within(chosen.outriggers.name)}.`
      : 'There shall be no aerial device.';
  },
  line: (evaluation) => {
    const chosen = evaluation.read(chosenDevice);
    return chosen
      ? inShort(chosen.device.name, chosen.outriggers.pairs === 2 ? 'two pairs' : 'one pair')
      : 'None';
  },
  caution:
    'Stability with the device raised is not judged here: the maker’s certified load chart and set-up rules decide, and power lines are kept clear of.',
};
