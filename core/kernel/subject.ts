import type { Block, Build, Problem } from '../build/index.js';
import type { Changes } from './change.js';
import type { Check } from './check.js';
import type { AbsentChoice, Choice, Grip, Question } from './choice.js';
import type { Component } from './component.js';
import type { Evaluation } from './evaluation.js';
import type { Figure } from './figure.js';
import type { House } from './house.js';
import type { LimitKind } from './limit.js';
import type { Provided, Reading } from './reading.js';
import type { Shelf } from './shelf.js';
import type { AlongBlock, Taking } from './space.js';

/** What a truck uses where a fleet has one for all: an engine, a governor, a kind of door. */
export interface InCommon {
  matter: string;
  uses: string;
}

/**
 * Everything that Baros knows of one matter: hose, the tank, the bending of the frame. A subject says of
 * itself what it has; who shows, weighs, checks or prints asks the registry and knows nothing of any subject.
 */
export interface Subject {
  id: string;
  title: string;
  /** Set where it is a step of the order of work: on which trucks. */
  step?: (build: Pick<Build, 'type'>) => boolean;
  /** The step in whose panel it is shown, where it has none of its own. */
  under?: string;
  // eslint-disable-next-line @typescript-eslint/no-explicit-any -- shelves of whatever parts it has
  shelves?: readonly Shelf<any>[];
  limits?: Readonly<Record<string, LimitKind>>;
  // eslint-disable-next-line @typescript-eslint/no-explicit-any -- a block of whatever fields it has
  block?: Block<any>;
  /** Keeps its part whole after an edit elsewhere; gives the same build where nothing is to be done. */
  settle?: (build: Build) => Build;
  /** What does not go together, beyond what its fields say. */
  problems?: (build: Build, house: House) => Problem[];
  /** The blocks that it has along the frame behind the cab. */
  along?: Reading<AlongBlock[]>;
  /** The space that it takes from others. */
  takes?: Reading<Taking[]>;
  /** The places that it gives to others. */
  provides?: readonly Provided[];
  /** What of the truck it is, with mass, place and shape: one list, or several that rarely change together. */
  components?: Reading<Component[]> | Reading<Component[][]>;
  /** What it makes of all that was placed, list by list: better weights, a reserve. */
  amends?: Reading<(placed: Component[][]) => Component[][]>;
  figures?: readonly Figure[];
  /** By how much something of it is beyond what a builder would build; 0 where it is not. Advice makes it no more. */
  unbuildable?: Reading<number>;
  checks?: readonly Check[];
  changes?: readonly Changes[];
  /** What can be chosen; what depends on where things stand asks the evaluation for it. */
  choices?: (build: Build, evaluated: () => Evaluation) => Choice[];
  /** What could be chosen if something else were chosen otherwise. */
  absent?: (build: Build) => AbsentChoice[];
  questions?: readonly Question[];
  /** What is chosen, as the sentence of the specification; and as a short line of values. */
  sentence?: (evaluation: Evaluation) => string;
  line?: (evaluation: Evaluation) => string;
  grips?: (evaluation: Evaluation) => Grip[];
  /** What of it a fleet may have in common, for the mechanic's sake. */
  common?: Reading<InCommon[]>;
  /** What is said beside it where the work can hurt someone. */
  caution?: string;
}
