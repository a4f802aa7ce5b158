import { useComputedColorScheme } from '@mantine/core';
import { useIntersection } from '@mantine/hooks';
import { useEffect, useState } from 'react';
import { DAY, NIGHT } from '../theme';
import classes from './yard.module.css';

/** Drawn this long before it is scrolled to. */
const AHEAD = '400px';

/** A drawing with the colors of a theme, as an address of an image. */
const colored = (drawing: string, colors: typeof DAY): string =>
  `data:image/svg+xml,${encodeURIComponent(
    drawing.replace(/var\(--(\w+)\)/g, (whole, name: string) => colors[name as keyof typeof DAY] ?? whole),
  )}`;

/** The room that a drawing needs, as it says itself, px. */
const sizeOf = (drawing: string): { width?: number; aspectRatio?: string } => {
  const [, width, height] = /^<svg [^>]*?\bwidth="([\d.]+)" height="([\d.]+)"/.exec(drawing) ?? [];
  return width && height ? { width: Number(width), aspectRatio: `${width} / ${height}` } : {};
};

/**
 * The small drawing of a build as one picture, made when it comes into sight: hundreds of them stay light. Its
 * room is kept before, so that nothing moves away from under the pointer.
 */
export function BuildPicture({ drawing }: { drawing: string }) {
  const scheme = useComputedColorScheme();
  const { ref, entry } = useIntersection({ rootMargin: AHEAD });
  const [seen, setSeen] = useState(false);
  useEffect(() => {
    if (entry?.isIntersecting) setSeen(true);
  }, [entry]);
  return (
    <div ref={ref} className={classes.picture}>
      <div className={classes.room} style={sizeOf(drawing)}>
        {seen && <img src={colored(drawing, scheme === 'dark' ? NIGHT : DAY)} alt="" />}
      </div>
    </div>
  );
}
