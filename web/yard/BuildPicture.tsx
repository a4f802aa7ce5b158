import { useComputedColorScheme } from '@mantine/core';
import { useMemo } from 'react';
import { DAY, NIGHT } from '../theme';

/** A drawing with the colors of a theme, as an address of an image. */
const colored = (drawing: string, colors: typeof DAY): string =>
  `data:image/svg+xml,${encodeURIComponent(
    drawing.replace(/var\(--(\w+)\)/g, (whole, name: string) => colors[name as keyof typeof DAY] ?? whole),
  )}`;

/** The small drawing of a build as one picture: hundreds of them on a page stay light. */
export function BuildPicture({ drawing }: { drawing: string }) {
  const scheme = useComputedColorScheme();
  const src = useMemo(() => colored(drawing, scheme === 'dark' ? NIGHT : DAY), [drawing, scheme]);
  return <img src={src} alt="" style={{ maxWidth: '100%' }} />;
}
