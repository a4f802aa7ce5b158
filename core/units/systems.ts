/** The systems in which a person may read and type; everything is kept and computed in US customary units. */
export const UNIT_SYSTEMS = ['us', 'metric', 'canada'] as const;
export type UnitSystem = (typeof UNIT_SYSTEMS)[number];

/**
 * What a figure measures: `ftin` a length in inches read as feet and inches, `depth`
 * inches of which the hundredth counts, `size` a nominal diameter of
 * hose, `moment` a bending moment in lb·in, `count` things that are counted.
 */
export const QUANTITIES = [
  'lb',
  'in',
  'ftin',
  'depth',
  'ft',
  'size',
  'gal',
  'gpm',
  'psi',
  'lbf',
  'cfm',
  'ft2',
  'ft3',
  'lbgal',
  'lbft',
  'lbin',
  'lbft2',
  'moment',
  'mph',
  'hp',
  'deg',
  'pct',
  'count',
] as const;
export type Quantity = (typeof QUANTITIES)[number];

/** How a quantity is shown: its unit, what one US unit is in it, and the decimals that are worth reading. */
export interface Shown {
  unit: string;
  factor: number;
  decimals: number;
}

const KG_PER_LB = 0.45359237;
const NEWTON_PER_LB = 4.4482216152605;
const MM_PER_IN = 25.4;
const M_PER_FT = 0.3048;
const L_PER_GAL = 3.785411784;
const L_PER_IMPERIAL_GAL = 4.54609;
const KPA_PER_PSI = 6.894757293168361;
const KMH_PER_MPH = 1.609344;
const KW_PER_HP = 0.74569987158227;

/** Counted alike everywhere. */
const COUNT: Shown = { unit: '', factor: 1, decimals: 0 };
/** Angles, likewise. */
const DEGREES: Shown = { unit: '°', factor: 1, decimals: 1 };

/** Percent, likewise. */
const PERCENT: Shown = { unit: '%', factor: 1, decimals: 1 };

const US: Record<Quantity, Shown> = {
  lb: { unit: 'lb', factor: 1, decimals: 0 },
  in: { unit: 'in', factor: 1, decimals: 1 },
  ftin: { unit: 'ft in', factor: 1, decimals: 0 },
  depth: { unit: 'in', factor: 1, decimals: 2 },
  ft: { unit: 'ft', factor: 1, decimals: 0 },
  size: { unit: 'in', factor: 1, decimals: 2 },
  gal: { unit: 'gal', factor: 1, decimals: 0 },
  gpm: { unit: 'gpm', factor: 1, decimals: 1 },
  psi: { unit: 'psi', factor: 1, decimals: 0 },
  lbf: { unit: 'lbf', factor: 1, decimals: 0 },
  cfm: { unit: 'cfm', factor: 1, decimals: 0 },
  ft2: { unit: 'ft²', factor: 1, decimals: 0 },
  ft3: { unit: 'ft³', factor: 1, decimals: 1 },
  lbgal: { unit: 'lb/gal', factor: 1, decimals: 1 },
  lbft: { unit: 'lb/ft', factor: 1, decimals: 2 },
  lbin: { unit: 'lb/in', factor: 1, decimals: 1 },
  lbft2: { unit: 'lb/ft²', factor: 1, decimals: 1 },
  moment: { unit: 'thousand lb·in', factor: 0.001, decimals: 0 },
  mph: { unit: 'mph', factor: 1, decimals: 0 },
  hp: { unit: 'hp', factor: 1, decimals: 0 },
  deg: DEGREES,
  pct: PERCENT,
  count: COUNT,
};

const METRIC: Record<Quantity, Shown> = {
  lb: { unit: 'kg', factor: KG_PER_LB, decimals: 0 },
  in: { unit: 'mm', factor: MM_PER_IN, decimals: 0 },
  ftin: { unit: 'm', factor: MM_PER_IN / 1000, decimals: 2 },
  depth: { unit: 'mm', factor: MM_PER_IN, decimals: 1 },
  ft: { unit: 'm', factor: M_PER_FT, decimals: 1 },
  size: { unit: 'mm', factor: MM_PER_IN, decimals: 0 },
  gal: { unit: 'L', factor: L_PER_GAL, decimals: 0 },
  gpm: { unit: 'L/min', factor: L_PER_GAL, decimals: 0 },
  psi: { unit: 'kPa', factor: KPA_PER_PSI, decimals: 0 },
  lbf: { unit: 'N', factor: NEWTON_PER_LB, decimals: 0 },
  cfm: { unit: 'L/s', factor: (M_PER_FT ** 3 * 1000) / 60, decimals: 0 },
  ft2: { unit: 'm²', factor: M_PER_FT ** 2, decimals: 1 },
  ft3: { unit: 'm³', factor: M_PER_FT ** 3, decimals: 2 },
  lbgal: { unit: 'kg/L', factor: KG_PER_LB / L_PER_GAL, decimals: 2 },
  lbft: { unit: 'kg/m', factor: KG_PER_LB / M_PER_FT, decimals: 2 },
  lbin: { unit: 'kg/cm', factor: KG_PER_LB / (MM_PER_IN / 10), decimals: 2 },
  lbft2: { unit: 'kg/m²', factor: KG_PER_LB / M_PER_FT ** 2, decimals: 1 },
  moment: { unit: 'kN·m', factor: (NEWTON_PER_LB * MM_PER_IN) / 1e6, decimals: 0 },
  mph: { unit: 'km/h', factor: KMH_PER_MPH, decimals: 0 },
  hp: { unit: 'kW', factor: KW_PER_HP, decimals: 0 },
  deg: DEGREES,
  pct: PERCENT,
  count: COUNT,
};

const IMPERIAL_PER_US_GAL = L_PER_GAL / L_PER_IMPERIAL_GAL;

const CANADA: Record<Quantity, Shown> = {
  ...US,
  lbgal: { unit: 'lb/imp gal', factor: 1 / IMPERIAL_PER_US_GAL, decimals: 1 },
  gal: { unit: 'imp gal', factor: IMPERIAL_PER_US_GAL, decimals: 0 },
  gpm: { unit: 'igpm', factor: IMPERIAL_PER_US_GAL, decimals: 1 },
};

const SYSTEMS: Record<UnitSystem, Record<Quantity, Shown>> = { us: US, metric: METRIC, canada: CANADA };

/** What the systems are called. */
export const SYSTEM_NAMES: Record<UnitSystem, string> = {
  us: 'US customary',
  metric: 'Metric',
  canada: 'Canadian, imperial gallons',
};

/** How a quantity is shown in a system. */
export const shownIn = (system: UnitSystem, quantity: Quantity): Shown => SYSTEMS[system][quantity];

/** A figure of ours (US customary) in a system, with no rounding: 1,000 gal → 3,785.411784 L. */
export const toSystem = (system: UnitSystem, quantity: Quantity, value: number): number =>
  value * SYSTEMS[system][quantity].factor;

/** A figure typed in a system as ours (US customary), with no rounding. */
export const fromSystem = (system: UnitSystem, quantity: Quantity, value: number): number =>
  value / SYSTEMS[system][quantity].factor;
