import type { Arrangement } from '../drawing';

/** What is gone to on the bench: a step, with a component pointed out; a finding; a panel; a view of the truck. */
export type Going =
  { step: string; point?: string[] } | { finding: string } | { panel: string } | { view: Arrangement };

/** Going there with a navigation: the bench does it as it comes. Who is there already needs no way back to it. */
export const goingTo = (going: Going, isThere: boolean) => ({ state: { going }, replace: isThere });

/** What a navigation asks of the bench; nothing where it asks nothing. */
export const goingOf = (state: unknown): Going | null =>
  typeof state === 'object' && state !== null && 'going' in state ? (state.going as Going) : null;
