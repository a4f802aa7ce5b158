import { createContext, use, useCallback, useLayoutEffect, useMemo, useSyncExternalStore } from 'react';
import type { Build } from '#core/build';
import { changeOf } from '#core/kernel';
import type { Choice, Evaluation, Figures } from '#core/kernel';
import { whenHandsRest } from '../common';
import { confirm } from './confirm';
import type { Bench, Change } from '../session';

/** What taking something would change; null where that could not be worked out. */
export type Delta = Figures | null;

/** Less is no other figure: what has not changed is not drawn again. */
const NOTICED = 0.05;

const isSame = (a: Delta | undefined, b: Delta): boolean =>
  a === b ||
  (!!a && !!b && Object.entries(b).every(([id, value]) => Math.abs(value - (a[id] ?? NaN)) < NOTICED));

/** One step more of an amount. */
export const MORE = 'more';

const keyOf = (choice: string, option: string) => `${choice} ${option}`;

interface Now {
  evaluation: Evaluation;
  choices: ReadonlyMap<string, Choice>;
  again: (build: Build) => readonly Choice[];
  bench: Bench;
}

/**
 * The choices of a panel as they stand now, and what each option in sight would change: worked out after the
 * paint, and dropped when there is something newer. What was drawn of a choice before asks here at the press.
 */
export class Offers {
  private now: Now | undefined;
  private readonly watched = new Map<string, { offer: () => Build; tell: Set<() => void> }>();
  private readonly known = new Map<string, Delta>();
  private readonly fresh = new Set<string>();
  private readonly untold = new Set<string>();
  private readonly tellRest = new Set<() => void>();
  private busy = false;
  private drop = () => {};

  /** An edit: what was known is of the truck before it. */
  readonly set = (now: Now): void => {
    const before = this.now;
    this.now = now;
    if (before?.evaluation === now.evaluation) return;
    this.fresh.clear();
    this.weigh();
  };

  /** A choice as it stands now, where it is still to be made. */
  choice<K extends Choice['kind']>(kind: K, id: string): Extract<Choice, { kind: K }> | undefined {
    const choice = this.now?.choices.get(id);
    return choice?.kind === kind ? (choice as Extract<Choice, { kind: K }>) : undefined;
  }

  /** What became of a figure in a build that was made with it; nothing where it is no longer asked for. */
  valueIn(build: Build, id: string): number | undefined {
    const choice = this.now?.again(build).find((candidate) => candidate.id === id);
    return choice?.kind === 'amount' ? choice.value : undefined;
  }

  readonly change = (change: Change): void => this.now?.bench.change(change);
  readonly settle = (): void => this.now?.bench.settle();

  /** A choice is as it should be, though nobody made it. */
  confirm({ id, title }: Choice): void {
    if (this.now) confirm(this.now.bench, [id], title);
  }

  /** Weighs an option as long as it is watched. */
  watch(choice: string, option: string, tell: () => void): () => void {
    const key = keyOf(choice, option);
    const watched = this.watched.get(key) ?? {
      offer: () => this.built(choice, option),
      tell: new Set<() => void>(),
    };
    this.watched.set(key, watched);
    watched.tell.add(tell);
    if (!this.fresh.has(key)) this.weigh();
    return () => {
      watched.tell.delete(tell);
      if (watched.tell.size > 0) return;
      this.watched.delete(key);
      this.fresh.delete(key);
    };
  }

  delta = (choice: string, option: string): Delta | undefined => this.known.get(keyOf(choice, option));

  /** Whether it is being worked out what options in sight change: told when hands rest, not at the press. */
  readonly isBusy = (): boolean => this.busy;

  readonly whenBusy = (tell: () => void): (() => void) => {
    this.tellRest.add(tell);
    return () => this.tellRest.delete(tell);
  };

  private setBusy(busy: boolean): void {
    if (this.busy === busy) return;
    this.busy = busy;
    this.tellRest.forEach((tell) => tell());
  }

  private built(choiceId: string, optionId: string): Build {
    const { choices, evaluation } = this.now!;
    const choice = choices.get(choiceId);
    if (choice?.kind === 'amount') return choice.set(Math.min(choice.max, choice.value + choice.step));
    const options = choice && 'options' in choice ? choice.options : [];
    return options.find(({ id }) => id === optionId)?.build ?? evaluation.build;
  }

  private weigh(): void {
    this.drop();
    if (!this.now) return;
    const { evaluation } = this.now;
    function* work(this: Offers): Generator<void, undefined> {
      for (const [key, { offer }] of this.watched) {
        if (this.fresh.has(key)) continue;
        this.setBusy(true);
        const delta = weighed(evaluation, offer);
        this.fresh.add(key);
        if (!isSame(this.known.get(key), delta)) {
          this.known.set(key, delta);
          this.untold.add(key);
        }
        yield;
      }
    }
    this.drop = whenHandsRest({
      pieces: work.call(this),
      done: () => {
        for (const key of this.untold) this.watched.get(key)?.tell.forEach((tell) => tell());
        this.untold.clear();
        this.setBusy(false);
      },
    });
  }
}

function weighed(evaluation: Evaluation, offer: () => Build): Delta {
  try {
    return changeOf(evaluation.figures(), evaluation.with(offer()).figures());
  } catch {
    return null;
  }
}

export const OffersContext = createContext(new Offers());
export const useOffers = () => use(OffersContext);

/** The offers of a panel, kept at what stands now. */
export function useOffersOf(
  evaluation: Evaluation,
  list: readonly Choice[],
  again: (build: Build) => readonly Choice[],
  bench: Bench,
): Offers {
  const offers = useMemo(() => new Offers(), []);
  const choices = useMemo(() => new Map(list.map((choice) => [choice.id, choice])), [list]);
  useLayoutEffect(
    () => offers.set({ evaluation, choices, again, bench }),
    [offers, evaluation, choices, again, bench],
  );
  return offers;
}

/** What an option would change, worked out as long as it is in sight; nothing until then. */
export function useOffer(choice: string, option: string): Delta | undefined {
  const offers = useOffers();
  return useSyncExternalStore(
    useCallback((tell) => offers.watch(choice, option, tell), [offers, choice, option]),
    () => offers.delta(choice, option),
  );
}
