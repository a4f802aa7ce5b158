import { limitKind, limitsOfEach, reading } from '../../kernel/index.js';
import type { Limit, Reading } from '../../kernel/index.js';
import { hoseSize } from '../../units/index.js';

const SMALLER = 'smaller' as const;
const credit = (sizeIn: number) =>
  limitKind(`A discharge of ${hoseSize(sizeIn)} counts for`, 'gpm', 'reckon', 0, 5_000, SMALLER);
const suction = (sizeIn: number) =>
  limitKind(`A suction of ${hoseSize(sizeIn)} supplies`, 'gpm', 'reckon', 0, 6_000, SMALLER);

/** What a discharge of each size counts for toward the rating, the smallest first; in. */
const CREDITS = {
  2.5: 'credit25Gpm',
  3: 'credit30Gpm',
  3.5: 'credit35Gpm',
  4: 'credit40Gpm',
  4.5: 'credit45Gpm',
  5: 'credit50Gpm',
  6: 'credit60Gpm',
} as const;
/** What a suction of each size supplies, likewise. */
const SUCTIONS = {
  3: 'suction30Gpm',
  4: 'suction40Gpm',
  4.5: 'suction45Gpm',
  5: 'suction50Gpm',
  6: 'suction60Gpm',
  8: 'suction80Gpm',
} as const;

export const plumbingLimits = {
  credit25Gpm: credit(2.5),
  credit30Gpm: credit(3),
  credit35Gpm: credit(3.5),
  credit40Gpm: credit(4),
  credit45Gpm: credit(4.5),
  credit50Gpm: credit(5),
  credit60Gpm: credit(6),
  plainOutlets: limitKind('Discharges for plain water only', 'pieces', 'least', 0, 20),
  suction30Gpm: suction(3),
  suction40Gpm: suction(4),
  suction45Gpm: suction(4.5),
  suction50Gpm: suction(5),
  suction60Gpm: suction(6),
  suction80Gpm: suction(8),
  suctionNextPct: limitKind(
    'Each further suction of a side supplies, of its own',
    '%',
    'reckon',
    0,
    100,
    SMALLER,
  ),
  tankPathGpm: limitKind('Tank-to-pump flow', 'gpm', 'least', 0, 3_000),
  tankPathLargeGpm: limitKind('Tank-to-pump flow of a large tank', 'gpm', 'least', 0, 3_000),
  tankPathFromGal: limitKind('A large tank begins at', 'gal', 'reckon', 50, 5_000, SMALLER),
  slowFromIn: limitKind('Valves open and close slowly from', 'in', 'reckon', 1, 10, SMALLER),
  largeFromIn: limitKind('Large discharges begin at', 'in', 'reckon', 2, 10, SMALLER),
  openingHighIn: limitKind('Openings for hose above where one stands', 'in', 'most', 20, 100),
};

type BySize = Readonly<Record<number, string>>;

/** A table of limits by size, of one profile: what the largest size up to one comes to; 0 below the smallest. */
const table = (of: BySize) => (limits: Partial<Record<string, Limit>>) => {
  const rows = Object.entries(of)
    .map(([sizeIn, id]) => ({ sizeIn: Number(sizeIn), limit: limits[id] }))
    .filter((row): row is { sizeIn: number; limit: Limit } => row.limit !== undefined)
    .sort((a, b) => b.sizeIn - a.sizeIn);
  return rows.length === 0
    ? null
    : {
        basis: rows[0]!.limit.basis,
        of: (sizeIn: number): number => rows.find((row) => row.sizeIn <= sizeIn)?.limit.value ?? 0,
      };
};
type Table = NonNullable<ReturnType<ReturnType<typeof table>>>;

/** Of two profiles the one by which a size counts for less, size by size. */
function lesser(tables: readonly (Table | null)[]): Table | null {
  const known = tables.filter((one): one is Table => one !== null);
  return known.length === 0
    ? null
    : { basis: known[0]!.basis, of: (sizeIn) => Math.min(...known.map((one) => one.of(sizeIn))) };
}

const bySize = (of: BySize): Reading<Table | null> =>
  reading('plumbing', [limitsOfEach(...Object.values(of))], (each) => lesser(each.map(table(of))));

/** What a discharge counts for by its size, gpm; null where the profile says nothing of it. */
export const credits = bySize(CREDITS);
/** What one suction supplies by its size, gpm, likewise. */
export const supplies = bySize(SUCTIONS);
