import { limitOf, reading } from '../../kernel/index.js';
import type { Limit } from '../../kernel/index.js';
import { IN_PER_FT } from '../../units/index.js';
import { counting } from '../brief/index.js';
import type { LineOf } from '../brief/index.js';
import { foamCells } from '../foam/index.js';
import type { FoamCell, FoamClass } from '../foam/index.js';

/** A fire of the brief. */
export type Fire =
  LineOf<'structureFires'> | LineOf<'vehicleFires'> | LineOf<'spills'> | LineOf<'grassFires'>;

/** What a fire takes. Gpm of solution, minutes, gallons, percent of concentrate. */
export interface Need {
  fire: Fire;
  what: 'structure' | 'vehicle' | 'spill' | 'grass';
  gpm: number;
  minutes: number;
  solutionGal: number;
  foamClass: FoamClass | null;
  /** Water alone does not do it. */
  needsFoam: boolean;
  percent: number;
  concentrateGal: number;
}

const GAL_PER_FT3 = 7.48;
/** Where the profile says nothing: gpm for 100 ft² of floor that burns, and of spill (formulas: fires). */
const USUAL = { fireGpm: 100 / 3, spillGpm: 10, alcoholGpm: 20 };
const PER_FT2 = 100;

/** How much water each hundred square feet take a minute, gpm. */
export interface Rates {
  fireGpm: number;
  spillGpm: number;
  alcoholGpm: number;
}
const rateOf = (limit: Limit | null, usual: number): number => limit?.value ?? usual;
export const rates = reading(
  'fires',
  [limitOf('fireGpm'), limitOf('spillGpm'), limitOf('alcoholGpm')],
  (fire, spill, alcohol): Rates => ({
    fireGpm: rateOf(fire, USUAL.fireGpm),
    spillGpm: rateOf(spill, USUAL.spillGpm),
    alcoholGpm: rateOf(alcohol, USUAL.alcoholGpm),
  }),
);

const withFoam = (
  about: Pick<Need, 'fire' | 'what' | 'gpm' | 'minutes'>,
  foam: Pick<Need, 'foamClass' | 'needsFoam' | 'percent'>,
): Need => {
  const solutionGal = about.gpm * about.minutes;
  return { ...about, ...foam, solutionGal, concentrateGal: (solutionGal * foam.percent) / 100 };
};

const WATER = { foamClass: null, needsFoam: false, percent: 0 } as const;
/** Class A at the percentage of its cell where the truck has it; else water alone. */
const classA = (cells: readonly FoamCell[]): Pick<Need, 'foamClass' | 'needsFoam' | 'percent'> => {
  const cell = cells.find(({ concentrate: { foamClass } }) => foamClass === 'A');
  return cell ? { foamClass: 'A', needsFoam: false, percent: cell.percent } : WATER;
};
/** The cell of class B that goes with a fuel: any for one that floats, an alcohol-resistant one for one that mixes. */
export const cellForSpill = (
  { fuel }: Pick<LineOf<'spills'>, 'fuel'>,
  cells: readonly FoamCell[],
): FoamCell | undefined =>
  cells.find(
    ({ concentrate: { foamClass, alcoholPct } }) =>
      foamClass === 'B' && (fuel === 'floats' || alcoholPct !== undefined),
  );
/** Percentage of a concentrate where the truck carries none that goes with the fuel. */
const USUAL_B_PCT = { floats: 3, mixes: 6 };

/** What a spill takes, by its area (formulas: fires). */
export function needOfSpill(
  fire: LineOf<'spills'>,
  { spillGpm, alcoholGpm }: Rates,
  cells: readonly FoamCell[],
): Need {
  const cell = cellForSpill(fire, cells);
  const mixes = fire.fuel === 'mixes';
  const percent = (mixes ? cell?.concentrate.alcoholPct : cell?.percent) ?? USUAL_B_PCT[fire.fuel];
  return withFoam(
    {
      fire,
      what: 'spill',
      gpm: (fire.areaFt2 / PER_FT2) * (mixes ? alcoholGpm : spillGpm),
      minutes: fire.minutes,
    },
    { foamClass: 'B', needsFoam: true, percent },
  );
}

/** What a structure takes, by the floor that burns (formulas: fires). */
export const needOfStructure = (
  fire: LineOf<'structureFires'>,
  { fireGpm }: Rates,
  cells: readonly FoamCell[],
): Need =>
  withFoam(
    {
      fire,
      what: 'structure',
      gpm: ((fire.floorFt2 * fire.floors * (fire.burnsPct / 100)) / PER_FT2) * fireGpm,
      minutes: fire.minutes,
    },
    classA(cells),
  );

/** Water for each foot of a wetted strip, gal (formulas: fires). */
export const galPerFt = (wideFt: number, deepIn: number): number =>
  wideFt * (deepIn / IN_PER_FT) * GAL_PER_FT3;

/** What a strip along a fire's edge takes, in the minutes that there are (formulas: fires). */
export const needOfGrass = (fire: LineOf<'grassFires'>, cells: readonly FoamCell[]): Need =>
  withFoam(
    {
      fire,
      what: 'grass',
      gpm: (fire.edgeFt * galPerFt(fire.wideFt, fire.deepIn)) / fire.minutes,
      minutes: fire.minutes,
    },
    classA(cells),
  );

/** What every fire of the brief takes. */
export const needs = reading(
  'fires',
  [
    counting('structureFires'),
    counting('vehicleFires'),
    counting('spills'),
    counting('grassFires'),
    rates,
    foamCells,
  ],
  (structures, vehicles, spills, grass, of, cells): Need[] => [
    ...structures.map((fire) => needOfStructure(fire, of, cells)),
    ...vehicles.map((fire) =>
      withFoam({ fire, what: 'vehicle', gpm: fire.gpm, minutes: fire.minutes }, classA(cells)),
    ),
    ...spills.map((fire) => needOfSpill(fire, of, cells)),
    ...grass.map((fire) => needOfGrass(fire, cells)),
  ],
);
