import type { Build } from '../../build/index.js';
import { NONE, partOptions } from '../../kernel/index.js';
import type { Choice, Subject } from '../../kernel/index.js';
import {
  heldProfile,
  limitsBlock,
  limitsProblems,
  profileOf,
  profileShelf,
  withAlso,
  withProfile,
} from './block.js';

export {
  copiedProfile,
  profileOf,
  profileShelf,
  withAlso,
  withLimit,
  withOwnProfile,
  withProfile,
} from './block.js';
export type { OwnLimit, OwnProfile } from './block.js';
export { limitsTable, SENSES } from './table.js';

function choices(build: Build): Choice[] {
  const now = profileOf(build);
  const stock = profileShelf.in(build);
  const all = [...(now.own ? [now] : []), ...stock.usualFirst(build.type)];
  const { profileId, alsoId } = build.limits;
  return [
    {
      kind: 'pick',
      id: 'profile',
      title: 'Limit profile',
      compact: true,
      options: partOptions(
        all,
        ({ id }) => id === now.id,
        (profile) => (profile.own ? build : withProfile(build, profile.id)),
      ),
    },
    {
      kind: 'pick',
      id: 'also',
      title: 'Second limit profile',
      compact: true,
      options: [
        { id: NONE, label: 'None', chosen: alsoId === undefined, build: withAlso(build, undefined) },
        ...partOptions(
          stock.usualFirst(build.type).filter(({ id }) => id !== profileId),
          ({ id }) => id === alsoId,
          ({ id }) => withAlso(build, id),
        ),
      ],
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
