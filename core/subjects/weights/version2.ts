import { american } from '../../kernel/index.js';

/** How files of version 2 named components: by kind and position. The lines of such a file are numbered alike. */
const NUMBERED: [RegExp, string][] = [
  [/^hose-(\d+)$/, 'hose.h'],
  [/^ladder-(\d+)$/, 'ladders.l'],
  [/^equipment-(\d+)$/, 'equipment.e'],
  [/^crew-(\d+)$/, 'seat.'],
  [/^section-(\d+)$/, 'device.section-'],
  [/^item-(.+)$/, 'items.'],
];
const OF_DEVICE = ['torque-box', 'outriggers', 'turntable', 'platform'];

/** The component of today that a file of version 2 named. */
function componentOfVersion2(id: unknown): unknown {
  if (typeof id !== 'string') return id;
  for (const [pattern, prefix] of NUMBERED) {
    const found = pattern.exec(id);
    if (found) return prefix + found[1]!;
  }
  return OF_DEVICE.includes(id) ? `device.${id}` : id;
}

/** Weights of what stands on the bumper and of fittings were named by their parts: the line of that part. */
export function linesOfWeighed(file: Record<string, unknown>, id: unknown): unknown {
  if (typeof id !== 'string') return id;
  const lineOf = (prefix: string, ids: unknown, to: string) => {
    const at =
      Array.isArray(ids) && id.startsWith(prefix)
        ? ids.findIndex((part) => part === id.slice(prefix.length))
        : -1;
    return at < 0 ? null : `${to}${at + 1}`;
  };
  const bumper = file['bumper'] as { itemIds?: unknown } | undefined;
  return (
    lineOf('bumper-', bumper?.itemIds, 'bumper.b') ??
    lineOf('fitting-', file['fittingIds'], 'fittings.f') ??
    american(componentOfVersion2(id) as string)
  );
}

export const withoutComponentId = ({
  componentId: _named,
  ...rest
}: Record<string, unknown>): Record<string, unknown> => rest;
