import { same } from '#core/build';
import type { Build } from '#core/build';
import type { BuildView } from '#core/exchange';
import { Refused, Unreachable } from '../api';
import type { Kept } from './kept';
import type { Opened } from './open-build';

/** How the build stands against the server. Whatever it says, what was done is kept in this browser. */
export type Saving =
  | { kind: 'saved' }
  | { kind: 'saving' }
  /** Nobody there who keeps it; in words, who is missing. */
  | { kind: 'offline'; message: string }
  | { kind: 'conflict'; base: BuildView; theirs: BuildView }
  | { kind: 'refused'; message: string };

/** From the last change to its save, and from a save that found nobody to the next, ms. */
export const PAUSE_MS = 350;
export const RETRY_MS = 2500;

/** What saving has to do with the world. */
export interface SavingWorld {
  send: (kept: Kept, leaving: boolean) => Promise<BuildView>;
  /** What the server has now. */
  look: (id: string) => Promise<BuildView>;
  /** Keeps in this browser. */
  keep: (kept: Kept) => void;
  told: (saving: Saving) => void;
  /** The server has this revision now, by our doing. */
  saved: (view: BuildView) => void;
}

/** What keeps a build from being saved. */
export class NotSaved extends Error {
  constructor(readonly saving: Saving) {
    super(`not saved: ${saving.kind}`);
  }
}

export const savingOf = (opened: Opened): Saving =>
  opened.theirs ? { kind: 'conflict', base: opened.base, theirs: opened.theirs } : { kind: 'saved' };

/**
 * Keeps a build in this browser with every change and saves it soon after, one save at a time, each on the
 * revision that the last one made. A save that is refused as stale stops all further ones until a person has
 * said what becomes of both: nothing is applied over a newer revision.
 */
export function makeSaver(opened: Opened, world: SavingWorld) {
  let kept: Kept = { base: opened.base, build: opened.build, words: opened.words };
  let busy = false;
  let stopped = opened.theirs !== null;
  let timer: ReturnType<typeof setTimeout> | undefined;
  /** What was sent last without an answer: the server may have it. */
  let unanswered: Build | null = null;

  /** Who waits until everything is saved. */
  let waiting: { saved: () => void; not: (why: NotSaved) => void }[] = [];

  const unsent = () => kept.build !== kept.base.build;
  let last: Saving = savingOf(opened);
  const tell = (saving: Saving) => {
    last = saving;
    world.told(saving);
    if (saving.kind === 'saving' || (saving.kind === 'saved' && unsent())) return;
    const told = waiting;
    waiting = [];
    for (const { saved, not } of told)
      if (saving.kind === 'saved') saved();
      else not(new NotSaved(saving));
  };
  const keep = (now: Kept) => {
    kept = now;
    world.keep(kept);
  };
  const stop = (saving: Saving) => {
    stopped = true;
    tell(saving);
  };
  const soon = (ms: number) => {
    clearTimeout(timer);
    timer = setTimeout(() => void send(), ms);
  };
  /** What was done while this was on its way is still to be sent. */
  const took = (sent: Kept, view: BuildView) => {
    keep({
      base: { ...view, build: sent.build },
      build: kept.build,
      words: kept.words.slice(sent.words.length),
    });
    world.saved(kept.base);
    tell({ kind: 'saved' });
  };
  const outOfReach = (sent: Kept, { message }: Error) => {
    unanswered = sent.build;
    tell({ kind: 'offline', message });
    return RETRY_MS;
  };
  /** The server has another revision than ours was made on. Gives the pause before the next try, ms. */
  async function stale(sent: Kept): Promise<number> {
    let theirs: BuildView;
    try {
      theirs = await world.look(sent.base.id);
    } catch (error) {
      return outOfReach(sent, error as Error);
    }
    // Our own save, of which only the answer was lost.
    if (same(theirs.build, sent.build)) took(sent, theirs);
    // An earlier one of ours: what was done since goes on top of it.
    else if (unanswered && same(theirs.build, unanswered))
      keep({ ...kept, base: { ...theirs, build: unanswered } });
    else stop({ kind: 'conflict', base: sent.base, theirs });
    return PAUSE_MS;
  }
  async function send(leaving = false): Promise<void> {
    if (busy || stopped || !unsent()) return;
    const sending = kept;
    busy = true;
    tell({ kind: 'saving' });
    let after = PAUSE_MS;
    try {
      took(sending, await world.send(sending, leaving));
    } catch (error) {
      if (error instanceof Unreachable || (error instanceof Refused && error.status >= 500))
        after = outOfReach(sending, error);
      else if (error instanceof Refused && error.status === 409) after = await stale(sending);
      else stop({ kind: 'refused', message: (error as Error).message });
    } finally {
      busy = false;
    }
    if (!stopped && unsent()) soon(after);
  }

  return {
    send,
    /**
     * Comes when everything that was done until now is saved, be the screen left or not.
     * @throws NotSaved
     */
    whenSaved: (): Promise<void> =>
      new Promise((saved, not) => {
        if (!unsent() && !stopped) return saved();
        waiting.push({ saved, not });
        if (!stopped) void send();
        else tell(last);
      }),
    /** The build that the server has, as far as is known here. */
    base: (): BuildView => kept.base,
    /** The build is this now, by what the words say. */
    edit(build: Build, words: string) {
      if (build === kept.build && !unsent()) return;
      if (build !== kept.build)
        keep({ ...kept, build, words: kept.words.at(-1) === words ? kept.words : [...kept.words, words] });
      soon(PAUSE_MS);
    },
    /** Builds on another revision from now on: what is here is saved after it, or is it. */
    adopt(theirs: BuildView, now: Build, why: string) {
      stopped = false;
      keep({ base: theirs, build: now, words: now === theirs.build ? [] : [why] });
      tell({ kind: unsent() ? 'saving' : 'saved' });
      void send();
    },
    /** Nothing more is sent after a pause; what is unsent is sent at once. */
    leave() {
      clearTimeout(timer);
      void send(true);
    },
  };
}
