import { field, wordsOf } from '../../build/index.js';
import type { Field, Fields, Names, ShapeOf } from '../../build/index.js';
import { amount, feetInches, IN_PER_FT } from '../../units/index.js';

/** How much a line counts: a miss of what must be fails, of what somebody would like is told. */
export const WISH_NAMES = { must: 'Must', like: 'Would like', out: 'Not for this truck' } as const;
/** How a line is known. */
export const KNOWN_NAMES = { assumed: 'Assumed', told: 'As told', measured: 'Measured' } as const;

/** What every line of a brief says beside its own figures. */
export const COMMON_FIELDS = {
  wish: field.oneOf('How much it counts', ['must', 'like', 'out'], WISH_NAMES),
  known: field.oneOf('How it is known', ['assumed', 'told', 'measured'], KNOWN_NAMES),
  who: field.optional(field.text('Asked for by', 1, 80)),
  why: field.optional(field.text('Why', 1, 300)),
  /** In a build whose line is not the department's. */
  differs: field.optional(field.text('Why this truck differs', 1, 300)),
};
export type CommonLine = ShapeOf<typeof COMMON_FIELDS> & { id: string; name?: string };

const NAME = field.text('Name', 1, 80);

type Says = (line: Record<string, unknown>, names: Names) => string;

/** A street is told to the inch: half a foot decides. */
const saidValue = (of: Field, value: unknown, names: Names): string =>
  of.kind === 'amount' && of.unit === 'ft'
    ? feetInches((value as number) * IN_PER_FT)
    : wordsOf(of, value, names).toLowerCase();

/** What a line says by its own fields, in words. */
const byFields =
  (own: Fields): Says =>
  (line, names) =>
    Object.entries(own)
      .filter(([key]) => key !== 'name' && line[key] !== undefined)
      .map(([key, of]) => `${of.title.toLowerCase()} ${saidValue(of, line[key], names)}`)
      .join(' · ');

/** A kind of line; one that stands alone in a brief has no name. */
const lines = <S extends Fields>(
  title: string,
  one: string,
  most: number,
  own: S,
  says: Says = byFields(own),
) =>
  field.optional(
    field.lines(title, one, most, { ...COMMON_FIELDS, ...own }, (line, _build, names) => {
      const { wish, name } = line as unknown as CommonLine;
      const words = says(line, names);
      const must = WISH_NAMES[wish].toLowerCase();
      return {
        title: `Brief, ${one.toLowerCase()}${name ? `: ${name}` : ''}`,
        words: words ? `${must}: ${words}` : must,
      };
    }),
  );
const named = <S extends Fields>(title: string, one: string, own: S, most = MANY) =>
  lines(title, one, most, { name: NAME, ...own });
const alone = <S extends Fields>(title: string, own: S) => lines(title, title, 1, own);
const MANY = 40;

const inches = (title: string, min: number, max: number) => field.amount(title, 'in', { min, max, step: 1 });
const feet = (title: string, min: number, max: number) => field.amount(title, 'ft', { min, max, step: 1 });
const pounds = (title: string) =>
  field.optional(field.amount(title, 'lb', { min: 1_000, max: 300_000, step: 500 }));
const grade = (title: string, min: number, max: number) => field.amount(title, '%', { min, max, step: 1 });

/** On what a wheel stands, and how it holds. */
export const SURFACE_NAMES = {
  dry: 'Dry pavement',
  wet: 'Wet pavement',
  gravel: 'Gravel',
  grass: 'Wet grass or snow',
} as const;
export type Surface = keyof typeof SURFACE_NAMES;
const SURFACES = ['dry', 'wet', 'gravel', 'grass'] as const;

/** The figures by which a department may set itself a target. */
export const TARGET_FIGURES = {
  length: { title: 'Length', unit: 'in' },
  height: { title: 'Height', unit: 'in' },
  wheelbase: { title: 'Wheelbase', unit: 'in' },
  gross: { title: 'Gross weight', unit: 'lb' },
  front: { title: 'Front axle load', unit: 'lb' },
  tank: { title: 'Tank', unit: 'gal' },
  volume: { title: 'Enclosed compartments', unit: 'ft3' },
} as const;
export type TargetFigure = keyof typeof TARGET_FIGURES;
const TARGET_NAMES = Object.fromEntries(
  Object.entries(TARGET_FIGURES).map(([id, { title }]) => [id, title]),
) as Record<TargetFigure, string>;
const TARGETS = ['length', 'height', 'wheelbase', 'gross', 'front', 'tank', 'volume'] as const;

