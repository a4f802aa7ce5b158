import { copiesIn, same } from '../build/index.js';
import type { Basis, Build, BuildType, Names, PartCopy, Problem } from '../build/index.js';
import { SOURCE_BASIS } from './own-part.js';
import type { FigureSource, OwnPart, PartFigure } from './own-part.js';
import { saidPartFigure } from './part-figures.js';
import type { PartFigureField } from './part-figures.js';
import { judgeBy } from './part-shape.js';
import { fromBuild, reading } from './reading.js';
import type { Reading } from './reading.js';

/** What a part says of where it comes from: nothing where it ships with Baros. */
export interface Origin {
  /** What its weight rests on; catalogued where nothing is said. */
  basis?: Basis;
  /** Set on a department's own part. */
  own?: true;
}

/** What every thing that can be chosen carries. */
export interface Named extends Origin {
  id: string;
  name: string;
  /** The trucks that usually have it; all where left out. Any truck can have it. */
  types?: BuildType[];
}

/** Whether trucks of a type usually have such a part; no type is a fence. */
export const isUsual = ({ types }: Pick<Named, 'types'>, type: BuildType): boolean =>
  !types || types.length === 0 || types.includes(type);

/** What bodies and bumpers are made of. */
export type Material = 'aluminum' | 'steel' | 'stainless' | 'galvanized' | 'poly';

/** What most parts carry. Money is integer cents. */
export interface Part extends Named {
  weightLb: number;
  priceCents: number;
}

/**
 * The parts of one kind that a build can choose from: what ships with Baros, and own parts beside or in place
 * of them.
 */
export class Stock<P extends Named> {
  private readonly byId: Map<string, P>;

  constructor(
    private readonly kind: string,
    parts: readonly P[],
  ) {
    this.byId = new Map(parts.map((part) => [part.id, part]));
  }

  /** The part of that id, or undefined where there is none. */
  find(id: string): P | undefined {
    return this.byId.get(id);
  }

  /**
   * The part of that id.
   * @throws RangeError naming the kind and the id where there is none.
   */
  part(id: string): P {
    const part = this.byId.get(id);
    if (!part) throw new RangeError(`the catalog has no ${this.kind} "${id}"`);
    return part;
  }

  /** All of them, in catalogue order. */
  all(): P[] {
    return [...this.byId.values()];
  }

  /** Those that trucks of a type usually have, in catalogue order. */
  suiting(type: BuildType): P[] {
    return this.all().filter((part) => isUsual(part, type));
  }

  /** All of them, those first that trucks of a type usually have. */
  usualFirst(type: BuildType): P[] {
    return [...this.suiting(type), ...this.all().filter((part) => !isUsual(part, type))];
  }
}

const SURENESS: Basis[] = ['weighed', 'catalogued', 'calculated', 'estimated'];

export interface ShelfOf<P extends Named> {
  /** The name that a build file uses for the kind. */
  kind: string;
  /** What the kind is called. */
  title: string;
  shipped: readonly P[];
  /** The figures that a department can give of its own; where there are none, it can't have parts of its own. */
  figures?: readonly PartFigureField<P>[];
  /** Pairs of figures of which the first must not be above the second. */
  ordered?: readonly (readonly [string, string])[];
  /** What a part says, where that is more than its figures. */
  says?: (part: P, names: Names) => Said[];
}

/** Something that a part says of itself, in words. */
export interface Said {
  title: string;
  words: string;
}

/** The own parts that a build carries, and its copies of those that ship. */
const ownParts = fromBuild((build) => build.parts.own);
const copies = fromBuild(copiesIn);

interface Made<P extends Named> {
  ours: readonly OwnPart[];
  kept: readonly PartCopy[];
  stock: Stock<P>;
}
/** Builds that are looked at by turns, such as both sides of a comparison. */
const MOST_MADE = 8;

const NONE: readonly OwnPart[] = [];

const alike = (a: readonly unknown[], b: readonly unknown[]): boolean =>
  a.length === b.length && a.every((each, i) => each === b[i]);

