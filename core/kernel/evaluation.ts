import { kept } from '../build/index.js';
import type { Build } from '../build/index.js';
import type { Finding } from './check.js';
import type { Figures } from './figure.js';
import type { House } from './house.js';
import { limitOf } from './limit.js';
import type { Limit } from './limit.js';
import type { AnyReading, Reading } from './reading.js';

const isSame = (a: readonly unknown[], b: readonly unknown[]): boolean => {
  for (let i = 0; i < a.length; i++) if (a[i] !== b[i]) return false;
  return true;
};

interface Kept {
  inputs: unknown[];
  value: unknown;
}

/** Entry by entry; those that are the very same as the last time, and read the same, keep what they came to. */
function eachOf(
  work: (entry: never, ...values: never[]) => unknown,
  [entries, ...also]: unknown[],
  was: Kept | undefined,
): unknown[] {
  const [before, ...alsoBefore] = was?.inputs ?? [];
  const last = was && isSame(alsoBefore, also) ? (before as unknown[]) : [];
  const results = (was?.value ?? []) as unknown[];
  const now = (entries as unknown[]).map((entry, i) =>
    i < last.length && last[i] === entry ? results[i] : work(entry as never, ...(also as never[])),
  );
  return now.length === results.length && isSame(now, results) ? results : now;
}

/** What is known of a build, and where nothing is, of the one before it. */
const newer = (known: readonly (Kept | undefined)[], before: readonly (Kept | undefined)[]) =>
  Array.from({ length: Math.max(known.length, before.length) }, (_, i) => known[i] ?? before[i]);

/**
 * Everything computed of one build: the screens, the paper and the contract read this. Nothing is worked out
 * before it is asked for; what an earlier evaluation has worked out from the same is taken over.
 */
export class Evaluation {
  /** By the numbers of the readings. */
  private readonly known: (Kept | undefined)[] = [];
  private readonly before: readonly (Kept | undefined)[] | undefined;
  private found: Finding[] | undefined;
  /** The subjects that had to work for this build. */
  readonly worked = new Set<string>();

  constructor(
    readonly house: House,
    readonly build: Build,
    since?: Evaluation,
  ) {
    // What it knows and what it took over, not the evaluations before it: they are let go.
    this.before = since && (since.before ? newer(since.known, since.before) : since.known);
  }

  /** Another build, from what is known of this one. */
  with(build: Build): Evaluation {
    return build === this.build ? this : new Evaluation(this.house, build, this);
  }

  /**
   * What a reading comes to for this build.
   * @throws RangeError where the build names a part that the catalog does not have.
   */
  read<T>(reading: Reading<T>): T {
    const known = this.known[reading.number];
    if (known) return known.value as T;
    const { how } = reading;
    if (how.kind === 'build') return how.take(this.build);
    if (how.kind === 'port') return this.read(this.house.providerOf(reading) as Reading<T>);
    return this.worksOut(reading, how.kind === 'gather' ? this.house.gathered(reading, how.pick) : how.reads);
  }

  /** Takes over what was worked out from the same; otherwise works, which is the hottest place of an edit. */
  private worksOut<T>(reading: Reading<T>, reads: readonly AnyReading[]): T {
    const inputs = new Array<unknown>(reads.length);
    for (let i = 0; i < reads.length; i++) inputs[i] = this.read(reads[i]!);
    const was = this.before?.[reading.number];
    if (was && isSame(was.inputs, inputs)) {
      this.known[reading.number] = was;
      return was.value as T;
    }
    const { how } = reading;
    let value: T;
    if (how.kind === 'gather') value = how.together(inputs);
    else {
      this.worked.add(reading.of);
      if (how.kind === 'each') value = eachOf(how.work, inputs, was) as T;
      else value = (how as unknown as { work: (...values: unknown[]) => T }).work(...inputs);
    }
    if (was && reading.settles) value = kept(was.value as T, value);
    this.known[reading.number] = { inputs, value };
    return value;
  }

  /** What every check says, in the order of the registry. */
  get findings(): Finding[] {
    return (this.found ??= this.house.checks
      .map(({ finds }) => this.read(finds))
      .filter((finding) => finding !== null));
  }

  /** What one check says, without looking at the others; null where it has nothing to hold this truck against. */
  finding(id: string): Finding | null {
    const check = this.house.checks.find((candidate) => candidate.id === id);
    return check ? this.read(check.finds) : null;
  }

  /** A limit that the build is held against; null where its profile does not set it. */
  limit(id: string): Limit | null {
    return this.read(limitOf(id));
  }

  /** The figures by which builds are compared. */
  figures(which: readonly { id: string; reading: Reading<number> }[] = this.house.mainFigures): Figures {
    return Object.fromEntries(which.map(({ id, reading }) => [id, this.read(reading)]));
  }
}
