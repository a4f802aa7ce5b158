import { standingIn } from '#core/compare';
import type { BuildView } from '#core/exchange';
import { cutText } from '#core/units';
import { ask } from '../api';
import { whoAmI } from '../common';
import { evaluated } from './evaluated';
import type { Kept } from './kept';

const MOST_WORDS = 200;

/** Sends what is kept of a build as the next revision. */
export const sendBuild = ({ base, build, words }: Kept, leaving = false): Promise<BuildView> =>
  ask<BuildView>(
    'PUT',
    `builds/${base.id}`,
    {
      revision: base.revision,
      words: cutText([...new Set(words)].join('; ') || 'Changed', MOST_WORDS),
      build,
      standing: standingIn(evaluated(build)),
      who: whoAmI(),
    },
    leaving,
  );