/** What a fleet has in common. */
export const COMMON_NAMES = {
  engine: 'Engine',
  governor: 'Pump governor',
  valves: 'Discharge valves',
  colors: 'Handle colors',
  connections: 'Supply connections',
  controls: 'Pump panel',
  doors: 'Compartment doors',
} as const;
export type CommonMatter = keyof typeof COMMON_NAMES;
const MATTERS = ['engine', 'governor', 'valves', 'colors', 'connections', 'controls', 'doors'] as const;

/** A target in the unit of its figure. */
const saidTarget: Says = ({ figure, sense, value }) => {
  const { title, unit } = TARGET_FIGURES[figure as TargetFigure];
  const asked = value === undefined ? 'that of the present truck' : amount(value as number, unit);
  return `${title.toLowerCase()} at ${sense as string} ${asked}`;
};
const saidCommon: Says = ({ matter, uses }) =>
  `${COMMON_NAMES[matter as CommonMatter].toLowerCase()}: ${uses as string}`;

/** All that a department can say of its district, in the order in which a committee talks. */
export const BRIEF_FIELDS = {
  crew: alone('Crew', { seats: field.count('Seats at least', 1, 12) }),
  supply: alone('Water supply', {
    minutes: field.amount('Minutes until it is established', '', { min: 0, max: 120 }),
  }),
  hydrants: named('Hydrants', 'Hydrant', {
    staticPsi: field.amount('Static pressure', 'psi', { min: 0, max: 250 }),
    residualPsi: field.amount('Residual pressure', 'psi', { min: 0, max: 250 }),
    flowGpm: field.amount('Flow in the test', 'gpm', { min: 0, max: 6_000, step: 50 }),
  }),
  drafts: named('Draft sites', 'Draft site', {
    liftFt: feet('Lift', 0, 25),
    reachFt: feet('From the road to the water', 0, 100),
  }),
  tankers: named('Tankers', 'Tanker', {
    gallons: field.amount('Tank', 'gal', { min: 100, max: 10_000, step: 50 }),
    fillGpm: field.amount('Takes in', 'gpm', { min: 50, max: 3_000, step: 50 }),
    dumpGpm: field.amount('Dumps', 'gpm', { min: 50, max: 5_000, step: 50 }),
  }),
  shuttles: named('Tanker shuttles', 'Tanker shuttle', {
    miles: field.amount('Miles from the water to the fire', '', { min: 0, max: 100, step: 0.5 }),
    fillGpm: field.amount('One place at the water fills', 'gpm', { min: 50, max: 5_000, step: 50 }),
    fillMin: field.amount('Minutes to couple up there', '', { min: 0, max: 30, step: 0.5 }),
    fillPlaces: field.count('Places to fill', 1, 6),
    dumpMin: field.amount('Minutes to back up and leave at the fire', '', { min: 0, max: 30, step: 0.5 }),
    dumpPlaces: field.count('Places to dump', 1, 6),
  }),
  structureFires: named('Structure fires', 'Structure fire', {
    floorFt2: field.amount('Area of a floor', 'ft2', { min: 50, max: 200_000, step: 100 }),
    floors: field.count('Floors that burn', 1, 10),
    burnsPct: field.amount('Of each floor burns', '%', { min: 5, max: 100, step: 5 }),
    minutes: field.amount('Minutes of water', '', { min: 1, max: 240 }),
  }),
  vehicleFires: named('Vehicle fires', 'Vehicle fire', {
    gpm: field.amount('Flow that it takes', 'gpm', { min: 20, max: 1_000, step: 5 }),
    minutes: field.amount('Minutes of water', '', { min: 1, max: 120 }),
  }),
  spills: named('Fuel spills', 'Fuel spill', {
    areaFt2: field.amount('Area of the spill', 'ft2', { min: 10, max: 50_000, step: 50 }),
    fuel: field.oneOf('Fuel', ['floats', 'mixes'], {
      floats: 'floats on water, as gasoline and diesel do',
      mixes: 'mixes with water, as alcohol does',
    }),
    minutes: field.amount('Minutes of foam', '', { min: 1, max: 120 }),
  }),
  grassFires: named('Grass fires', 'Grass fire', {
    edgeFt: feet('Fire edge', 50, 20_000),
    wideFt: feet('Wetted strip', 1, 60),
    deepIn: field.amount('Water on it', 'depth', { min: 0.01, max: 2, step: 0.01 }),
    minutes: field.amount('Minutes that there are', '', { min: 1, max: 600 }),
  }),
  buildings: named('Buildings', 'Building', {
    setBackFt: feet('From the street to its door', 0, 2_000),
    deepFt: feet('From the door to its far corner', 0, 1_000),
    floors: field.count('Floors above the ground floor', 0, 60),
  }),
  coefficients: lines('Friction of hose', 'Friction', MANY, {
    sizeIn: field.amount('Hose of', 'size', { min: 0.5, max: 12 }),
    coefficient: field.amount('Coefficient', '', { min: 0.001, max: 5_000 }),
  }),
  stations: named('Stations', 'Station', {
    doorHighIn: inches('Door height', 72, 240),
    doorWideIn: inches('Door width', 72, 360),
    aboveIn: inches('Kept clear above', 0, 36),
    besideIn: inches('Kept clear each side', 0, 48),
    bayLongIn: field.optional(inches('Bay length', 120, 2_400)),
    roundIn: field.optional(inches('Room to walk at each end', 0, 120)),
    rampPct: field.optional(grade('Slope outside the door, rising to it', -25, 25)),
    enters: field.oneOf('The truck', ['backs', 'drives', 'both'], {
      backs: 'backs in',
      drives: 'drives in',
      both: 'drives through',
    }),
  }),
  corners: named('Corners and gateways', 'Corner', {
    fromFt: feet('Width it comes from', 6, 120),
    intoFt: feet('Width it turns into', 6, 120),
    insideFt: feet('Radius of the inside curb', 0, 100),
  }),
  lanes: named('Lanes', 'Lane', {
    wideFt: feet('Width between curbs', 6, 120),
    parkedFt: feet('Taken by parked cars', 0, 30),
    setUp: field.oneOf('There the truck', ['passes', 'setsUp'], {
      passes: 'passes',
      setsUp: 'sets up its outriggers',
    }),
  }),
  bridges: named('Bridges', 'Bridge', {
    grossLb: pounds('Posted gross weight'),
    axleLb: pounds('Posted weight of an axle'),
    tandemLb: pounds('Posted weight of a tandem'),
    threeAxleLb: pounds('Posted gross weight for three axles or more'),
    clearIn: field.optional(inches('Clear height', 72, 300)),
    aboveIn: field.optional(inches('Kept clear above', 0, 36)),
    wideIn: field.optional(inches('Clear width', 72, 480)),
    spanFt: field.optional(feet('Span', 4, 400)),
  }),
  roads: named('Roads', 'Road', {
    rule: field.oneOf('Weight limits', ['emergency', 'ordinary'], {
      emergency: 'those of emergency vehicles',
      ordinary: 'those of ordinary trucks only',
    }),
  }),
  grades: named('Grades', 'Grade', {
    steepPct: grade('Grade', 0, 45),
    surface: field.oneOf('Surface', SURFACES, SURFACE_NAMES),
  }),
  changes: named('Sudden changes of grade', 'Change of grade', {
    fromPct: grade('Grade before it', -45, 45),
    toPct: grade('Grade after it', -45, 45),
  }),
  heights: named('Low branches and wires', 'Low place', {
    clearIn: inches('Clear height', 72, 300),
    aboveIn: inches('Kept clear above', 0, 36),
  }),
  floods: named('Floods', 'Flooded road', { deepIn: inches('Depth of the water', 0, 80) }),
  altitude: alone('Altitude', { highFt: feet('Above the sea', -1_000, 14_000) }),
  winter: alone('Winter', {
    hard: field.oneOf('It is', ['none', 'frost', 'hard'], {
      none: 'without frost',
      frost: 'with some frost',
      hard: 'long and hard',
    }),
  }),
  soils: named('Soft ground', 'Soft ground', {
    bearsPsi: field.amount('Bears', 'psi', { min: 1, max: 300 }),
  }),
  slopes: named('Side slopes', 'Side slope', { acrossPct: grade('Slope across', 0, 60) }),
  targets: lines(
    'Targets',
    'Target',
    MANY,
    {
      figure: field.oneOf('Figure', TARGETS, TARGET_NAMES),
      sense: field.oneOf('It is', ['most', 'least'], { most: 'at most', least: 'at least' }),
      /** In the unit of the figure; that of the present truck where left out. */
      value: field.optional(field.amount('Value', '', { min: 0, max: 1_000_000 })),
    },
    saidTarget,
  ),
  present: named(
    'The present truck',
    'Present truck',
    {
      lengthIn: field.optional(inches('Length', 120, 900)),
      heightIn: field.optional(inches('Height', 60, 180)),
      wheelbaseIn: field.optional(inches('Wheelbase', 60, 400)),
      frontLb: field.optional(field.amount('Front axle load', 'lb', { min: 1_000, max: 40_000, step: 100 })),
      grossLb: field.optional(field.amount('Gross weight', 'lb', { min: 3_000, max: 120_000, step: 100 })),
      volumeFt3: field.optional(field.amount('Enclosed compartments', 'ft3', { min: 0, max: 1_000 })),
      tankGal: field.optional(field.amount('Tank', 'gal', { min: 0, max: 6_000, step: 10 })),
      pumpGpm: field.optional(field.amount('Pump', 'gpm', { min: 0, max: 4_000, step: 50 })),
      seats: field.optional(field.count('Seats', 1, 12)),
    },
    1,
  ),
  commons: lines(
    'Common to the fleet',
    'Common part',
    MATTERS.length,
    {
      matter: field.oneOf('What', MATTERS, COMMON_NAMES),
      uses: field.text('The fleet uses', 1, 80),
    },
    saidCommon,
  ),
  hazards: named('Special hazards', 'Hazard', {}),
  budget: alone('Budget', {
    cents: field.amount('At most', 'cents', { min: 0, max: 1_000_000_000, whole: true }),
  }),
};

