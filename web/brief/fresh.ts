import { freshId } from '#core/build';
import type { Field } from '#core/build';
import { BRIEF_FIELDS, linesOf, ownFieldsOf, standsAlone } from '#core/subjects/brief';
import type { Brief, BriefKind, BriefLine } from '#core/subjects/brief';

/** What is usual where a line is new: nobody is asked for a figure that most give alike. */
const USUAL: Partial<Record<BriefKind, Record<string, unknown>>> = {
  crew: { seats: 4 },
  supply: { minutes: 10 },
  hydrants: { staticPsi: 60, residualPsi: 40, flowGpm: 1_000 },
  drafts: { liftFt: 8, reachFt: 10 },
  tankers: { gallons: 2_000, fillGpm: 700, dumpGpm: 1_000 },
  shuttles: { miles: 3, fillGpm: 1_000, fillMin: 1.5, fillPlaces: 1, dumpMin: 1, dumpPlaces: 1 },
  structureFires: { floorFt2: 1_500, floors: 1, burnsPct: 50, minutes: 15 },
  vehicleFires: { gpm: 95, minutes: 5 },
  spills: { areaFt2: 500, fuel: 'floats', minutes: 15 },
  grassFires: { edgeFt: 500, wideFt: 3, deepIn: 0.1, minutes: 15 },
  stations: { doorHighIn: 144, doorWideIn: 144, aboveIn: 4, besideIn: 6, enters: 'backs' },
  corners: { fromFt: 24, intoFt: 22, insideFt: 8 },
  lanes: { wideFt: 24, parkedFt: 8 },
  bridges: { grossLb: 60_000 },
  grades: { steepPct: 10, surface: 'wet' },
  changes: { fromPct: 0, toPct: 12 },
  heights: { clearIn: 144, aboveIn: 4 },
  floods: { deepIn: 12 },
  altitude: { highFt: 500 },
  soils: { bearsPsi: 50 },
  slopes: { acrossPct: 15 },
  targets: { figure: 'length', sense: 'most', value: 400 },
  budget: { cents: 900_000_00 },
};

const least = (field: Field): unknown => {
  if (field.kind === 'amount') return field.min;
  if (field.kind === 'oneOf') return field.values[0];
  return 'to be said';
};

/** A new line of a kind, with usual figures that are marked as assumed. */
export function newLine(brief: Brief, kind: BriefKind): BriefLine {
  const taken = linesOf(brief, kind).length;
  const { line } = BRIEF_FIELDS[kind];
  const own = ownFieldsOf(kind)
    .filter(([, field]) => !field.optional)
    .map(([key, field]) => [key, USUAL[kind]?.[key] ?? least(field)]);
  const isNamed = 'name' in BRIEF_FIELDS[kind].fields;
  return {
    id: freshId(),
    wish: 'must',
    known: 'assumed',
    ...(isNamed ? { name: standsAlone(kind) ? line : `${line} ${taken + 1}` } : {}),
    ...Object.fromEntries(own),
    ...USUAL[kind],
  };
}
