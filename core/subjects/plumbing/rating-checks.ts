import { check, fromBuild, heldTo, limitOf, reading } from '../../kernel/index.js';
import type { Check } from '../../kernel/index.js';
import { counted, gal, gpm, hoseSize, listed, within } from '../../units/index.js';
import { chosenPump, panelAt } from '../pump/index.js';
import { SIDE_NAMES } from './fields.js';
import type { Connection, Side } from './fields.js';
import { COUNTED_FROM_IN, isDischarge, isIntake, isPlain, ofConnections, STEP } from './judged.js';
import { credits, supplies } from './limits.js';
import { connections } from './usual.js';

/** What the discharges count for together, gpm, those too that feed a line or a monitor; null where the profile has no credits. */
export const creditGpm = reading('plumbing', [connections, credits], (all, table) =>
  table
    ? {
        basis: table.basis,
        gpm: all
          .filter((one) => isDischarge(one) && one.sizeIn >= COUNTED_FROM_IN)
          .reduce((sum, { sizeIn }) => sum + table.of(sizeIn), 0),
      }
    : null,
);

/** What the discharges at the operator's side may flow, gpm: hose under pressure beside who works there. */
export const besideGpm = reading('plumbing', [connections, credits, panelAt], (all, table, place) =>
  all
    .filter((one) => isDischarge(one) && one.at === place && one.feedsId === undefined)
    .reduce((sum, { sizeIn }) => sum + (table?.of(sizeIn) ?? 0), 0),
);

const discharge = check(
  'plumbing',
  { id: 'discharge', title: 'Discharges for the rating', steps: STEP },
  [chosenPump, creditGpm],
  (pump, credit) => {
    if (!pump || !credit) return null;
    const margin = credit.gpm - pump.ratedGpm;
    const short = margin < 0 ? ` ${gpm(-margin)} short.` : '';
    return heldTo(
      'least',
      'gpm',
      credit.gpm,
      { value: pump.ratedGpm, basis: credit.basis },
      `Discharges of ${hoseSize(COUNTED_FROM_IN)} and larger count for ${gpm(credit.gpm)}, of a rating of ${gpm(pump.ratedGpm)}.${short}`,
    );
  },
);

const plain = ofConnections(
  'plainOutlets',
  'Discharges for plain water',
  [limitOf('plainOutlets')],
  (all, asked) => {
    if (!asked) return null;
    const of = all.filter((one) => isDischarge(one) && isPlain(one) && one.sizeIn >= COUNTED_FROM_IN);
    return heldTo(
      'least',
      'pieces',
      of.length,
      asked,
      `${counted(of.length, 'discharge')} of ${hoseSize(COUNTED_FROM_IN)} and larger ${of.length === 1 ? 'carries' : 'carry'} neither foam nor air, of at least ${asked.value}: the rated test is run through them.`,
    );
  },
);

/** From which sides the pump draws: those that the build names, or both where it has a suction on both. */
export const drawsFrom = reading(
  'plumbing',
  [fromBuild(({ plumbing }) => plumbing.drawsFrom), connections],
  (own, all): readonly Side[] =>
    own ??
    (['left', 'right', 'front', 'rear'] as const).filter((side) =>
      all.some((one) => isSuction(one) && sideOf(one) === side),
    ),
);
/** Intakes of this size and larger are suctions, in. */
const SUCTION_FROM_IN = 3;
const isSuction = (one: Connection): boolean => isIntake(one) && one.sizeIn >= SUCTION_FROM_IN;
const sideOf = ({ at }: Connection): Side | null =>
  at === 'left' || at === 'bodyLeft'
    ? 'left'
    : at === 'right' || at === 'bodyRight'
      ? 'right'
      : at === 'rear' || at === 'front'
        ? at
        : null;

/** What the intakes of a side supply together: the largest in full, each further one by its share; gpm. */
export function suppliedGpm(
  all: readonly Connection[],
  of: (sizeIn: number) => number,
  nextPct: number,
): number {
  return all
    .filter(isIntake)
    .map(({ sizeIn }) => of(sizeIn))
    .sort((a, b) => b - a)
    .reduce((sum, one, i) => sum + (i === 0 ? one : (one * nextPct) / 100), 0);
}

const suction = check(
  'plumbing',
  { id: 'suction', title: 'Intakes for the rating', steps: STEP },
  [chosenPump, connections, supplies, limitOf('suctionNextPct'), drawsFrom],
  (pump, all, table, next, sides) => {
    if (!pump || !table || pump.ratedGpm < table.of(SUCTION_FROM_IN)) return null;
    const of = (sides.length ? sides : (['left'] as const)).map((side) => ({
      side,
      gpm: suppliedGpm(
        all.filter((one) => sideOf(one) === side),
        table.of,
        next?.value ?? 0,
      ),
    }));
    const worst = of.reduce((least, one) => (one.gpm < least.gpm ? one : least));
    const margin = worst.gpm - pump.ratedGpm;
    const said = of.map(({ side, gpm: supplied }) => `${within(SIDE_NAMES[side])} ${gpm(supplied)}`);
    return heldTo(
      'least',
      'gpm',
      worst.gpm,
      { value: pump.ratedGpm, basis: table.basis },
      `Intakes supply ${listed(said)}, of a rating of ${gpm(pump.ratedGpm)} from each side that must supply it.${margin < 0 ? ` ${gpm(-margin)} short.` : ''}`,
    );
  },
);

/** What a way from tank to pump of a size usually passes where its maker says nothing, gpm (formulas: plumbing). */
const PATH_GPM: Readonly<Record<number, number>> = {
  0.75: 20,
  1: 40,
  1.5: 80,
  2: 150,
  2.5: 250,
  3: 500,
  3.5: 600,
  4: 750,
  4.5: 900,
  5: 1_100,
  6: 1_500,
  8: 2_500,
  10: 3_500,
};
export const passes = ({ gpm: said, sizeIn }: Connection): number => said ?? PATH_GPM[sizeIn] ?? NaN;

/** What all ways from the tank to the pump pass together, gpm. */
export const tankPathGpm = reading('plumbing', [connections], (all) =>
  all.filter(({ kind }) => kind === 'tankToPump').reduce((sum, one) => sum + passes(one), 0),
);

const tankPath = check(
  'plumbing',
  { id: 'tankPath', title: 'From tank to pump', steps: STEP },
  [
    chosenPump,
    tankPathGpm,
    fromBuild(({ tank }) => tank.gallons),
    limitOf('tankPathGpm'),
    limitOf('tankPathLargeGpm'),
    limitOf('tankPathFromGal'),
  ],
  (pump, actual, gallons, small, large, from) => {
    const asked = large && from && gallons >= from.value ? large : small;
    if (!pump || gallons === 0 || !asked) return null;
    // Nobody needs more from the tank than the pump can move.
    const limit = Math.min(asked.value, pump.ratedGpm);
    const margin = actual - limit;
    return heldTo(
      'least',
      'gpm',
      actual,
      { value: limit, basis: asked.basis },
      `${gpm(actual)} from the tank to the pump until 80 % of it is gone, of at least ${gpm(limit)} with ${gal(gallons)}.${margin < 0 ? ` ${gpm(-margin)} short.` : ''}`,
    );
  },
);

/** What the pump's rating asks of discharges, intakes and the way from the tank. */
export const ratingChecks: Check[] = [discharge, plain, suction, tankPath];