export type BriefKind = keyof typeof BRIEF_FIELDS;
/** A department's brief: lines of each kind that it has something to say of. */
export type Brief = ShapeOf<typeof BRIEF_FIELDS>;
export type LineOf<K extends BriefKind> = NonNullable<Brief[K]>[number];
/** Any line, whatever it says of its own. */
export type BriefLine = CommonLine & Record<string, unknown>;

/** The fields of a kind of line that are its own, without its name. */
export const ownFieldsOf = (kind: BriefKind): [string, Field][] =>
  Object.entries(BRIEF_FIELDS[kind].fields as Fields).filter(
    ([key]) => !(key in COMMON_FIELDS) && key !== 'name',
  );

/** What a line says of its own, as a short text with its quantities in place. */
export function saidLine(kind: BriefKind, line: BriefLine, names: Names): string {
  const says = { targets: saidTarget, commons: saidCommon } as Partial<Record<BriefKind, Says>>;
  return (says[kind] ?? byFields(Object.fromEntries(ownFieldsOf(kind))))(line, names);
}

/** The unit in which a field of a line is typed: a target's value is in that of its figure. */
export const unitOfField = (kind: BriefKind, key: string, line: BriefLine, of: Field): string =>
  kind === 'targets' && key === 'value'
    ? TARGET_FIGURES[line['figure'] as TargetFigure].unit
    : of.kind === 'amount'
      ? of.unit
      : '';

