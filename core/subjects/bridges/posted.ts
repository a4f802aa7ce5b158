import { lb, within } from '../../units/index.js';
import { counting, placesCheck, tightest } from '../brief/index.js';
import type { AtPlace, LineOf } from '../brief/index.js';
import { ofGross } from '../weights/index.js';
import { heaviest, heaviestAxle, onAxles } from './loads.js';
import type { OnAxles } from './loads.js';

/** One posting of a bridge: what it limits, and what of a load state it limits. */
interface Posting {
  what: string;
  limitLb: number | undefined;
  of: (state: OnAxles) => number;
}

/** The gross weight that a bridge is posted for a truck of so many axles, lb; nothing where it is not posted. */
export const postedGrossLb = (
  { grossLb, threeAxleLb }: LineOf<'bridges'>,
  axles: number,
): number | undefined => (axles > 2 && threeAxleLb !== undefined ? threeAxleLb : grossLb);

/** The postings of a bridge that hold for a truck of so many axles. */
function postingsOf(line: LineOf<'bridges'>, axles: number): Posting[] {
  return [
    { what: 'gross', limitLb: postedGrossLb(line, axles), of: ({ grossLb }) => grossLb },
    { what: 'on the heaviest axle', limitLb: line.axleLb, of: heaviestAxle },
    {
      what: 'on the tandem',
      limitLb: axles > 2 ? line.tandemLb : undefined,
      of: ({ rearLb }) => rearLb,
    },
  ];
}

/** What a bridge comes to for each of its postings; nothing where it is not posted. */
export function atBridge(line: LineOf<'bridges'>, states: readonly OnAxles[]): AtPlace[] {
  return postingsOf(line, states[0]!.axles.length).flatMap(({ what, limitLb, of }) => {
    if (limitLb === undefined) return [];
    const state = heaviest(states, of);
    const actual = of(state);
    const margin = limitLb - actual;
    return [
      {
        line,
        actual,
        limit: limitLb,
        margin,
        comfort: limitLb * TIGHT,
        unit: 'lb' as const,
        state: { id: state.id, name: state.name },
        words: `${margin < 0 ? `${lb(-margin)} over` : `${lb(margin)} under`}: ${lb(actual)} ${what} (${within(state.name)}), posted ${lb(limitLb)}.`,
      },
    ];
  });
}

/** What a scale is off by is no reserve: within this share of a posting it is close. */
const TIGHT = 0.02;

export const posted = placesCheck(
  'bridges',
  { id: 'posted', title: 'Posted bridges', steps: ['chassis', 'tank'], mendedBy: ['load'], causes: ofGross },
  [counting('bridges'), onAxles],
  (all, states) => all.map((line) => tightest(atBridge(line, states))),
);
