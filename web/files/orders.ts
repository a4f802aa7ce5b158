import { useSyncExternalStore } from 'react';
import type { UnitSystem } from '#core/units';
import { askFile } from '../api';
import { sayFailed } from '../common';
import { NotSaved } from '../session';
import { download, fileName } from './download';

/** A paper that somebody wants of a build: the server makes it of what is saved. */
export interface Order {
  /** Of which build: its id and its name. */
  id: string;
  name: string;
  paper: string;
  system: UnitSystem;
  whenSaved: () => Promise<void>;
}

/** What is being made, by build and paper: it comes, be the bench left or not. */
let underway: readonly string[] = [];
const watching = new Set<() => void>();

const keyOf = ({ id, paper }: Pick<Order, 'id' | 'paper'>) => `${id} ${paper}`;

function set(now: readonly string[]): void {
  underway = now;
  watching.forEach((tell) => tell());
}

const why = (error: unknown): string => {
  if (!(error instanceof NotSaved)) return (error as Error).message;
  return error.saving.kind === 'offline'
    ? 'The server makes it, and does not answer. What you changed is kept here.'
    : 'It is made of what is saved, and this build is not: settle that first.';
};

/** Orders a paper as a PDF; it is handed out when it has been made. What is under way is not ordered twice. */
export async function orderPaper(order: Order): Promise<void> {
  const key = keyOf(order);
  if (underway.includes(key)) return;
  set([...underway, key]);
  const { id, name, paper, system, whenSaved } = order;
  try {
    await whenSaved();
    const pdf = await askFile(`builds/${id}/papers/${paper}?units=${system}`);
    download(`${fileName(name)}-${paper}.pdf`, pdf, 'application/pdf');
  } catch (error) {
    sayFailed('The paper could not be made')(new Error(why(error)));
  } finally {
    set(underway.filter((other) => other !== key));
  }
}

/** Whether a paper of a build is being made. */
export function useUnderway(id: string): (paper: string) => boolean {
  const now = useSyncExternalStore(
    (tell) => {
      watching.add(tell);
      return () => watching.delete(tell);
    },
    () => underway,
  );
  return (paper) => now.includes(keyOf({ id, paper }));
}
