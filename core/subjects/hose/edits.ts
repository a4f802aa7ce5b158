import { changedLine, clamped, freshId, said, withBlock } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import type { BedKind } from '../../truck/index.js';
import { dividersIn, isFlatbed } from './beds.js';
import { hoseBlock, loadsIn } from './block.js';
import type { CrosslayPlace, HoseLoad } from './block.js';
import type { Finish } from './packing/index.js';
import { reelIdAt, reelsIn } from './reels.js';
import type { ReelLine, ReelPlace } from './reels.js';

const { lengthFt: LENGTH } = hoseBlock.fields.loads.fields;
const { yIn: DIVIDER_Y } = hoseBlock.fields.dividers.fields;
/** Hose that a bed begins with, and what a bed of a kind usually takes at most, ft. */
const FIRST_HOSE_FT = 200;
export const USUAL_HOSE_FT: Record<BedKind, number> = {
  main: 2000,
  crosslay: 400,
  well: 200,
  reel: 300,
  tray: 800,
  own: 600,
};

const withLoads = (build: Build, loads: HoseLoad[]): Build => withBlock(build, 'hose', { loads });

/** What is said of a load otherwise, what is undefined being as usual again; or the load gone. */
export const withLoad = (build: Build, id: string, change: Partial<Omit<HoseLoad, 'id'>> | null): Build =>
  withLoads(build, changedLine(build.hose.loads, id, change));

/** The crosslays in another place; over the pump nothing is said of it. */
export const withCrosslaysAt = (build: Build, at: CrosslayPlace): Build =>
  withBlock(build, 'hose', { crosslaysAt: at === 'over' ? undefined : at });

/** So many dividers in the main bed, evenly spaced over its width, in. */
export const withDividers = (build: Build, count: number, widthIn: number): Build =>
  withBlock(build, 'hose', {
    dividers: Array.from({ length: count }, (_, i) => ({
      id: `d${i + 1}`,
      yIn: Math.round(((i + 1) / (count + 1) - 0.5) * widthIn),
    })),
  });

/** A divider of the main bed in another place, to the inch. */
export const withDividerAt = (build: Build, id: string, yIn: number): Build =>
  withBlock(build, 'hose', {
    dividers: changedLine(dividersIn(build), id, { yIn: Math.round(clamped(DIVIDER_Y, yIn)) }),
  });

/** A reel in a place, or none; there is one in each. */
export function withReel(build: Build, at: ReelPlace, on: boolean): Build {
  const others = reelsIn(build, isFlatbed(build))
    .filter((reel) => reel.at !== at)
    .map(({ bare: _bare, ...reel }): ReelLine => reel);
  return withBlock(build, 'hose', { reels: on ? [...others, { id: reelIdAt(at), at }] : others });
}

/** A reel otherwise; what is undefined is as usual again. */
export const withReelSaid = (build: Build, id: string, change: Partial<Omit<ReelLine, 'id' | 'at'>>): Build =>
  withBlock(build, 'hose', { reels: changedLine(build.hose.reels ?? [], id, change) });

/** One more load in a bed. */
export const withNewLoad = (
  build: Build,
  bedId: string,
  partId: string,
  lengthFt = FIRST_HOSE_FT,
  id = freshId(),
): Build =>
  withLoads(build, [...build.hose.loads, { id, bedId, partId, lengthFt: clamped(LENGTH, lengthFt) }]);

/** A load finished otherwise; flat, nothing is said of it. */
export const withFinish = (build: Build, id: string, finish: Finish): Build =>
  withLoad(build, id, { finish: finish === 'flat' ? undefined : finish });

/** A load that lies dead, or is kept connected. */
export const withDead = (build: Build, id: string, dead: boolean): Build =>
  withLoad(build, id, { dead: dead ? 'yes' : undefined });

/** Where a load lies against the one before it in its bed. */
export const LIES = ['on', 'beside', 'under'] as const;
export type Lies = (typeof LIES)[number];
export const LIES_NAMES: Record<Lies, string> = {
  on: 'on the one before',
  beside: 'beside it, with a width of its own',
  under: 'under it: they change places',
};

/** A load on the one before it, beside it, or under it: they change places then. */
export function withLying(build: Build, id: string, lies: Lies): Build {
  if (lies === 'on') return withLoad(build, id, { beside: undefined, wideIn: undefined });
  if (lies === 'beside') return withLoad(build, id, { beside: 'yes' });
  const load = build.hose.loads.find((other) => other.id === id);
  const inBed = load ? loadsIn(build, load.bedId) : [];
  const before = inBed[inBed.findIndex((other) => other === load) - 1];
  if (!load || !before) return build;
  const low = { ...load, beside: before.beside, wideIn: before.wideIn };
  const high = { ...before, beside: undefined, wideIn: undefined };
  return withLoads(
    build,
    build.hose.loads.map((other) => said(other === before ? low : other === load ? high : other)),
  );
}

/**
 * The id of the load that comes next in a bed: the same for the same build, so that what is taken back is as
 * before.
 */
export function nextIdIn(build: Build, bedId: string): string {
  const taken = new Set(build.hose.loads.map(({ id }) => id));
  let nth = loadsIn(build, bedId).length + 1;
  while (taken.has(`${bedId}-${nth}`)) nth++;
  return `${bedId}-${nth}`;
}
