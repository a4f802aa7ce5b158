import { atOnce, component, fromBuild, madeOf, reading, usd } from '../../kernel/index.js';
import type { ChangeKind, Changes, Component, InCommon, Subject } from '../../kernel/index.js';
import { bodyPlace, pumpHouse } from '../../truck/index.js';
import { listed, within } from '../../units/index.js';
import { chosenPump, pumpShelf, skid } from '../pump/index.js';
import {
  EXTRA_FIELDS,
  GOVERNOR_NAMES,
  PRIMER_NAMES,
  pumpingBlock,
  settlePumping,
  withPumping,
} from './block.js';
import type { Extra } from './block.js';
import { extras, pumpingChecks, pumpingLimits } from './checks.js';
import { pumpingChoices, usualGovernor } from './choices.js';
import { HIGH_STAGE, primer } from './power.js';
import { pumpingQuestions } from './questions.js';
import { secondAlong, secondComponents } from './second.js';

export { withPumping } from './block.js';
export { largestIntake } from './checks.js';
export {
  drivePower,
  efficiency,
  neededByPump,
  powerForPump,
  primer,
  HIGH_STAGE,
  primingS,
  pumpingMin,
  rollingCurve,
  stagePosition,
  suctionFt,
  worstPoint,
} from './power.js';
export { secondPump } from './second.js';
export type { DrivePower, WorstPoint } from './power.js';

/** What each weighs and costs, and how high over the foot of the pump it is; lb, cents, in. */
const WEIGHS: Record<Extra, { lb: number; cents: number; upIn: number }> = {
  relief: { lb: 4, cents: usd(420), upIn: 20 },
  heater: { lb: 38, cents: usd(1_900), upIn: 30 },
  heatPan: { lb: 62, cents: usd(1_650), upIn: 2 },
  winterPort: { lb: 5, cents: usd(310), upIn: 18 },
  masterDrain: { lb: 9, cents: usd(390), upIn: 3 },
  primerCutOff: { lb: 3, cents: usd(240), upIn: 16 },
};

const hasHighStage = fromBuild(({ pumping: of }) => of.highStage !== undefined);

const components = reading(
  'pumping',
  [chosenPump, extras, pumpHouse, skid, bodyPlace, secondComponents, hasHighStage],
  (pump, has, house, at, body, second, high): Component[] => {
    const box = house ?? (at && { x0: at.x0, x1: at.x1, z0: body.deckIn });
    if (!pump || !box) return second;
    const stage = high
      ? [
          component({
            id: 'pumping.highStage',
            name: pumpingBlock.fields.highStage.title,
            group: 'Pump',
            step: 'pump',
            weightLb: HIGH_STAGE.weightLb,
            priceCents: HIGH_STAGE.priceCents,
            made: madeOf('pump-high-stage'),
            xIn: (box.x0 + box.x1) / 2,
            yIn: 0,
            zIn: box.z0 + STAGE_UP_IN,
            needs: 'pump',
          }),
        ]
      : [];
    const fitted = has.map((one) =>
      component({
        id: `pumping.${one}`,
        name: EXTRA_FIELDS[one].title,
        group: 'Pump',
        step: 'pump',
        weightLb: WEIGHS[one].lb,
        priceCents: WEIGHS[one].cents,
        made: madeOf(`pump-${one}`),
        xIn: (box.x0 + box.x1) / 2,
        yIn: 0,
        zIn: box.z0 + WEIGHS[one].upIn,
        needs: 'pump',
      }),
    );
    return [...second, ...stage, ...fitted];
  },
);

/** The high-pressure stage is built to the pump, that high over the foot of its house, in. */
const STAGE_UP_IN = 20;

const WINTER: ChangeKind = { id: 'winter', title: 'Winter' };
const PRIMER: ChangeKind = { id: 'primer', title: 'Priming' };
const SECOND: ChangeKind = { id: 'secondPump', title: 'Second pump', costs: 'much' };
const changes: Changes[] = [
  {
    kind: SECOND,
    helps: ['pumpRoll'],
    offer: ({ build }) =>
      build.pumping.secondId !== undefined || build.pump.partId === undefined
        ? []
        : pumpShelf
            .in(build)
            .all()
            .filter(({ panel, drive }) => panel === 'skid' && drive === 'auxiliary')
            .map((part) =>
              atOnce(SECOND, `A second pump: ${within(part.name)}`, (on) =>
                withPumping(on, { secondId: part.id }),
              ),
            ),
  },
  {
    kind: WINTER,
    helps: ['pumpWinter'],
    offer: ({ build }) =>
      (['heater', 'heatPan', 'winterPort'] as const)
        .filter((one) => !build.pumping[one])
        .map((one) => atOnce(WINTER, EXTRA_FIELDS[one].title, (on) => withPumping(on, { [one]: 'yes' }))),
  },
  {
    kind: PRIMER,
    helps: ['priming'],
    offer: (evaluation) =>
      evaluation.read(primer) === 'air'
        ? []
        : [atOnce(PRIMER, PRIMER_NAMES.air, (on) => withPumping(on, { primer: 'air' }))],
  },
];

/** The pump at work: what drives it and governs it, how it is primed, what keeps it from heat and frost. */
export const pumping: Subject = {
  id: 'pumping',
  title: 'Pump at work',
  under: 'pump',
  limits: pumpingLimits,
  block: pumpingBlock,
  settle: settlePumping,
  along: secondAlong,
  components,
  checks: pumpingChecks,
  changes,
  choices: pumpingChoices,
  questions: pumpingQuestions,
  figures: [
    {
      id: 'highGpm',
      title: 'At high pressure',
      unit: 'gpm',
      reading: reading('pumping', [hasHighStage], (has) => (has ? HIGH_STAGE.curve[0]!.gpm : 0)),
    },
  ],
  common: reading(
    'pumping',
    [chosenPump, fromBuild(({ pumping: of }) => of.governor)],
    (pump, asked): InCommon[] =>
      pump ? [{ matter: 'governor', uses: GOVERNOR_NAMES[asked ?? usualGovernor(pump)] }] : [],
  ),
  sentence: (evaluation) => {
    const pump = evaluation.read(chosenPump);
    if (!pump) return '';
    const of = evaluation.build.pumping;
    const has = evaluation.read(extras).map((one) => within(EXTRA_FIELDS[one].title));
    const governor = within(GOVERNOR_NAMES[of.governor ?? usualGovernor(pump)]);
    return `The pump shall have a ${governor} and be primed by: ${within(PRIMER_NAMES[evaluation.read(primer)])}${has.length ? `; it shall have ${listed(has)}` : ''}.`;
  },
};
