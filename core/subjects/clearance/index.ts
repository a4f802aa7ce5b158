import { check } from '../../kernel/index.js';
import type { Subject } from '../../kernel/index.js';
import { clashes } from '../../truck/index.js';
import type { Clash } from '../../truck/index.js';
import { capital, counted, inches, listed, within } from '../../units/index.js';

/** So many pairs are told in the words of the finding; all of them are in its table. */
const TOLD = 3;

const said = ({ a, b, byIn }: Clash): string => `${within(a.name)} and ${within(b.name)} by ${inches(byIn)}`;

function words(all: readonly Clash[]): string {
  if (all.length === 0) return 'Nothing runs into anything else.';
  const told = listed(all.slice(0, TOLD).map(said));
  const more = all.length > TOLD ? `; and ${counted(all.length - TOLD, 'more pair')}` : '';
  return `${capital(told)}${more}.`;
}

/** What runs into what. */
export const clearance: Subject = {
  id: 'clearance',
  title: 'Clearance',
  checks: [
    check(
      'clearance',
      { id: 'clash', title: 'Nothing runs into anything', steps: ['layout', 'body'], mendedBy: ['room'] },
      [clashes],
      (all) => {
        const total = all.reduce((sum, { byIn }) => sum + byIn, 0);
        return {
          status: all.length > 0 ? 'fails' : 'holds',
          actual: total,
          limit: 0,
          margin: 0 - total,
          unit: 'in',
          state: null,
          basis: 'Geometry of this build',
          words: words(all),
        };
      },
    ),
  ],
};
