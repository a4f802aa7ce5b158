import { COLOR_HEX, COLOR_NAMES } from '#core/subjects/plumbing';
import type { Color } from '#core/subjects/plumbing';
import classes from './plumbing.module.css';

/** The color of a handle, said in words for who can't see it; nothing where it has none. */
export function Swatch({ color }: { color: Color | undefined }) {
  return (
    <span
      className={classes.swatch}
      data-color={color ?? 'none'}
      style={color && { background: COLOR_HEX[color] }}
      role="img"
      aria-label={color ? COLOR_NAMES[color] : 'No color'}
      title={color ? COLOR_NAMES[color] : 'No color'}
    />
  );
}
