import type { Build } from '../../build/index.js';
import { choicesOfLine, NONE, partOptions } from '../../kernel/index.js';
import type { Choice } from '../../kernel/index.js';
import { capital, gpm, psi } from '../../units/index.js';
import {
  PANEL_PLACE_NAMES,
  panelPlacesOf,
  placeOfPump,
  pumpIn,
  pumpShelf,
  withPanelAt,
} from '../pump/index.js';
import type { Pump } from '../pump/index.js';
import { EXTRA_FIELDS, pumpingBlock, USUAL_SUCTION_FT, withPumping } from './block.js';
import type { Governor } from './block.js';
import { HIGH_STAGE } from './power.js';

/** The point of the high-pressure stage that it is known by. */
const HIGH = HIGH_STAGE.curve[1]!;

/** The governor that such a pump usually has. */
export const usualGovernor = ({ panel }: Pick<Pump, 'panel'>): Governor =>
  panel === 'skid' ? 'throttle' : 'pressure';

/** How the pump is governed, primed and kept from frost, and what stands besides it. */
export function pumpingChoices(build: Build): Choice[] {
  const pump = pumpIn(build);
  if (!pump) return [];
  const of = build.pumping;
  const { governor, primer: kind, suctionFt, highStage: _high, secondId: _second } = pumpingBlock.fields;
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
        label: capital(PANEL_PLACE_NAMES[place]),
        chosen: place === at,
        build: place === at ? build : withPanelAt(build, place),
      })),
    },
    {
      kind: 'toggle',
      id: 'pump-more',
      title: 'Besides the pump',
      fine: true,
      options: [
        {
          id: 'highStage',
          label: 'A high-pressure stage',
          words: `${gpm(HIGH.gpm)} at ${psi(HIGH.psi)} for lines that ask for it.`,
          chosen: of.highStage !== undefined,
          build: withPumping(build, { highStage: of.highStage ? undefined : 'yes' }),
        },
      ],
    },
    {
      kind: 'pick',
      id: 'second-pump',
      title: 'Second pump',
      compact: true,
      fine: true,
      options: [
        {
          id: NONE,
          label: 'None',
          chosen: of.secondId === undefined,
          build: of.secondId === undefined ? build : withPumping(build, { secondId: undefined }),
        },
        ...partOptions(
          pumpShelf
            .in(build)
            .all()
            .filter(({ panel }) => panel === 'skid'),
          ({ id }) => id === of.secondId,
          ({ id }) => (id === of.secondId ? build : withPumping(build, { secondId: id })),
        ),
      ],
    },
    ...choicesOfLine(
      'pumping',
      { governor: must(governor), primer: must(kind), suctionFt: must(suctionFt), ...EXTRA_FIELDS },
      { ...usual, ...of },
      (change) => withPumping(build, asUsual(change)),
      { has: 'Against heat, frost and pressure' },
    ).map((choice): Choice => (choice.kind === 'list' ? choice : { ...choice, fine: true })),
  ];
}
