import { block, field } from '../../build/index.js';
import type { BlockOf } from '../../build/index.js';
import { inches } from '../../units/index.js';

export const layoutBlock = block({
  id: 'layout',
  title: 'Arrangement',
  version: 1,
  fields: {
    /** Blocks of the row behind the cab that a person moved. */
    moved: field.optional(
      field.lines(
        'Moved blocks',
        'Moved block',
        12,
        {
          blockId: field.id('Block'),
          /** Its place in the row, in place of its usual one. */
          rank: field.optional(field.amount('Place in the row', '', { min: 0, max: 100 })),
          aheadIn: field.amount('Free ahead of it', 'in', { min: 0, max: 120 }),
        },
        ({ blockId, rank, aheadIn }) => ({
          title: `Along the frame, ${blockId}`,
          words: `${inches(aheadIn)} more ahead of it${rank === undefined ? '' : ', in another place of the row'}`,
        }),
      ),
    ),
  },
  empty: {},
  later: true,
  fromVersion2: () => ({}) as never,
});

declare module '../../build/build.js' {
  interface Blocks {
    layout: BlockOf<typeof layoutBlock>;
  }
}
