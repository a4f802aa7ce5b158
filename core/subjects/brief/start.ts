import type { DistrictKind } from './districts.js';
import type { Brief, BriefKind, BriefLine } from './fields.js';

/** Values that are usual; a department that knows its own writes them over. */
const assumed = (id: string, own: Record<string, unknown>): BriefLine =>
  ({ id, wish: 'must', known: 'assumed', ...own }) as BriefLine;

const STATION = assumed('station', {
  name: 'Station',
  doorHighIn: 144,
  doorWideIn: 144,
  aboveIn: 4,
  besideIn: 6,
  bayLongIn: 600,
  roundIn: 36,
  enters: 'backs',
});

type Lines = Partial<Record<BriefKind, BriefLine[]>>;

const EVERYWHERE: Lines = {
  crew: [assumed('crew', { seats: 4 })],
  stations: [STATION],
  altitude: [assumed('altitude', { highFt: 500 })],
  winter: [assumed('winter', { hard: 'frost' })],
  grades: [assumed('steepest', { name: 'Steepest road', steepPct: 8, surface: 'wet' })],
  changes: [assumed('drive', { name: 'Foot of a steep drive', fromPct: 0, toPct: 12 })],
};

/** What is usual in each kind of district. */
const OF_KIND: Record<DistrictKind, Lines> = {
  rural: {
    supply: [assumed('supply', { minutes: 15 })],
    drafts: [assumed('pond', { name: 'Pond by the road', liftFt: 8, reachFt: 10 })],
    corners: [assumed('gate', { name: 'Farm gateway', fromFt: 24, intoFt: 24, insideFt: 6 })],
    bridges: [assumed('bridge', { name: 'Weakest bridge', grossLb: 60_000, spanFt: 40 })],
    heights: [assumed('branches', { name: 'Branches over a lane', clearIn: 144, aboveIn: 4 })],
    floods: [assumed('ford', { name: 'Road that floods', deepIn: 12 })],
    soils: [assumed('meadow', { name: 'Meadow in a wet spring', bearsPsi: 60 })],
  },
  village: {
    supply: [assumed('supply', { minutes: 5 })],
    hydrants: [assumed('hydrant', { name: 'Usual hydrant', staticPsi: 60, residualPsi: 40, flowGpm: 1_000 })],
    corners: [assumed('corner', { name: 'Tightest corner', fromFt: 24, intoFt: 22, insideFt: 10 })],
    heights: [assumed('wires', { name: 'Wires over a drive', clearIn: 156, aboveIn: 6 })],
  },
  city: {
    supply: [assumed('supply', { minutes: 3 })],
    hydrants: [assumed('hydrant', { name: 'Usual hydrant', staticPsi: 65, residualPsi: 50, flowGpm: 1_500 })],
    corners: [assumed('corner', { name: 'Tightest corner', fromFt: 26, intoFt: 24, insideFt: 12 })],
    stations: [{ ...STATION, doorHighIn: 156, doorWideIn: 168, bayLongIn: 660 }],
    lanes: [assumed('lane', { name: 'Narrow street', wideFt: 30, parkedFt: 8, setUp: 'setsUp' })],
    heights: [assumed('arch', { name: 'Lowest arch', clearIn: 150, aboveIn: 4 })],
  },
  wildland: {
    supply: [assumed('supply', { minutes: 30 })],
    corners: [assumed('track', { name: 'Turn in a track', fromFt: 24, intoFt: 24, insideFt: 12 })],
    grades: [assumed('steepest', { name: 'Steepest track', steepPct: 20, surface: 'gravel' })],
    changes: [assumed('ditch', { name: 'Dry ditch', fromPct: -6, toPct: 12 })],
    floods: [assumed('ford', { name: 'Ford', deepIn: 12 })],
    soils: [assumed('sand', { name: 'Loose sand', bearsPsi: 35 })],
    slopes: [assumed('slope', { name: 'Hillside', acrossPct: 20 })],
  },
};

/** A brief to start from in a kind of district: sensible values, each marked as assumed. */
export const startBrief = (kind: DistrictKind): Brief =>
  structuredClone({ ...EVERYWHERE, ...OF_KIND[kind] }) as unknown as Brief;
