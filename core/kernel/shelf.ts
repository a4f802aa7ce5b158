import type { Basis, Build, BuildType, Problem } from '../build/index.js';
import { SOURCE_BASIS } from './own-part.js';
import type { FigureSource, OwnPart } from './own-part.js';
import type { PartFigureField } from './part-figures.js';
import { fromBuild } from './reading.js';

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
  types?: BuildType[];
}

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
    if (!part) throw new RangeError(`the catalogue has no ${this.kind} "${id}"`);
    return part;
  }

  /** All of them, in catalogue order. */
  all(): P[] {
    return [...this.byId.values()];
  }

  /** Those that suit a type of truck, in catalogue order. */
  suiting(type: BuildType): P[] {
    return this.all().filter(({ types }) => !types || types.includes(type));
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
}

/** One kind of part. */
export class Shelf<P extends Named = Named> {
  readonly kind: string;
  readonly title: string;
  readonly figures: readonly PartFigureField<P>[];
  /** What ships with Baros. */
  readonly shipped: Stock<P>;
  private readonly ordered: readonly (readonly [string, string])[];
  private readonly made = new WeakMap<readonly OwnPart[], Stock<P>>();

  constructor({ kind, title, shipped, figures = [], ordered = [] }: ShelfOf<P>) {
    this.kind = kind;
    this.title = title;
    this.figures = figures;
    this.ordered = ordered;
    this.shipped = new Stock(kind, shipped);
  }

  /** Whether a department can have parts of this kind of its own. */
  get ownable(): boolean {
    return this.figures.length > 0;
  }

  /** What ships with Baros and these own parts. Made once for each list. */
  with(own: readonly OwnPart[]): Stock<P> {
    if (own.length === 0) return this.shipped;
    let stock = this.made.get(own);
    if (!stock) {
      const ours = own.filter(({ kind }) => kind === this.kind).map((part) => this.resolve(part));
      const parts = ours.filter((part) => part !== undefined);
      stock = parts.length === 0 ? this.shipped : new Stock(this.kind, [...this.shipped.all(), ...parts]);
      this.made.set(own, stock);
    }
    return stock;
  }

  /** What a build can choose from. */
  in(build: Pick<Build, 'parts'>): Stock<P> {
    return this.with(build.parts.own);
  }

  /**
   * An own part with its figures on the shape of the shipped one that it is like; undefined where that one is
   * not known.
   */
  resolve(own: OwnPart): P | undefined {
    const like = this.shipped.find(own.likeId);
    if (!like) return undefined;
    const written = own.figures.reduce(
      (part, { field, value }) => this.figures.find(({ id }) => id === field)?.write(part, value) ?? part,
      like,
    );
    return { ...written, id: own.id, name: own.name, basis: this.basisOf(own), own: true };
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
  problemsOf(own: OwnPart, at = ''): Problem[] {
    const problems: Problem[] = [];
    const say = (field: string, message: string) =>
      problems.push({ field: at + field, message: `${at}${field} ${message}` });
    const like = this.shipped.find(own.likeId);
    if (!like) say('likeId', `must be a ${own.kind} that ships with Baros (was "${own.likeId}")`);
    if (own.id !== own.likeId && this.shipped.find(own.id)) {
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
      else if (figure.value < field.min || figure.value > field.max) {
        say(
          `figures.${i}.value`,
          `must be from ${field.min} to ${field.max} for ${field.id} (was ${figure.value})`,
        );
      }
      if (own.figures.findIndex((other) => other.field === figure.field) < i)
        say(`figures.${i}.field`, `is given twice (was "${figure.field}")`);
    });
    if (like && problems.length === 0) {
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

/** The own parts that a build carries. */
export const ownParts = fromBuild((build) => build.parts.own);
