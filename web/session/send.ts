import { cutText } from '#core/units';
import type { BuildView } from '#core/spec';
import { ask } from '../api';
import { whoAmI } from '../common';
import type { Kept } from './kept';

const MOST_WORDS = 200;

/** Sends what is kept of a build as the next revision. */
export const sendBuild = ({ base, spec, words }: Kept, leaving = false): Promise<BuildView> =>
  ask<BuildView>('PUT', `builds/${base.id}`, { revision: base.revision, words: cutText([...new Set(words)].join('; ') || 'Changed', MOST_WORDS), spec, who: whoAmI() }, leaving);
