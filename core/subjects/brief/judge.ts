import { check, rank, reading } from '../../kernel/index.js';
import type { AnyReading, Check, Judgement, Reading, Status, Unit, ValuesOf } from '../../kernel/index.js';
import { inches, listed } from '../../units/index.js';
import { brief, linesOf } from './block.js';
import type { BriefKind, CommonLine, LineOf } from './fields.js';

/** What a truck comes to at one place of the brief, or against one wish of it. */
export interface AtPlace<L extends CommonLine = CommonLine> {
  line: L;
  actual: number;
  limit: number;
  /** Positive where it holds, in the unit. */
  margin: number;
  /** Margin from which it holds without a caution, where that is more than nothing. */
  comfort?: number;
  unit: Unit;
  state?: { id: string; name: string };
  /** What it comes to, as sentences without the name of the place. */
  words: string;
}

/** What is left less than this is told: what lies on the floor, and how a driver holds the wheel, take as much. In. */
export const TIGHT_IN = { height: 1, width: 2, length: 6, lane: 24, outriggers: 6 };

/** How much is left in words, in; or how much it is too high, wide, long or deep. */
export const spared = (margin: number, over: string): string =>
  margin < 0 ? `${inches(-margin)} ${over}` : `${inches(margin)} to spare`;

/** What tape and eye don't show is no miss, in any unit. */
const TOLERANCE = 1e-9;

/** How a place stands: a miss of what somebody would like is told, and does not fail. */
export function statusAt({
  line: { wish },
  margin,
  comfort = 0,
}: Pick<AtPlace, 'line' | 'margin' | 'comfort'>): Status {
  if (!Number.isFinite(margin)) return 'fails';
  if (margin < -TOLERANCE) return wish === 'must' ? 'fails' : 'caution';
  return margin < comfort ? 'caution' : 'holds';
}

const nameOf = ({ name }: CommonLine, title: string): string => name ?? title;

/** Who asked for a line and why, as a sentence; nothing where nobody said. */
export function askedFor({ who, why, known, differs }: CommonLine): string {
  const by = who === undefined ? '' : ` Asked for by ${who}`;
  const said = why === undefined ? by && `${by}.` : `${by ? `${by}: ` : ' '}${why.replace(/\.?$/, '.')}`;
  const own = differs === undefined ? '' : ` This truck’s own: ${differs.replace(/\.?$/, '.')}`;
  return `${said}${own}${known === 'assumed' ? ' The brief assumes it.' : ''}`;
}

/** The lines of a kind that count for this truck. */
export const counting = <K extends BriefKind>(kind: K): Reading<LineOf<K>[]> => {
  const of: Reading<LineOf<K>[]> = reading('brief', [brief], (all) =>
    linesOf(all, kind).filter(({ wish }) => (wish as CommonLine['wish']) !== 'out'),
  );
  return { ...of, settles: true };
};

/** The place that is worst: by how it stands, then by what is left. */
export function tightest<P extends AtPlace>(places: readonly P[]): P | null {
  let worst: P | null = null;
  for (const place of places) {
    const by = worst ? rank(statusAt(place)) - rank(statusAt(worst)) : 1;
    if (by > 0 || (by === 0 && !(place.margin >= worst!.margin))) worst = place;
  }
  return worst;
}

/** What a check says of all places together: the worst of them, and which others it does not hold at. */
export function judgePlaces(title: string, places: readonly AtPlace[]): Judgement | null {
  const worst = tightest(places);
  if (!worst) return null;
  const others = places.filter((place) => place !== worst && place.margin < -TOLERANCE);
  const also = others.length ? ` Missed too: ${listed(others.map(({ line }) => nameOf(line, title)))}.` : '';
  const { line, actual, limit, margin, comfort, unit, state = null, words } = worst;
  return {
    status: statusAt(worst),
    actual,
    limit,
    margin,
    ...(comfort === undefined ? {} : { comfort }),
    unit,
    state,
    basis: `The department’s brief, ${line.wish === 'must' ? 'a must' : 'a wish'}`,
    words: `${line.name ? `${line.name}: ` : ''}${words}${also}${askedFor(line)}`,
  };
}

/** A check against every line of a kind that counts, from what each of them comes to. */
export const placesCheck = <const R extends readonly AnyReading[]>(
  of: string,
  about: Omit<Check, 'finds'>,
  reads: R,
  at: (...values: ValuesOf<R>) => readonly (AtPlace | null)[],
): Check =>
  check(of, about, reads, (...values) =>
    judgePlaces(
      about.title,
      at(...values).filter((place) => place !== null),
    ),
  );
