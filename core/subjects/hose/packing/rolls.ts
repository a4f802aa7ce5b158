import { boxOf } from '../../../kernel/index.js';
import type { Box } from '../../../kernel/index.js';
import { IN_PER_FT } from '../../../units/index.js';
import type { Packable, Room } from './finishes.js';
import { whole } from './holds.js';

/** Diameter of a rolled section, in: its hose wound about one coupling, the other on its outside. */
export function rollIn({ thicknessIn, couplingIn }: Packable, sectionFt: number): number {
  const wound = Math.sqrt((4 * sectionFt * IN_PER_FT * thicknessIn) / Math.PI + couplingIn ** 2);
  return wound + couplingIn;
}

/** Rolled sections lying flat on each other, or standing on edge, whichever way more fit. */
export function rollsIn(
  room: Room,
  hose: Packable,
): { across: number; up: number; count: number; box: (nth: number) => Box } {
  const across = rollIn(hose, hose.sectionFt);
  const high = Math.max(hose.flatWidthIn, hose.couplingIn);
  const ways = (
    [
      [across, across, high],
      [across, high, across],
    ] as const
  ).map(([x, y, z]) => {
    const [nx, ny, nz] = [whole(room.lengthIn / x), whole(room.widthIn / y), whole(room.depthIn / z)];
    const box = (nth: number) => {
      const [i, j, k] = [nth % nx, Math.floor(nth / nx) % ny, Math.floor(nth / (nx * ny))];
      return boxOf(i * x, (i + 1) * x, j * y, (j + 1) * y, k * z, (k + 1) * z);
    };
    return { across: ny, up: nz, count: nx * ny * nz, box };
  });
  return ways.reduce((most, next) => (next.count > most.count ? next : most));
}
