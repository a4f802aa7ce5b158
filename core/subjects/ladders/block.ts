import { block, field, listIn, objectIn } from '../../build/index.js';
import type { BlockOf, Build } from '../../build/index.js';
import { linesOfParts, partFigure, Shelf, toggledLine } from '../../kernel/index.js';
import { within } from '../../units/index.js';
import { LADDER_MOUNTS, LADDERS } from './parts.js';
import type { Ladder, LadderMount } from './parts.js';

const { plain, price, weight } = partFigure;

export const ladderShelf = new Shelf<Ladder>({
  kind: 'ladder',
  title: 'Ladders',
  shipped: LADDERS,
  figures: [
    weight<Ladder>(500),
    plain<Ladder>('lengthFt', 'Length', 'ft', 4, 60),
    plain<Ladder>('beddedIn', 'Bedded length', 'in', 30, 400),
    plain<Ladder>('nestedHeightIn', 'Nested height', 'in', 2, 40),
    plain<Ladder>('nestedWidthIn', 'Nested width', 'in', 2, 40),
    price<Ladder>(),
  ],
});
export const mountShelf = new Shelf<LadderMount>({
  kind: 'ladderMount',
  title: 'Ways for ladders and long pieces',
  shipped: LADDER_MOUNTS,
});

export const laddersBlock = block({
  id: 'ladders',
  title: 'Ladders',
  version: 1,
  fields: {
    mountId: field.part('How ladders ride', 'ladderMount'),
    lines: field.lines(
      'Ladders',
      'Ladder',
      12,
      {
        partId: field.part('Ladder', 'ladder'),
        /** Where it rides otherwise than the others. */
        mountId: field.optional(field.part('How it rides', 'ladderMount')),
      },
      ({ partId, mountId }, _, names) => ({
        title: 'Ladder carried',
        words: `${names.part('ladder', partId)}${mountId ? `, ${within(names.part('ladderMount', mountId))}` : ''}`,
      }),
    ),
  },
  empty: { mountId: 'flat', lines: [] },
  fromVersion2: (file) => {
    const { partIds: _lines, ...rest } = objectIn(file, 'ladders');
    return { ...rest, lines: linesOfParts('l', listIn(objectIn(file, 'ladders'), 'partIds')) } as never;
  },
});

declare module '../../build/build.js' {
  interface Blocks {
    ladders: BlockOf<typeof laddersBlock>;
  }
}

/** Another way for the ladders to ride. */
export const withMount = (build: Build, mountId: string): Build => ({
  ...build,
  ladders: { ...build.ladders, mountId },
});

/** A ladder carried or not. */
export const withLadder = (build: Build, partId: string, on: boolean): Build => ({
  ...build,
  ladders: { ...build.ladders, lines: toggledLine(build.ladders.lines, partId, on) },
});

/** A ladder that rides as the others do, or otherwise. */
export const withLadderOn = (build: Build, id: string, mountId: string): Build => ({
  ...build,
  ladders: {
    ...build.ladders,
    lines: build.ladders.lines.map((line) => {
      if (line.id !== id) return line;
      const { mountId: _old, ...rest } = line;
      return mountId === build.ladders.mountId ? rest : { ...rest, mountId };
    }),
  },
});

/** Without the ladder of one line. */
export const withoutLine = (build: Build, id: string): Build => ({
  ...build,
  ladders: { ...build.ladders, lines: build.ladders.lines.filter((line) => line.id !== id) },
});

/** Whether a ladder of that part is carried. */
export const carries = (build: Build, id: string) => build.ladders.lines.some(({ partId }) => partId === id);
