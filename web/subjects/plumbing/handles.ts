import { COLOR_HEX } from '#core/subjects/plumbing';
import type { Color } from '#core/subjects/plumbing';

/** How what has a color is filled, by day and by night; as the rest is, where it has none. */
export const painted = (color: Color | undefined) => (color ? { fill: COLOR_HEX[color] } : undefined);