/** One kind of part. */
export class Shelf<P extends Named = Named> {
  readonly kind: string;
  readonly title: string;
  readonly figures: readonly PartFigureField<P>[];
  /** What ships with Baros. */
  readonly shipped: Stock<P>;
  private readonly ordered: readonly (readonly [string, string])[];
  /** What the build of an evaluation can choose from. */
  readonly stock: Reading<Stock<P>>;
  /** Judges a part of this kind that comes from outside. */
  private readonly judge: (part: unknown, at: string) => Problem[];
  private readonly other = new WeakMap<object, boolean>();
  private made: Made<P>[] = [];
  /** What was asked for last: one build asks for each of its lines. */
  private last: { own: readonly OwnPart[]; carried: readonly PartCopy[]; stock: Stock<P> } | undefined;

  /** What a part says of itself. */
  readonly says: (part: P, names: Names) => Said[];

  constructor({ kind, title, shipped, figures = [], ordered = [], says }: ShelfOf<P>) {
    this.kind = kind;
    this.title = title;
    this.figures = figures;
    this.ordered = ordered;
    this.shipped = new Stock(kind, shipped);
    this.says =
      says ??
      ((part) =>
        figures.map((figure) => ({ title: figure.title, words: saidPartFigure(figure, figure.read(part)) })));
    this.judge = judgeBy(shipped);
    this.stock = reading('parts', [ownParts, copies], (own, carried) => this.of(own, carried));
  }

  /** Whether a department can have parts of this kind of its own. */
  get ownable(): boolean {
    return this.figures.length > 0;
  }

  /** What a build can choose from: it keeps the parts that it carries as they were when they were chosen. */
  in(build: Pick<Build, 'parts' | 'catalogue'>): Stock<P> {
    return this.of(build.parts.own, copiesIn(build));
  }

  /** What ships with Baros, with these copies in place of it. */
  catalogue(carried: readonly PartCopy[]): Stock<P> {
    return this.of(NONE, carried);
  }

  /** What is neither own nor carried otherwise than it ships is the newest; made once for the same parts. */
  private of(own: readonly OwnPart[], carried: readonly PartCopy[]): Stock<P> {
    if (this.last?.own !== own || this.last.carried !== carried)
      this.last = { own, carried, stock: this.stockOf(own, carried) };
    return this.last.stock;
  }

  private stockOf(own: readonly OwnPart[], carried: readonly PartCopy[]): Stock<P> {
    const ours = own.filter(({ kind }) => kind === this.kind);
    const kept = carried.filter(({ kind, part }) => kind === this.kind && this.isOther(part));
    if (ours.length === 0 && kept.length === 0) return this.shipped;
    const known = this.made.find((made) => alike(made.ours, ours) && alike(made.kept, kept));
    if (known) return known.stock;
    const catalogue = new Stock(this.kind, [
      ...this.shipped.all(),
      ...kept.map(({ part }) => part as unknown as P),
    ]);
    const resolved = ours.map((part) => this.resolve(part, catalogue)).filter((part) => part !== undefined);
    const stock = new Stock(this.kind, [...catalogue.all(), ...resolved]);
    this.made = [{ ours, kept, stock }, ...this.made].slice(0, MOST_MADE);
    return stock;
  }

  /** Whether a part is otherwise than it ships today. */
  private isOther(part: { id: string }): boolean {
    let other = this.other.get(part);
    if (other === undefined) this.other.set(part, (other = !same(part, this.shipped.find(part.id))));
    return other;
  }

  /**
   * An own part with its figures on the shape of the one of the catalog that it is like; undefined where that
   * one is not known.
   */
  resolve(own: OwnPart, catalogue: Stock<P> = this.shipped): P | undefined {
    const like = catalogue.find(own.likeId);
    if (!like) return undefined;
    const written = this.inOrder(own).reduce(
      (part, { field, value }) => this.figures.find(({ id }) => id === field)?.write(part, value) ?? part,
      like,
    );
    return { ...written, id: own.id, name: own.name, basis: this.basisOf(own), own: true };
  }

