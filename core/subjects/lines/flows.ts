import { fromBuild, reading } from '../../kernel/index.js';
import { brief, counting, linesOf } from '../brief/index.js';
import { tankPathGpm } from '../plumbing/index.js';
import { chosenPump, curveOf } from '../pump/index.js';
import { efficiency, HIGH_STAGE, powerForPump, secondPump } from '../pumping/index.js';
import { highFt } from '../road/index.js';
import { coefficients, truckLines } from './all.js';
import type { TruckLine } from './all.js';
import { runTime } from './run-time.js';
import type { RunTime } from './run-time.js';
import { draftGpm, fromDraft, fromHydrant, fromRelay, fromTank } from './supply.js';
import type { Supply } from './supply.js';
import { together } from './together.js';
import type { Feeding, Together } from './together.js';

/** What is laid to the truck where nobody says: so long, of this size; ft, in, psi. */
export const USUAL_LAY = { layIn: 5, layFt: 300, lays: 1, relayPsi: 150 } as const;

/** The pump as lines are fed by it; null without one. */
export const feeding = reading(
  'lines',
  [chosenPump, powerForPump, efficiency, fromBuild(({ pumping }) => pumping.highStage), secondPump],
  (pump, power, share, high, second): Feeding | null =>
    pump && {
      curve: curveOf(pump),
      hp: power?.hp ?? null,
      efficiency: share,
      ...(high ? { high: HIGH_STAGE.curve } : {}),
      ...(second
        ? {
            second: {
              curve: curveOf(second),
              sharesEngine: second.drive === 'pto' || second.drive === 'midship',
            },
          }
        : {}),
    },
);

/** The tank as a supply. */
export const tankSupply = reading('lines', [tankPathGpm], fromTank);

/** What is asked for beside the tank: a hydrant or a draft site of the brief, another pumper; null where it is the tank alone. */
export const supply = reading(
  'lines',
  [
    fromBuild(({ lines }) => lines),
    counting('hydrants'),
    counting('drafts'),
    coefficients,
    chosenPump,
    highFt,
  ],
  (asked, hydrants, drafts, friction, pump, altitudeFt): Supply | null => {
    const { layIn, layFt, lays, relayPsi } = { ...USUAL_LAY, ...asked };
    const line = { lengthFt: layFt, parallel: lays, coefficient: friction[layIn] ?? NaN };
    const place = <P extends { id: string }>(of: readonly P[]) =>
      of.find(({ id }) => id === asked.placeId) ?? of[0];
    switch (asked.supply) {
      case 'hydrant': {
        const hydrant = place(hydrants);
        return hydrant ? fromHydrant(hydrant.name, hydrant, line) : null;
      }
      case 'draft': {
        const site = place(drafts);
        return site && pump ? fromDraft(site.name, draftGpm(pump.ratedGpm, site.liftFt, altitudeFt)) : null;
      }
      case 'relay':
        return fromRelay(relayPsi, line);
      default:
        return null;
    }
  },
);

/** The lines that run together. */
export const running = reading('lines', [truckLines], (all): TruckLine[] => all.filter(({ runs }) => runs));

/** What the lines that run get from the tank; null without a pump. */
export const fromTheTank = reading(
  'lines',
  [running, feeding, tankSupply],
  (all, pump, from): Together | null => pump && together(all, pump, from),
);

/** What they get from the supply that is asked for; null without one. */
export const fromTheSupply = reading(
  'lines',
  [running, feeding, supply],
  (all, pump, from): Together | null => (pump && from ? together(all, pump, from) : null),
);

/** Where their water comes from: the supply that is asked for, or else the tank. */
export const waterFrom = reading('lines', [supply, tankSupply], (other, tank): Supply => other ?? tank);

/** What they get of that water; null without a pump. */
export const runningTogether = reading(
  'lines',
  [fromTheTank, fromTheSupply],
  (tank, other): Together | null => other ?? tank,
);

const gallons = fromBuild(({ tank }) => tank.gallons);

/** Nobody opens the waterway of an aerial device before it is supplied. */
export const opensOnTheTank = ({ source }: Pick<TruckLine, 'source'>): boolean => source?.what !== 'waterway';

/** How long the tank lasts with the lines that run from it. */
export const tankTime = reading(
  'lines',
  [running, feeding, tankSupply, gallons, tankPathGpm],
  (all, pump, from, gal, path): RunTime | null =>
    pump && gal > 0 ? runTime(gal, path, together(all.filter(opensOnTheTank), pump, from).flowGpm) : null,
);

/** Minutes until a supply is established, as the brief says; null where it does not. */
export const supplyMin = reading('lines', [brief], (of) => linesOf(of, 'supply')[0]?.minutes ?? null);

/** What each line gets by itself from the tank. */
export const eachAlone = reading('lines', [truckLines, feeding, tankSupply], (all, pump, from) =>
  pump ? all.map((line) => ({ line, alone: together([line], pump, from) })) : [],
);
