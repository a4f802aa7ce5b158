import { check, fromBuild, heldTo, limitKind, limitOf, noneOf } from '../../kernel/index.js';
import type { Check } from '../../kernel/index.js';
import { amount, capital, counted, gal, gpm, lb, listed, psi, within } from '../../units/index.js';
import { classInWords, foamCells } from '../foam/index.js';
import type { FoamCell } from '../foam/index.js';
import { connections } from '../plumbing/index.js';
import { EDUCTOR_PSI } from './eductor.js';
import { cellsLast, foamLines, proportioned } from './mixed.js';
import type { CellLasts } from './mixed.js';

export const foamingLimits = {
  foamTankfulsLeast: limitKind('Tanks of water that concentrate treats', 'tankfuls', 'least', 0, 20),
  foamTankfulsMost: limitKind(
    'Tanks of water that concentrate treats, no more than',
    'tankfuls',
    'most',
    1,
    50,
  ),
  foamFlushMin: limitKind('A foam outlet is flushed for', 'min', 'reckon', 0, 30),
};

const STEP = ['foam', 'lines'] as const;
const HOUSE = 'House rule';
const HYDRAULICS = 'Hydraulics of this build';
const EXACT_GPM = 1e-6;

const limit = check(
  'foaming',
  { id: 'foamProportioner', title: 'Concentrate that the lines ask for', steps: STEP },
  [foamLines, proportioned],
  (all, systems) => {
    if (all.length === 0) return null;
    const asked = [
      ...systems
        .filter(({ lines }) => lines.length > 0)
        .map(({ system, lines, concentrateGpm }) => ({
          system,
          concentrateGpm,
          names: listed(lines.map(({ line }) => line.name)),
        })),
      ...all.map(({ line, cell: { system }, concentrateGpm }) => ({
        system,
        concentrateGpm,
        names: line.name,
      })),
    ];
    const left = ({ system, concentrateGpm }: (typeof asked)[number]) =>
      system.maxConcentrateGpm - concentrateGpm;
    const worst = asked.reduce((least, other) => (left(other) < left(least) ? other : least));
    const { system, concentrateGpm, names } = worst;
    const short = left(worst) < -EXACT_GPM;
    return {
      ...heldTo(
        'most',
        'gpm',
        concentrateGpm,
        { value: system.maxConcentrateGpm, basis: 'The maker of the foam system' },
        `${names}: ${gpm(concentrateGpm)} of concentrate, of ${gpm(system.maxConcentrateGpm)} that ${within(system.name)} gives.${short ? ' The foam is thinner than asked.' : ''}`,
      ),
      status: short ? 'fails' : 'holds',
    };
  },
);

const eductors = check(
  'foaming',
  { id: 'foamEductor', title: 'Lines behind the eductor', steps: STEP },
  [foamLines],
  (all) => {
    const of = all.flatMap(({ line, eductor }) => (eductor ? [{ line, ...eductor }] : []));
    if (of.length === 0) return null;
    const wrong = of.filter(({ reaches, matches }) => !reaches || !matches);
    // One that can be used is enough: the others flow water.
    const none = wrong.length === of.length;
    const [{ line, reaches, leftPsi, askedPsi, flowGpm, ratedGpm }] = (none ? wrong : of) as [
      (typeof of)[number],
    ];
    return noneOf(
      none ? wrong.length : 0,
      'fails',
      HYDRAULICS,
      none
        ? reaches
          ? `An eductor for ${gpm(ratedGpm)} picks up only at that flow: ${line.name} asks for ${gpm(flowGpm)}.`
          : `With ${psi(EDUCTOR_PSI)} before it an eductor leaves ${psi(leftPsi)}; ${line.name} asks for ${psi(askedPsi)}.`
        : `${listed(of.filter((one) => !wrong.includes(one)).map((one) => one.line.name))}: flow and pressure go with the eductor, ${psi(EDUCTOR_PSI)} before it.`,
    );
  },
);

const tankfulsInWords = ({ cell, solutionGal, tankfuls }: CellLasts): string =>
  `${gal(cell.gallons)} of ${classInWords(cell)} at ${amount(cell.percent, '%')} treat ${gal(solutionGal)}, ${amount(tankfuls, 'tankfuls')}`;

const withConcentrate = (all: readonly CellLasts[]): CellLasts[] =>
  all.filter(({ tankfuls, cell }) => Number.isFinite(tankfuls) && cell.gallons > 0);

const lasts = check(
  'foaming',
  { id: 'foamLasts', title: 'Concentrate outlasts the tank', steps: ['foam', 'tank'] },
  [cellsLast, limitOf('foamTankfulsLeast')],
  (all, least) => {
    const cells = withConcentrate(all);
    if (!least || cells.length === 0) return null;
    const worst = cells.reduce((most, other) => (other.tankfuls < most.tankfuls ? other : most));
    const judged = heldTo('least', 'tankfuls', worst.tankfuls, least, `${tankfulsInWords(worst)}.`);
    return judged.margin < 0
      ? { ...judged, status: 'caution', words: `${judged.words} It is gone before the water is.` }
      : judged;
  },
);

