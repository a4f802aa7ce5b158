import { numbered } from '../build/index.js';

/** A list of one line a part. */
export const carried = (prefix: string, ...partIds: string[]) => ({
  lines: numbered(
    prefix,
    partIds.map((partId) => ({ partId })),
  ),
});

/** A hose load in each bed. */
export const loaded = (...loads: [bedId: string, partId: string, lengthFt: number][]) => ({
  loads: numbered(
    'h',
    loads.map(([bedId, partId, lengthFt]) => ({ bedId, partId, lengthFt })),
  ),
});
