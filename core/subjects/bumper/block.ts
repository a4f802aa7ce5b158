import { block, changedLine, clamped, field, listIn, objectIn, settled } from '../../build/index.js';
import type { BlockOf, Build, Problem } from '../../build/index.js';
import { american, linesOfParts, partFigure, Shelf, toggledLine } from '../../kernel/index.js';
import { asideInWords } from '../../units/index.js';
import { BUMPER_ITEMS, BUMPERS } from './parts.js';
import type { Bumper, BumperItem } from './parts.js';

const { plain, price, size, weight } = partFigure;

export const bumperShelf = new Shelf<Bumper>({
  kind: 'bumper',
  title: 'Bumpers',
  shipped: BUMPERS,
  figures: [weight<Bumper>(3_000), plain<Bumper>('extensionIn', 'Extension', 'in', 0, 40), price<Bumper>()],
});

export const bumperItemShelf = new Shelf<BumperItem>({
  kind: 'bumperItem',
  title: 'On the bumper',
  shipped: BUMPER_ITEMS,
  figures: [
    weight<BumperItem>(2_000),
    ...size<BumperItem>(),
    plain<BumperItem>('needsExtensionIn', 'Needs an extension of', 'in', 0, 40),
    price<BumperItem>(),
  ],
});

export const bumperBlock = block({
  id: 'bumper',
  title: 'Front bumper',
  version: 1,
  fields: {
    partId: field.part('Bumper', 'bumper'),
    lines: field.lines(
      'On the bumper',
      'On the bumper',
      10,
      {
        partId: field.part('On the bumper', 'bumperItem'),
        /** To the officer's side from the middle; at its usual place where left out. */
        yIn: field.optional(field.amount('From the middle', 'in', { min: -48, max: 48, step: 1 })),
      },
      ({ partId, yIn }, _, names) => ({
        title: 'On the bumper',
        words: `${names.part('bumperItem', partId)}${yIn === undefined ? '' : `, ${asideInWords(yIn)}`}`,
      }),
    ),
  },
  empty: { partId: 'plain', lines: [] },
  fromVersion2: (file) => {
    const { partId, itemIds: _lines, ...rest } = objectIn(file, 'bumper');
    return {
      partId: typeof partId === 'string' ? american(partId) : partId,
      ...rest,
      lines: linesOfParts('b', listIn(objectIn(file, 'bumper'), 'itemIds')),
    } as never;
  },
});

declare module '../../build/build.js' {
  interface Blocks {
    bumper: BlockOf<typeof bumperBlock>;
  }
}

/** Another bumper; what it is too short for is left off when the build is put in order. */
export const withBumper = (build: Build, partId: string): Build => ({
  ...build,
  bumper: { ...build.bumper, partId },
});

/** Something on the bumper, or off. */
export const withBumperItem = (build: Build, partId: string, on: boolean): Build => ({
  ...build,
  bumper: { ...build.bumper, lines: toggledLine(build.bumper.lines, partId, on) },
});

/** Something on the bumper at another place across it, to the inch. */
export const withItemAside = (build: Build, id: string, yIn: number): Build => ({
  ...build,
  bumper: {
    ...build.bumper,
    lines: changedLine(build.bumper.lines, id, {
      yIn: Math.round(clamped(bumperBlock.fields.lines.fields.yIn, yIn)),
    }),
  },
});

export function settleBumper(build: Build): Build {
  const { extensionIn } = bumperShelf.in(build).part(build.bumper.partId);
  const items = bumperItemShelf.in(build);
  return settled(build, 'bumper', {
    ...build.bumper,
    lines: build.bumper.lines.filter(
      ({ partId }) => (items.find(partId)?.needsExtensionIn ?? Infinity) <= extensionIn,
    ),
  });
}

export function bumperProblems(build: Build): Problem[] {
  const { extensionIn } = bumperShelf.in(build).part(build.bumper.partId);
  return build.bumper.lines.flatMap(({ partId }, i) => {
    const { needsExtensionIn } = bumperItemShelf.in(build).part(partId);
    const at = `bumper.lines.${i}.partId`;
    return extensionIn < needsExtensionIn
      ? [
          {
            field: at,
            message: `${at} needs a bumper extension of ${needsExtensionIn} in or more (was "${partId}" on ${extensionIn} in)`,
          },
        ]
      : [];
  });
}

/** The wells for hose in the bumper, by their lines. */
export const wellsIn = (build: Pick<Build, 'bumper' | 'parts'>): string[] =>
  build.bumper.lines
    .filter(({ partId }) => bumperItemShelf.in(build).find(partId)?.shape === 'well')
    .map(({ id }) => id);
