import type { Envelope } from '#core/truck';
import type { ViewId } from './view';

/** Which views are shown together. */
export type Arrangement = ViewId | 'all';

/** Room around the views for dimensions, px. */
export const MARGIN_PX = { left: 34, right: 50, above: 30, below: 62, betweenColumns: 60 };

/** Room under a row: a plan has its dimensions above, the others have theirs below. */
const underPx = (row: ViewId[]) => (row.includes('top') && row.length === 1 ? 34 : 66);

export interface Placed {
  view: ViewId;
  /** Where the view's own zero lies in the picture, in inches. */
  u: number;
  v: number;
}

export interface Picture {
  placed: Placed[];
  /** Pixels for an inch; the same for every view of the picture. */
  scale: number;
  viewBox: { x: number; y: number; width: number; height: number };
}

interface Extent {
  u0: number;
  u1: number;
  up: number;
  down: number;
}

function extentOf(view: ViewId, e: Envelope): Extent {
  const half = e.widthIn / 2 + 8;
  switch (view) {
    case 'driver':
      return { u0: e.frontIn, u1: e.rearIn, up: e.heightIn, down: 0 };
    case 'officer':
      return { u0: -e.rearIn, u1: -e.frontIn, up: e.heightIn, down: 0 };
    case 'top':
      return { u0: e.frontIn, u1: e.rearIn, up: half, down: half };
    default:
      return { u0: -half, u1: half, up: e.heightIn, down: 0 };
  }
}

/**
 * Rows of views for an arrangement; a side stands under the plan or the ends, as on a drawing sheet, where
 * there is room.
 */
function rowsOf(arrangement: Arrangement, tall: boolean): ViewId[][] {
  switch (arrangement) {
    case 'driver':
      return tall ? [['top'], ['driver']] : [['driver']];
    case 'officer':
      return tall ? [['front', 'rear'], ['officer']] : [['officer']];
    case 'all':
      return [['top', 'front'], ['driver', 'rear'], ['officer']];
    default:
      return [[arrangement]];
  }
}

/** Room below the last row: a plan has nothing there. */
const belowPx = (rows: ViewId[][]) => {
  const last = rows.at(-1)!;
  return last.includes('top') && last.length === 1 ? PLAN_BELOW_PX : MARGIN_PX.below;
};
const PLAN_BELOW_PX = 14;

const gapsPx = (rows: ViewId[][]) => rows.slice(0, -1).reduce((sum, row) => sum + underPx(row), 0);

/** Lays the views of an arrangement into a picture of that many pixels, as large as they go. */
export function layOut(
  envelope: Envelope,
  arrangement: Arrangement,
  widthPx: number,
  heightPx: number,
): Picture {
  const gap = MARGIN_PX;
  const fit = (rows: ViewId[][]) => {
    const extents = rows.map((row) => row.map((view) => extentOf(view, envelope)));
    const widths = extents.map((row) => row.reduce((sum, e) => sum + e.u1 - e.u0, 0));
    const heights = extents.map((row) => Math.max(...row.map((e) => e.up + e.down)));
    const columns = Math.max(...rows.map((row) => row.length));
    const across =
      (widthPx - gap.left - gap.right - (columns - 1) * gap.betweenColumns) / Math.max(...widths);
    const down = (heightPx - gap.above - belowPx(rows) - gapsPx(rows)) / heights.reduce((a, b) => a + b, 0);
    return { rows, extents, scale: Math.max(0.05, Math.min(across, down)) };
  };
  const alone = fit(rowsOf(arrangement, false));
  const together = fit(rowsOf(arrangement, true));
  // The others join where that costs the side little of its size.
  const { rows, extents, scale } = together.scale >= alone.scale * 0.82 ? together : alone;

  const px = 1 / scale;
  const placed: Placed[] = [];
  let y = 0;
  let widest = 0;
  rows.forEach((row, i) => {
    const height = Math.max(...extents[i]!.map((e) => e.up + e.down));
    let x = 0;
    row.forEach((view, j) => {
      const e = extents[i]![j]!;
      placed.push({ view, u: x - e.u0, v: y + height - e.down });
      x += e.u1 - e.u0 + gap.betweenColumns * px;
    });
    widest = Math.max(widest, x - gap.betweenColumns * px);
    y += height + (i < rows.length - 1 ? underPx(row) * px : 0);
  });
  const width = widthPx * px;
  const height = heightPx * px;
  const spareX = width - widest - (gap.left + gap.right) * px;
  const spareY = height - y - (gap.above + belowPx(rows)) * px;
  return {
    placed,
    scale,
    // What room is left over goes above, so that the wheels stand on the scale.
    viewBox: { x: -gap.left * px - spareX / 2, y: -gap.above * px - spareY * 0.5, width, height },
  };
}
