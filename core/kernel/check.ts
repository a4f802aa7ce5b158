import type { Evaluation } from './evaluation.js';
import { reading } from './reading.js';
import type { AnyReading, Reading, ValuesOf } from './reading.js';

/** What a check says: it holds, it holds but only just, or it does not. */
export type Status = 'holds' | 'caution' | 'fails';

export type Unit =
  | 'lb'
  | '%'
  | 'deg'
  | 'gal'
  | 'gpm'
  | 'ft'
  | 'ft3'
  | 'in'
  | 'seats'
  | 'pieces'
  | 'tankfuls'
  | 'cfm'
  | '$'
  | 'mph'
  | 'psi'
  | 'lbf'
  | 'hp'
  | 'min'
  | 's';

export interface Contributor {
  componentId: string;
  name: string;
  /** Pounds on the axle, or pounds of the whole; for sides the pounds by which it loads that side. */
  amountLb: number;
}

/** What a check finds of one truck. */
export interface Judgement {
  status: Status;
  actual: number;
  limit: number;
  /** Positive where it holds. */
  margin: number;
  /** Margin from which it holds without a caution, where that is more than nothing. */
  comfort?: number;
  unit: Unit;
  /** The load state in which it is worst, where states matter. */
  state: { id: string; name: string } | null;
  /** Where the limit comes from. */
  basis: string;
  /** What makes it hold although the figure is beyond the limit; left out otherwise. */
  by?: string;
  /** One sentence with the figures. */
  words: string;
  /** Where the title depends on the truck. */
  title?: string;
}

export interface Finding extends Judgement {
  id: string;
  title: string;
  /** The steps of work that this says something about. */
  steps: readonly string[];
}

/** One check, whole: what it is called, what it speaks of, its judgement, what causes it, what mends it. */
export interface Check {
  id: string;
  title: string;
  steps: readonly string[];
  /** What helps it: changes that help this check by its id, and those that help any of these. */
  mendedBy?: readonly string[];
  /** What it finds; nothing where it has no limit to hold this truck against. */
  finds: Reading<Finding | null>;
  causes?: (evaluation: Evaluation, finding: Finding) => Contributor[];
}

/** A judgement with a figure that is none fails and says so: what can't be judged does not hold. */
function believed(judgement: Judgement): Judgement {
  if ([judgement.actual, judgement.limit, judgement.margin].every(Number.isFinite)) return judgement;
  return {
    ...judgement,
    status: 'fails',
    words:
      'This can’t be judged: a figure of this build is no number. Look for a part or an amount that is not what it should be.',
  };
}

/** A check of a subject, from what it reads. */
export function check<const R extends readonly AnyReading[]>(
  of: string,
  about: Omit<Check, 'finds'>,
  reads: R,
  judge: (...values: ValuesOf<R>) => Judgement | null,
): Check {
  const { id, title, steps } = about;
  const finds = reading(of, reads, (...values): Finding | null => {
    const judgement = judge(...values);
    return judgement && { ...believed(judgement), id, steps, title: judgement.title ?? title };
  });
  return { ...about, finds };
}

const RANK: Record<Status, number> = { holds: 0, caution: 1, fails: 2 };

/** How a status is called. */
export const STATUS_WORDS: Record<Status, string> = {
  holds: 'holds',
  caution: 'close',
  fails: 'over a limit',
};

/** How bad a status is: 0 holds, 1 caution, 2 fails. */
export const rank = (status: Status): number => RANK[status];

/** The worst of several; holds where there is nothing to say. */
export const worstStatus = (findings: readonly { status: Status }[]): Status =>
  findings.reduce<Status>((worst, { status }) => (rank(status) > rank(worst) ? status : worst), 'holds');

/**
 * How near a finding is to its limit, or how far beyond, as a share of that limit: pounds, percent and cents
 * compare by it.
 */
export const nearness = ({ margin, limit }: Pick<Judgement, 'margin' | 'limit'>): number =>
  margin === 0 && limit === 0 ? NOTHING_COUNTED : margin / Math.max(1, Math.abs(limit));

/** Where none are wanted and none are there, nothing is near. */
const NOTHING_COUNTED = Number.MAX_SAFE_INTEGER;

/** Findings, the worst first: by status, then by how near each is to its limit. */
export const worstFirst = <F extends Judgement>(findings: readonly F[]): F[] =>
  [...findings].sort((a, b) => rank(b.status) - rank(a.status) || nearness(a) - nearness(b));
