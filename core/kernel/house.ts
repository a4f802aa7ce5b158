import {
  BadInput,
  BUILD_FORMAT,
  BUILD_VERSION,
  fileRules,
  fresh,
  fromLater,
  judge,
  upgraded,
} from '../build/index.js';
import type { Block, BlockId, Build, BuildHead, Names, PartCopy, Problem, Rulebook } from '../build/index.js';
import { amount, listed } from '../units/index.js';
import { settledAside } from './aside.js';
import { buildProblems, ownPartProblems, partProblems } from './build-problems.js';
import { carrying, namedParts, newerParts, withNewest } from './carried.js';
import type { NamedPart, NewerPart } from './carried.js';
import type { Changes } from './change.js';
import type { Check } from './check.js';
import type { Choice, ChoiceOption, Question, Way } from './choice.js';
import { Evaluation } from './evaluation.js';
import type { Figure } from './figure.js';
import type { LimitKind } from './limit.js';
import type { OwnPart } from './own-part.js';
import { outdated, withOffered, withOwnPart } from './own-in-build.js';
import type { AnyReading, Reading } from './reading.js';
import type { Shelf } from './shelf.js';
import type { Subject } from './subject.js';

type Json = Record<string, unknown>;

/** What is chosen of each subject; versions are the registry's. */
export type Choices = { [K in BlockId]?: Omit<Build[K], 'version'> };

/** The registry: all subjects, and what they have together. It knows none of them. */
export class House implements Rulebook {
  readonly blocks: readonly Block[];
  readonly shelves: readonly Shelf[];
  readonly checks: readonly Check[];
  readonly changes: readonly Changes[];
  readonly figures: readonly Figure[];
  readonly mainFigures: readonly Figure[];
  /** Those in which advice counts the harm of a change. */
  readonly harmFigures: readonly Figure[];
  readonly limits: Readonly<Record<string, LimitKind>>;
  /** The rules of the build file: endpoints and archives name this class. */
  readonly BuildFile: new () => Build;
  private readonly providers = new Map<AnyReading, AnyReading>();
  private readonly gatherings = new WeakMap<AnyReading, AnyReading[]>();

  /** `edition` is that of the parts that ship with these subjects. */
  constructor(
    readonly subjects: readonly Subject[],
    readonly edition: string,
  ) {
    const all = <T>(pick: (subject: Subject) => readonly T[] | undefined): T[] =>
      subjects.flatMap((subject) => pick(subject) ?? []);
    this.blocks = all(({ block }) => (block ? [block] : []));
    this.shelves = all(({ shelves }) => shelves);
    this.checks = all(({ checks }) => checks);
    this.changes = all(({ changes }) => changes);
    this.figures = all(({ figures }) => figures);
    this.mainFigures = this.figures.filter(({ main }) => main);
    this.harmFigures = this.figures.filter(({ harm }) => harm);
    this.limits = Object.assign({}, ...subjects.map(({ limits }) => limits ?? {})) as Record<
      string,
      LimitKind
    >;
    for (const { port, by } of all(({ provides }) => provides)) this.providers.set(port, by);
    this.BuildFile = fileRules(this.blocks);
  }

  /** The reading that stands behind a port. */
  providerOf(port: AnyReading): AnyReading {
    const by = this.providers.get(port);
    if (!by) throw new Error(`no subject provides what ${port.of} is asked for`);
    return by;
  }

  /** One reading of every subject that has it. */
  gathered(by: AnyReading, pick: (subject: Subject) => AnyReading | undefined): AnyReading[] {
    let found = this.gatherings.get(by);
    if (!found)
      this.gatherings.set(by, (found = this.subjects.map(pick).filter((reading) => reading !== undefined)));
    return found;
  }

  /** @throws RangeError where there is no such subject. */
  subject(id: string): Subject {
    const subject = this.subjects.find((candidate) => candidate.id === id);
    if (!subject) throw new RangeError(`there is no subject "${id}"`);
    return subject;
  }

