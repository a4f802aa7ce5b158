import type { Build } from '../../build/index.js';
import { atOnce, choicesOfLine, component, fromBuild, madeOf, reading, usd } from '../../kernel/index.js';
import type { ChangeKind, Changes, Choice, Component, InCommon, Subject } from '../../kernel/index.js';
import { bodyPlace, pumpHouse } from '../../truck/index.js';
import { listed, within } from '../../units/index.js';
import { chosenPump, panelPlacesOf, placeOfPump, pumpIn, skid, withPanelAt } from '../pump/index.js';
import type { Pump } from '../pump/index.js';
import { PANEL_PLACE_NAMES } from '../pump/index.js';
import {
  EXTRA_FIELDS,
  GOVERNOR_NAMES,
  PRIMER_NAMES,
  pumpingBlock,
  USUAL_SUCTION_FT,
  withPumping,
} from './block.js';
import type { Extra, Governor } from './block.js';
import { extras, pumpingChecks, pumpingLimits } from './checks.js';
import { primer } from './power.js';

export { withPumping } from './block.js';
export { largestIntake } from './checks.js';
export {
  drivePower,
  efficiency,
  neededByPump,
  powerForPump,
  primer,
  primingS,
  pumpingMin,
  suctionFt,
  worstPoint,
} from './power.js';
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

const components = reading(
  'pumping',
  [chosenPump, extras, pumpHouse, skid, bodyPlace],
  (pump, has, house, at, body): Component[] => {
    const box = house ?? (at && { x0: at.x0, x1: at.x1, z0: body.deckIn });
    if (!pump || !box) return [];
    return has.map((one) =>
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
  },
);

/** The governor that such a pump usually has. */
const usualGovernor = ({ panel }: Pick<Pump, 'panel'>): Governor =>
  panel === 'skid' ? 'throttle' : 'pressure';

function choices(build: Build): Choice[] {
  const pump = pumpIn(build);
  if (!pump) return [];
  const of = build.pumping;
  const { governor, primer: kind, suctionFt, ...fitted } = pumpingBlock.fields;
  const must = <F extends { optional?: true }>({ optional: _optional, ...field }: F) => field;
  const usual: Record<string, unknown> = {
    governor: usualGovernor(pump),
    primer: pump.drive === 'auxiliary' ? 'exhaust' : 'electric',
    suctionFt: USUAL_SUCTION_FT,
  };
  /** What is as usual is not said. */
  const asUsual = (change: Record<string, unknown>) =>
    Object.fromEntries(Object.entries(change).map(([key, to]) => [key, to === usual[key] ? undefined : to]));
  const places = panelPlacesOf(pump, placeOfPump(pump, build.pump.at));
  const at = build.pump.panelAt ?? places[0]!;
  return [
    {
      kind: 'pick',
      id: 'panel-at',
      title: 'Where the operator stands',
      compact: true,
      fine: true,
      options: places.map((place) => ({
        id: place,
        label: PANEL_PLACE_NAMES[place].replace(/^./, (first) => first.toUpperCase()),
        chosen: place === at,
        build: place === at ? build : withPanelAt(build, place),
      })),
    },
    ...choicesOfLine(
      'pumping',
      { governor: must(governor), primer: must(kind), suctionFt: must(suctionFt), ...fitted },
      { ...usual, ...of },
      (change) => withPumping(build, asUsual(change)),
      { has: 'Against heat, frost and pressure' },
    ).map((choice): Choice =>
      choice.kind === 'pick' || choice.kind === 'amount' ? { ...choice, fine: true } : choice,
    ),
  ];
}

const WINTER: ChangeKind = { id: 'winter', title: 'Winter' };
const PRIMER: ChangeKind = { id: 'primer', title: 'Priming' };
const changes: Changes[] = [
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
  components,
  checks: pumpingChecks,
  changes,
  choices,
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
