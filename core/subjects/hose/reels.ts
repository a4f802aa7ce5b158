/** Where a reel can stand. */
export const REEL_PLACES = ['rear', 'rearLeft', 'rearRight', 'front'] as const;
export type ReelPlace = (typeof REEL_PLACES)[number];
export const REEL_NAMES: Record<ReelPlace, string> = {
  rear: 'Booster reel',
  rearLeft: 'Rear reel, driver’s side',
  rearRight: 'Rear reel, officer’s side',
  front: 'Reel over the pump',
};

/** How hose is wound back. */
export const REWINDS = ['electric', 'hand'] as const;
export type Rewind = (typeof REWINDS)[number];
export const REWIND_NAMES: Record<Rewind, string> = { electric: 'By its motor', hand: 'By a crank' };

/** What is said of a reel: electric, without guide rollers and with the usual drum where nothing is. */
export interface ReelLine {
  id: string;
  at: ReelPlace;
  rewind?: Rewind;
  roller?: 'yes';
  drumIn?: number;
}

/** What may have reels. */
export interface Reeled {
  hose: { reels?: ReelLine[] };
}

/** A reel is known by its place: there is one in each. */
export const reelIdAt = (at: ReelPlace): string => (at === 'rear' ? 'reel' : `reel-${at}`);

/**
 * The reels of a build. An open bed that says nothing of reels has room for one at its back, which is there as
 * soon as there is hose on it.
 */
export function reelsIn({ hose }: Reeled, flatbed: boolean): (ReelLine & { bare: boolean })[] {
  if (hose.reels) return hose.reels.map((reel) => ({ ...reel, bare: true }));
  return flatbed ? [{ id: reelIdAt('rear'), at: 'rear', bare: false }] : [];
}