  /** @throws RangeError where there is no such kind of part. */
  shelf(kind: string): Shelf {
    const shelf = this.shelves.find((candidate) => candidate.kind === kind);
    if (!shelf) throw new RangeError(`there is no kind of part "${kind}"`);
    return shelf;
  }

  /** The kinds of part that a department can have of its own. */
  get ownShelves(): readonly Shelf[] {
    return this.shelves.filter(({ ownable }) => ownable);
  }

  /** The steps of the order of work on a truck, in that order. */
  stepsFor(build: Pick<Build, 'type'>): Subject[] {
    return this.subjects.filter(({ step }) => step?.(build));
  }

  /** A step with the subjects that are shown in its panel. */
  inPanelOf(step: Subject): Subject[] {
    return [step, ...this.subjects.filter(({ under }) => under === step.id)];
  }

  /** A build evaluated; what an earlier evaluation knows already is taken over. */
  evaluate(build: Build, since?: Evaluation): Evaluation {
    return since ? since.with(build) : new Evaluation(this, build);
  }

  /** A build of these choices; of what is left out, what a file has that says nothing of it. */
  build(head: Omit<BuildHead, 'format' | 'version'>, choices: Choices): Build {
    const blocks = this.blocks.map((block) => [
      block.id,
      { ...fresh(block), ...(choices as Record<string, Json>)[block.id] },
    ]);
    return this.carrying({
      format: BUILD_FORMAT,
      version: BUILD_VERSION,
      ...head,
      ...Object.fromEntries(blocks),
    } as Build);
  }

  /**
   * A build in order after an edit: what no longer goes with the new choice is fitted to it or left out. Of what
   * stood in the build `before` the edit that is kept aside, and returns with an edit on which it fits again.
   */
  settle(edited: Build, before?: Build): Build {
    const settle = (build: Build) =>
      this.subjects.reduce((settled, subject) => subject.settle?.(settled) ?? settled, build);
    return before ? settledAside(this, edited, before, settle, this.knowsPartsOf) : settle(edited);
  }

  /** Whether every part that a build names is known. */
  private readonly knowsPartsOf = (build: Build): boolean =>
    this.namedParts(build).every((named) => partProblems(this, build, named).length === 0);

  /** What can be chosen of a subject, each option being the build as it would be. */
  choicesOf({ choices }: Subject, evaluation: Evaluation): Choice[] {
    const { build } = evaluation;
    // An option is put in order when somebody looks at it: most are only named.
    const option = (of: ChoiceOption): ChoiceOption => {
      let settled: Build | undefined;
      return Object.defineProperty({ ...of }, 'build', {
        enumerable: true,
        get: () => (settled ??= this.settle(of.build, build)),
      });
    };
    return (choices?.(build, () => evaluation) ?? []).map((choice): Choice => {
      if (choice.kind === 'list') return choice;
      return choice.kind === 'amount'
        ? { ...choice, set: (value) => this.settle(choice.set(value), build) }
        : { ...choice, options: choice.options.map(option) };
    });
  }

  /** What can be chosen in the panel of a step. */
  choicesIn(step: Subject, evaluation: Evaluation): Choice[] {
    return this.inPanelOf(step).flatMap((subject) => this.choicesOf(subject, evaluation));
  }

  /** The questions that are asked in a step. */
  questionsOf(step: string): Question[] {
    return this.subjects.flatMap(({ id, under, questions = [] }) =>
      questions.filter((question) => (question.step ?? under ?? id) === step),
    );
  }

  /** The ways of a question in which this truck can be built. */
  waysOf(question: Question, evaluation: Evaluation): (Way & { build: Build })[] {
    return question.ways(evaluation.build, evaluation).flatMap((way) => {
      const built = way.build && this.settle(way.build, evaluation.build);
      return built && this.problemsOf(built).length === 0 ? [{ ...way, build: built }] : [];
    });
  }

