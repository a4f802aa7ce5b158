import type { Build } from '../../build/index.js';
import { partOptions } from '../../kernel/index.js';
import type { Choice, Subject } from '../../kernel/index.js';
import { heldProfile, limitsBlock, limitsProblems, profileOf, profileShelf, withProfile } from './block.js';

export { copiedProfile, profileOf, profileShelf, withLimit, withOwnProfile, withProfile } from './block.js';
export type { OwnLimit, OwnProfile } from './block.js';
export { limitsTable, SENSES } from './table.js';

function choices(build: Build): Choice[] {
  const now = profileOf(build);
  const all = [...(now.own ? [now] : []), ...profileShelf.in(build).suiting(build.type)];
  return [
    {
      kind: 'pick',
      id: 'profile',
      title: 'Limits held against',
      compact: true,
      options: partOptions(
        all,
        ({ id }) => id === now.id,
        (profile) => (profile.own ? build : withProfile(build, profile.id)),
      ),
    },
  ];
}

/** The limits that the build is held against. */
export const limits: Subject = {
  id: 'limits',
  title: 'Limits',
  under: 'chassis',
  shelves: [profileShelf],
  block: limitsBlock,
  problems: limitsProblems,
  provides: [heldProfile],
  choices,
};