/** Concentrate of a cell beyond so many tankfuls, gal. */
export const beyond = ({ cell, tankfuls }: CellLasts, most: number): number =>
  tankfuls > most ? cell.gallons * (1 - most / tankfuls) : 0;

const carried = check(
  'foaming',
  { id: 'foamCarried', title: 'Concentrate that is only weight', steps: ['foam'] },
  [cellsLast, limitOf('foamTankfulsMost')],
  (all, most) => {
    const cells = withConcentrate(all);
    if (!most || cells.length === 0) return null;
    const worst = cells.reduce((least, other) => (other.tankfuls > least.tankfuls ? other : least));
    const judged = heldTo('most', 'tankfuls', worst.tankfuls, most, `${tankfulsInWords(worst)}.`);
    const more = beyond(worst, most.value);
    return judged.margin < 0
      ? {
          ...judged,
          status: 'caution',
          words: `${judged.words} ${gal(more)} of it, ${lb(more * worst.cell.lbPerGal)}, are carried for nothing unless water comes for so long.`,
        }
      : judged;
  },
);

const classes = check(
  'foaming',
  { id: 'foamClasses', title: 'Classes of foam kept apart', steps: ['foam'] },
  [foamCells],
  (cells) => {
    const first = cells[0];
    if (!first || new Set(cells.map(({ concentrate: { foamClass } }) => foamClass)).size < 2) return null;
    const other = (one: FoamCell) => one.concentrate.foamClass !== first.concentrate.foamClass;
    const pickups = cells.filter((one) => other(one) && one.sharesPickup);
    const through = cells.filter((one) => other(one) && one.throughId === first.id);
    if (pickups.length > 0)
      return noneOf(
        pickups.length,
        'fails',
        HOUSE,
        `Concentrates of two classes gel where they meet: ${counted(pickups.length, 'cell')} of another class ${pickups.length === 1 ? 'is' : 'are'} refilled through the pickup of the first.`,
      );
    return noneOf(
      through.length,
      'caution',
      HOUSE,
      through.length > 0
        ? `${capital(within(first.system.name))} takes ${counted(through.length, 'cell')} of another class by a selector: it is flushed with water before the selector is turned, every time.`
        : `Each of ${counted(2, 'class', 'classes')} has its own proportioner and pickup.`,
    );
  },
);

const goes = check(
  'foaming',
  { id: 'foamMix', title: 'Concentrate goes with its system', steps: ['foam'] },
  [foamCells],
  (cells) => {
    if (cells.length === 0) return null;
    const thick = cells.filter(({ concentrate, system }) => concentrate.thick && !system.thick);
    const off = cells.filter(
      ({ percent, concentrate: { leastPct, mostPct } }) => percent < leastPct || percent > mostPct,
    );
    const said = [
      ...thick.map(
        ({ system, concentrate }) =>
          `${within(concentrate.name)} is too thick for ${within(system.name)}, which then gives less than its figure`,
      ),
      ...off.map(
        ({ percent, concentrate }) =>
          `${within(concentrate.name)} is not made for ${amount(percent, '%')}, but for ${amount(concentrate.leastPct, '%')} to ${amount(concentrate.mostPct, '%')}`,
      ),
    ];
    return noneOf(
      said.length,
      'caution',
      'The maker of the concentrate',
      said.length > 0
        ? `${capital(said.join('; '))}.`
        : `${counted(cells.length, 'cell')}: each concentrate within its percentages, none too thick.`,
    );
  },
);

const outlets = check(
  'foaming',
  { id: 'foamOutlets', title: 'Foam and its outlets', steps: ['foam', 'plumbing'] },
  [foamCells, connections, fromBuild(({ pump }) => pump.partId)],
  (cells, all, pump) => {
    const foaming = all.filter(({ foam }) => foam !== undefined);
    if (pump === undefined || (cells.length === 0 && foaming.length === 0)) return null;
    const idle = cells.filter(
      ({ id }, i) => !foaming.some(({ foamFrom }) => foamFrom === id || (i === 0 && foamFrom === undefined)),
    );
    const wrong = cells.length === 0 ? foaming.length : idle.length;
    return noneOf(
      wrong,
      'fails',
      'Plumbing of this build',
      cells.length === 0
        ? `No foam system feeds what ${counted(foaming.length, 'discharge')} should carry: ${listed(foaming.map(({ label }) => label))}.`
        : idle.length > 0
          ? `No discharge carries ${listed(idle.map((cell) => `the ${gal(cell.gallons)} of ${classInWords(cell)}`))}.`
          : `${counted(foaming.length, 'discharge')} ${foaming.length === 1 ? 'carries' : 'carry'} foam.`,
    );
  },
);

export const foamingChecks: Check[] = [limit, eductors, lasts, carried, classes, goes, outlets];
