import { withBlock } from '../build/index.js';
import type { Build } from '../build/index.js';
import { starterBuild } from '../demonstration/index.js';
import type { Status } from '../kernel/index.js';
import { withCrosslaysAt } from '../subjects/hose/index.js';
import { withLineSaid } from '../subjects/lines/index.js';
import { connections, withConnections } from '../subjects/plumbing/index.js';
import type { Connection } from '../subjects/plumbing/index.js';
import { withPump } from '../subjects/pump/index.js';
import { withPumping } from '../subjects/pumping/index.js';
import { house } from '../subjects/index.js';
import { alone, briefed, strict } from './site-cases.js';
import type { SITE_FIGURES } from './site-cases.js';

/** 1,250 gpm at a side panel, 750 gal, two crosslays of 1¾ in, 400 ft of 2½ in at the rear, a deck monitor. */
const plain = starterBuild('pumper', 'Plain', 'D');

/** A build with its connections otherwise: each as it is changed, or gone. */
const plumbed = (build: Build, change: (one: Connection) => Partial<Connection> | null): Build =>
  withConnections(
    build,
    house
      .evaluate(build)
      .read(connections)
      .flatMap((one): Connection[] => {
        const to = change(one);
        return to ? [JSON.parse(JSON.stringify({ ...one, ...to })) as Connection] : [];
      }),
  );
/** One of them otherwise, by its id. */
const with1 = (id: string, to: Partial<Connection>, build = plain): Build =>
  plumbed(build, (one) => (one.id === id ? to : {}));
const thin = with1('tankToPump', { sizeIn: 2 });
/** A type 6 engine with a pump on its own engine; and a pumper whose pump has a battery. */
const rolling = starterBuild('brush', 'Rolling', 'D');
const electric = house.settle(withPump(plain, 'electric-1250'));
/** A pump of a house that is too short for it, with the crosslays between it and the cab. */
const cramped = house.settle(
  withCrosslaysAt(
    withPump(
      house.withOwnPart(plain, {
        id: 'short',
        kind: 'pump',
        likeId: 'compact-1250',
        name: 'Short',
        figures: [{ field: 'lengthIn', value: 20, source: 'drawing' }],
      }),
      'short',
    ),
    'ahead',
  ),
);
const site = (liftFt: number) => ({ liftFt, reachFt: 10 });

/** Each check of the water: a build that passes it, one that does not, and how that stands. */
export const WATER_CASES: [string, Build, Build, Status][] = [
  [
    'discharge',
    plain,
    plumbed(plain, ({ kind, id }) => (kind === 'discharge' && id !== 'left-1' ? null : {})),
    'fails',
  ],
  [
    'plainOutlets',
    plain,
    plumbed(plain, ({ kind }) => (kind === 'discharge' ? { foam: 'yes' } : {})),
    'fails',
  ],
  ['suction', plain, with1('suction-right-1', { sizeIn: 4.5 }), 'fails'],
  ['tankPath', plain, thin, 'fails'],
  ['fed', plain, plumbed(plain, ({ id }) => (id.startsWith('to-crosslay') ? null : {})), 'fails'],
  ['instruments', plain, with1('left-1', { gauge: 'none' }), 'fails'],
  ['handleColors', plain, with1('right-1', { color: 'red' }), 'fails'],
  [
    'byHand',
    with1('left-1', { valve: 'electric', byHand: 'crank' }),
    with1('left-1', { valve: 'electric' }),
    'fails',
  ],
  ['slowValves', plain, with1('large-1', { slow: undefined }), 'fails'],
  ['drained', plain, with1('left-1', { drain: undefined }), 'fails'],
  ['largeOutlet', plain, with1('large-1', { at: 'left' }), 'caution'],
  ['openingHigh', plain, with1('left-1', { alongIn: 1, upIn: 50 }), 'fails'],
  ['tankLevel', plain, withBlock(plain, 'plumbing', { levels: ['cab'] }), 'fails'],
  ['panelRoom', plain, with1('left-1', { alongIn: 43, upIn: 1 }), 'fails'],
  [
    'pumpPower',
    plain,
    alone(strict(plain, 'pumpEfficiencyPct', 30), 'altitude', { highFt: 14_000 }),
    'fails',
  ],
  ['priming', plain, withPumping(plain, { suctionFt: 40 }), 'fails'],
  [
    'pumpWinter',
    withPumping(alone(plain, 'winter', { hard: 'hard' }), { heater: 'yes' }),
    alone(plain, 'winter', { hard: 'hard' }),
    'caution',
  ],
  ['service', plain, cramped, 'caution'],
  ['pumpRoll', rolling, strict(rolling, 'pumpRoll', 2), 'fails'],
  ['pumpEnergy', electric, strict(electric, 'energyDriveMin', 80), 'fails'],
  ['lineAlone', plain, thin, 'fails'],
  ['together', plain, thin, 'fails'],
  ['reaction', plain, withLineSaid(plain, 'h1', { nozzleId: 'bore-1-1-4', crew: 1 }), 'caution'],
  ['monitorTime', withBlock(plain, 'tank', { gallons: 1_000 }), plain, 'caution'],
  ['tankTime', alone(plain, 'supply', { minutes: 2 }), alone(plain, 'supply', { minutes: 10 }), 'caution'],
  ['draft', briefed(plain, 'drafts', site(10)), briefed(plain, 'drafts', site(25)), 'fails'],
  [
    'stretch',
    briefed(plain, 'buildings', { setBackFt: 100, deepFt: 60, floors: 1 }),
    briefed(plain, 'buildings', { setBackFt: 300, deepFt: 100, floors: 2 }),
    'fails',
  ],
];