  /** The figures of an own part as they are written: what it does not allow comes after all that it does. */
  private inOrder({ figures }: OwnPart): PartFigure[] {
    const isNo = ({ field, value }: PartFigure) =>
      value === 0 && this.figures.some(({ id, yesNo }) => id === field && yesNo);
    return [...figures.filter((figure) => !isNo(figure)), ...figures.filter(isNo)];
  }

  /** What is wrong with a copy of a part of this kind. */
  problemsOfCopy({ part }: PartCopy, at: string): Problem[] {
    if (!this.isOther(part)) return [];
    const problems = this.judge(part, at);
    if (problems.length) return problems;
    return this.figures.flatMap(({ id, min, max, none, read }) => {
      const value = read(part as unknown as P);
      return (value >= min && value <= max) || (none !== undefined && !Number.isFinite(value))
        ? []
        : [{ field: at, message: `${at} must have ${id} from ${min} to ${max} (was ${value})` }];
    });
  }

  /**
   * What the weight of an own part rests on: the least sure of its weight's sources; a weight that was not
   * given is a guess.
   */
  private basisOf(own: OwnPart): Basis {
    const sources = this.figures
      .filter(({ weight }) => weight)
      .map(({ id }): FigureSource => own.figures.find((figure) => figure.field === id)?.source ?? 'estimate');
    return SURENESS[Math.max(...sources.map((source) => SURENESS.indexOf(SOURCE_BASIS[source])))]!;
  }

  /**
   * What is wrong with an own part beyond its shape: an unknown figure, one given twice or beyond belief, or
   * nothing that it is like.
   */
  problemsOf(own: OwnPart, at = '', catalogue: Stock<P> = this.shipped): Problem[] {
    const problems: Problem[] = [];
    const say = (field: string, message: string) =>
      problems.push({ field: at + field, message: `${at}${field} ${message}` });
    const like = catalogue.find(own.likeId);
    if (!like) say('likeId', `must be a ${own.kind} that ships with Baros (was "${own.likeId}")`);
    if (own.id !== own.likeId && catalogue.find(own.id)) {
      say(
        'id',
        `is that of a shipped ${own.kind}: give it another, or be like "${own.id}" to correct it (was "${own.id}")`,
      );
    }
    own.figures.forEach((figure, i) => {
      const field = this.figures.find(({ id }) => id === figure.field);
      if (!field)
        say(
          `figures.${i}.field`,
          `must be one of ${this.figures.map(({ id }) => id).join(', ')} (was "${figure.field}")`,
        );
      else if (field.yesNo && figure.value !== 0 && figure.value !== 1)
        say(`figures.${i}.value`, `must be 1 for yes or 0 for no for ${field.id} (was ${figure.value})`);
      else if (figure.value < field.min || figure.value > field.max) {
        say(
          `figures.${i}.value`,
          `must be from ${field.min} to ${field.max} for ${field.id} (was ${figure.value})`,
        );
      } else if (like && !Number.isFinite(field.read(field.write(like, figure.value))))
        say(`figures.${i}.field`, `must be a figure that "${own.likeId}" has (was "${figure.field}")`);
      if (own.figures.findIndex((other) => other.field === figure.field) < i)
        say(`figures.${i}.field`, `is given twice (was "${figure.field}")`);
    });
    if (like && problems.length === 0) {
      const made = this.resolve(own, catalogue)!;
      for (const [i, { field: id, value }] of own.figures.entries()) {
        const field = this.figures.find((candidate) => candidate.id === id)!;
        if (field.yesNo && field.read(made) !== value)
          say(`figures.${i}.value`, `must be 1 for ${id}, or 1 for another: one at least is yes (was 0)`);
      }
      const valueOf = (id: string) =>
        own.figures.find(({ field }) => field === id)?.value ??
        this.figures.find((field) => field.id === id)!.read(like);
      for (const [low, high] of this.ordered) {
        if (valueOf(low) > valueOf(high))
          say(
            'figures',
            `must have ${low} no greater than ${high} (was ${valueOf(low)} and ${valueOf(high)})`,
          );
      }
    }
    return problems;
  }
}