/** Whether there is one line of that kind at most. */
export const standsAlone = (kind: BriefKind): boolean => BRIEF_FIELDS[kind].most === 1;

/** The page of a brief: heads in the order in which a committee talks, with the kinds of line under each. */
export const BRIEF_SECTIONS: readonly { id: string; title: string; kinds: readonly BriefKind[] }[] = [
  { id: 'people', title: 'People', kinds: ['crew'] },
  {
    id: 'water',
    title: 'Water',
    kinds: ['supply', 'hydrants', 'drafts', 'tankers', 'shuttles', 'buildings', 'coefficients'],
  },
  {
    id: 'fires',
    title: 'Fires',
    kinds: ['structureFires', 'vehicleFires', 'spills', 'grassFires'],
  },
  { id: 'stations', title: 'Stations', kinds: ['stations'] },
  { id: 'streets', title: 'Streets', kinds: ['corners', 'lanes', 'heights'] },
  { id: 'bridges', title: 'Bridges and roads', kinds: ['bridges', 'roads'] },
  { id: 'grades', title: 'Grades', kinds: ['grades', 'changes'] },
  { id: 'weather', title: 'Flood, altitude and winter', kinds: ['floods', 'altitude', 'winter'] },
  { id: 'offRoad', title: 'Off the road', kinds: ['soils', 'slopes'] },
  { id: 'fleet', title: 'The fleet', kinds: ['present', 'targets', 'commons'] },
  { id: 'rest', title: 'Hazards and budget', kinds: ['hazards', 'budget'] },
];