/** Smooth bores: 29.7 d² √NP. */
const bore = (d: number, psi: number): number => 29.7 * d * d * Math.sqrt(psi);
/** Empty after: all but the knee at full flow, the knee twice as slowly. Knee = a fifth × (flow ÷ path)². */
const lasts = (gallons: number, path: number, flow: number): number => {
  const knee = 0.2 * gallons * (flow / path) ** 2;
  return (gallons + knee) / flow;
};

/** Two lines of 150 gpm at 144.75 psi; 126 kWh less 0.075 a mile and 1,000 lb of the truck, 92 % of it at the shaft. */
const energyMin = (miles: number): number =>
  ((126 - (miles * 0.075 * 41_040.5) / 1000) * 0.92 * 60) / (((300 * 144.75) / 1714 / 0.62) * 0.745699872);

/** What each comes to, worked by hand. */
export const WATER_FIGURES: typeof SITE_FIGURES = {
  // 2½ in on both sides, at the rear and for the bed there: four of 250. 4 in: 625. 3 in of the deck monitor: 375.
  discharge: ['gpm', [4 * 250 + 625 + 375, 1250], [250, 1250]],
  plainOutlets: ['pieces', [6, 2], [0, 2]],
  suction: ['gpm', [1500, 1250], [750, 1250]],
  tankPath: ['gpm', [750, 500], [150, 500]],
  fed: ['pieces', [0, 0], [2, 0]],
  instruments: ['pieces', [0, 0], [1, 0]],
  handleColors: ['pieces', [0, 0], [2, 0]],
  byHand: ['pieces', [0, 0], [1, 0]],
  slowValves: ['pieces', [0, 0], [1, 0]],
  drained: ['pieces', [0, 0], [1, 0]],
  largeOutlet: ['pieces', [0, 0], [1, 0]],
  // A cap of 2.5 × 1.5 + 3 in over a label of 2 in: its middle 4.375 in up. At the rear the face begins 6 in under the
  // frame of 40 in, and the row half an inch higher; at the side the panel begins 14 in under it.
  openingHigh: ['in', [40 - 6 + 0.5 + 4.375, 66], [40 - 14 + 50 + 4.375, 66]],
  tankLevel: ['pieces', [0, 0], [1, 0]],
  // A house of 48 in without 2 in at each edge; the cap is 6.75 in wide.
  panelRoom: ['in', [0, 0], [43 + 6.75 - 44, 0]],
  pumpPower: ['hp', [(1250 * 150) / 1714 / 0.62, 450], [(1250 * 150) / 1714 / 0.3, 450 * (1 - 0.03 * 12)]],
  // 6 in of suction and 1.4 ft³ for each 1,000 gpm, at 16 ft³ a minute.
  priming: [
    's',
    [(((Math.PI / 4) * 36 * 20) / 144 + 1.75) * (60 / 16), 30],
    [(((Math.PI / 4) * 36 * 40) / 144 + 1.75) * (60 / 16), 30],
  ],
  pumpWinter: ['pieces', [0, 0], [1, 0]],
  // Forward 22 in and 2 around, between rails of 34; in the short house 26 and 2 through 20 less 4.
  service: ['in', [24, 34], [28, 16]],
  pumpRoll: ['pieces', [1, 1], [1, 2]],
  pumpEnergy: ['min', [energyMin(20), 60], [energyMin(40), 60]],
  lineAlone: ['gpm', [150, 150], [150, bore(1.125, 50)]],
  together: ['gpm', [300, 300], [150, 300]],
  reaction: ['lbf', [0.0505 * 150 * Math.sqrt(75), 95], [1.57 * 1.25 ** 2 * 50, 75]],
  monitorTime: [
    's',
    [60 * lasts(1000, 750, bore(1.375, 80)), 120],
    [60 * lasts(750, 750, bore(1.375, 80)), 120],
  ],
  tankTime: ['min', [lasts(750, 750, 300), 2], [lasts(750, 750, 300), 10]],
  // At 25 ft 0.4 ft of 25.4 are left, of 15.4 at its rated lift of 10 ft.
  draft: ['gpm', [1250, 300], [1250 * Math.sqrt(0.4 / 15.4), 300]],
  stretch: ['ft', [400, 100 + 60 + 50], [400, 300 + 100 + 100]],
};
