import { fromBuild, reading } from '../../kernel/index.js';
import { IN_PER_FT } from '../../units/index.js';
import { galPerFt } from '../fires/index.js';
import { feeding, runTime, tankSupply, together, truckLines } from '../lines/index.js';
import type { Feeding, RunTime, Together, TruckLine } from '../lines/index.js';
import { tankPathGpm } from '../plumbing/index.js';
import { chosenPump } from '../pump/index.js';
import { rollingCurve, secondPump } from '../pumping/index.js';
import { USUAL_ROLL } from './block.js';

/** Feet a minute for each mile an hour. */
const FT_PER_MIN = 88;

/** How fast it goes and what it should leave on the ground: as chosen, or as usual. Mph, ft, in. */
export const asked = reading(
  'rolling',
  [fromBuild(({ rolling }) => rolling)],
  ({ paceMph, wideFt, deepIn }) => ({
    paceMph: paceMph ?? USUAL_ROLL.paceMph,
    wideFt: wideFt ?? USUAL_ROLL.wideFt,
    deepIn: deepIn ?? USUAL_ROLL.deepIn,
  }),
);

/** The lines that work while the truck rolls: sweeps and the bumper monitor, where nobody says otherwise. */
export const rollingLines = reading('rolling', [truckLines], (all): TruckLine[] =>
  all.filter(({ rolls }) => rolls),
);

/** The pumps of the truck as they work while it rolls; null where none of them can. */
export const rollingFeeding = reading(
  'rolling',
  [feeding, chosenPump, secondPump],
  (of, pump, second): Feeding | null => {
    if (!of || !pump) return null;
    const [own, other] = [rollingCurve(pump), second && rollingCurve(second)];
    if (!own && !other) return null;
    const { second: beside, high: _high, ...rest } = of;
    return { ...rest, curve: own ?? [], ...(beside && other ? { second: { ...beside, curve: other } } : {}) };
  },
);

/** What a truck does along a fire's edge. Minutes, feet, inches, mph. */
export interface Rolling {
  lines: TruckLine[];
  of: Together;
  time: RunTime;
  /** Walked until the tank is empty. */
  walkedFt: number;
  /** What it leaves on the strip at the pace. */
  deepIn: number;
  /** Edge that the whole tank wets as deep as is asked, and the pace for that. */
  wettedFt: number;
  wettedMph: number;
}

/** Depth that a flow leaves on a strip at a pace, in (formulas: pump and roll). */
export const depthIn = (gpm: number, paceMph: number, wideFt: number): number =>
  (gpm / (paceMph * FT_PER_MIN) / galPerFt(wideFt, IN_PER_FT)) * IN_PER_FT;

/** Pace at which a flow leaves a depth, mph (formulas: pump and roll). */
export const paceFor = (gpm: number, wideFt: number, deepIn: number): number =>
  gpm / galPerFt(wideFt, deepIn) / FT_PER_MIN;

/** What this truck does while it rolls; null where no pump of it can, or no line works then. */
export const rollsWith = reading(
  'rolling',
  [rollingLines, rollingFeeding, tankSupply, tankPathGpm, fromBuild(({ tank }) => tank.gallons), asked],
  (lines, pump, from, path, gallons, { paceMph, wideFt, deepIn }): Rolling | null => {
    if (!pump || lines.length === 0 || gallons === 0) return null;
    const of = together(lines, pump, from);
    const time = runTime(gallons, path, of.flowGpm);
    return {
      lines,
      of,
      time,
      walkedFt: Number.isFinite(time.emptyMin) ? time.emptyMin * paceMph * FT_PER_MIN : 0,
      deepIn: depthIn(of.flowGpm, paceMph, wideFt),
      wettedFt: gallons / galPerFt(wideFt, deepIn),
      wettedMph: paceFor(of.flowGpm, wideFt, deepIn),
    };
  },
);
