import { boxOf } from '../../../kernel/index.js';
import type { Box } from '../../../kernel/index.js';
import { IN_PER_FT } from '../../../units/index.js';
import type { MadeUp, Packable, Room } from './finishes.js';
import { pocketIn, whole } from './holds.js';

/** Diameter of a rolled section, in: its hose wound about one coupling, the other on its outside. */
export function rollIn({ thicknessIn, couplingIn }: Packable, sectionFt: number): number {
  const wound = Math.sqrt((4 * sectionFt * IN_PER_FT * thicknessIn) / Math.PI + couplingIn ** 2);
  return wound + couplingIn;
}

/** Between the folds of a bundle: as long as one carries on the shoulder, in. */
const BUNDLE_IN = 42;

type Size = readonly [lengthIn: number, widthIn: number, heightIn: number];

/** A section folded to and fro on edge and strapped, its couplings at one end, in. */
export function bundleIn({ flatWidthIn, thicknessIn, couplingIn, sectionFt }: Packable): Size {
  const lays = Math.ceil((sectionFt * IN_PER_FT) / BUNDLE_IN);
  return [
    BUNDLE_IN + pocketIn(couplingIn),
    Math.max(lays * thicknessIn, couplingIn),
    Math.max(flatWidthIn, couplingIn),
  ];
}

/** How a section that is made up can lie: a roll flat or on edge, a bundle along the bed or across it. */
function waysOf(finish: MadeUp, hose: Packable): Size[] {
  if (finish === 'bundles') {
    const [long, wide, high] = bundleIn(hose);
    return [
      [long, wide, high],
      [wide, long, high],
    ];
  }
  const across = rollIn(hose, hose.sectionFt);
  const high = Math.max(hose.flatWidthIn, hose.couplingIn);
  return [
    [across, across, high],
    [across, high, across],
  ];
}

/** Sections that are made up one by one, beside and on top of each other, whichever way more fit. */
export function madeUpIn(
  finish: MadeUp,
  room: Room,
  hose: Packable,
): { across: number; up: number; count: number; box: (nth: number) => Box } {
  const ways = waysOf(finish, hose).map(([x, y, z]) => {
    const [nx, ny, nz] = [whole(room.lengthIn / x), whole(room.widthIn / y), whole(room.depthIn / z)];
    const box = (nth: number) => {
      const [i, j, k] = [nth % nx, Math.floor(nth / nx) % ny, Math.floor(nth / (nx * ny))];
      return boxOf(i * x, (i + 1) * x, j * y, (j + 1) * y, k * z, (k + 1) * z);
    };
    return { across: ny, up: nz, count: nx * ny * nz, box };
  });
  return ways.reduce((most, next) => (next.count > most.count ? next : most));
}