  namesIn = (build: Build): Names => ({
    build,
    limit: (id, value) => ({
      title: this.limits[id]?.title ?? id,
      words: this.limits[id] ? amount(value, this.limits[id].unit) : String(value),
    }),
    part: (kind, id) =>
      this.shelves
        .find((shelf) => shelf.kind === kind)
        ?.in(build)
        .find(id)?.name ?? id,
  });

  /** Problems that the shape of a file alone can't show: parts that are gone, or that do not go with each other. */
  problemsOf = (build: Build): Problem[] => buildProblems(this, build);

  /** What is wrong with an own part beyond its shape. */
  ownPartProblems = (own: OwnPart, at = '', copies: readonly PartCopy[] = []): Problem[] =>
    ownPartProblems(this, own, at, copies);

  /** A build of an older version as one of this version; anything else is left as it is for the rules to judge. */
  upgrade(input: unknown): unknown {
    return upgraded(this.blocks, input);
  }

  /**
   * Reads a build file: its format and version, the rule of each field, and whether its parts exist and go
   * together.
   * A file of an older version is upgraded.
   * @throws BadInput naming each field, its value and what would be right.
   */
  parse(input: unknown): Build {
    const later = fromLater(this.blocks, input);
    if (later.length) throw new BadInput(later);
    const file = this.upgrade(input);
    judge(this.BuildFile, file);
    const build = structuredClone(file) as Build;
    const problems = this.problemsOf(build);
    if (problems.length) throw new BadInput(problems);
    this.measured(build);
    return this.carrying(build);
  }

  /** Every part that a build names, and where. */
  namedParts = (build: Build): NamedPart[] => namedParts(this, build);

  /**
   * A build that carries the parts that it names and no others: its own, and of those that ship the figures
   * with which they were chosen. What it names anew comes from the newest catalog.
   */
  carrying = (build: Build): Build => carrying(this, build);

  /** The parts of a build that the newest catalog has with other figures: offered, and never taken by themselves. */
  newerParts = (build: Build): NewerPart[] => newerParts(this, build);

  /** A build with the newest figures of some of the parts that it carries. */
  withNewest = (build: Build, parts: readonly Pick<NewerPart, 'kind' | 'id'>[]): Build =>
    this.settle(withNewest(this, build, parts), build);

  /** Whether a build names a part. */
  names(build: Build, { kind, id }: { kind: string; id: string }): boolean {
    return this.namedParts(build).some((part) => part.kind === kind && part.id === id);
  }

  /** A build with own parts on offer beside those that it carries; its own copy of a part comes first. */
  withOffered = withOffered;

  /** A build with this copy of an own part in place of the one that it carries. */
  withOwnPart = (build: Build, own: OwnPart): Build => this.settle(withOwnPart(build, own), build);

  /** The own parts of a build that the department has since given other figures. */
  outdated = outdated;

  /** The figures of a build by which it is compared. */
  measure(build: Build, since?: Evaluation): Record<string, number> {
    return this.evaluate(build, since).figures();
  }

  /**
   * The figures of a build that a boundary takes in.
   * @throws BadInput where one of them can't be: such a build can't be judged, shown or printed.
   */
  measured(build: Build): Record<string, number> {
    const figures = this.measure(build);
    const none = this.mainFigures.filter(
      ({ id, positive }) => !Number.isFinite(figures[id]) || (positive && figures[id]! <= 0),
    );
    if (none.length === 0) return figures;
    const which = listed(none.map(({ id, title }) => `${title.toLowerCase()} ${figures[id]}`));
    throw new BadInput([
      {
        field: '',
        message: `the build must come to figures of a truck, and has ${which}: look for a weight of 0, or an amount that is not what it should be`,
      },
    ]);
  }

  /** A figure by its id. */
  figure(id: string): Figure & { reading: Reading<number> } {
    return this.figures.find((figure) => figure.id === id)!;
  }
}
