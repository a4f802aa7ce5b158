import type { Build } from '../../build/index.js';
import { bedsIn } from './beds.js';

/** What the nth load of a bed is called: by the bed alone, or as its second and so on. */
export const nthIn = (bedName: string, nth: number): string =>
  nth === 0 ? bedName : `${bedName}, load ${nth + 1}`;

/** What each load of a build is called, by its id. */
export function loadNames(build: Build): Map<string, string> {
  const names = new Map<string, string>();
  for (const { id, name } of bedsIn(build))
    build.hose.loads
      .filter(({ bedId }) => bedId === id)
      .forEach((load, nth) => names.set(load.id, nthIn(name, nth)));
  return names;
}
