import { check } from '../../kernel/index.js';
import type { Judgement } from '../../kernel/index.js';
import { counted, feet, inches, within } from '../../units/index.js';
import { bedded, packable } from './loads.js';
import type { BeddedLoad } from './loads.js';

/** What of a load is left over and why, in words. */
export function leftInWords({ hose, lengthFt, bed, room, packed, nth }: BeddedLoad): string {
  const { couplingIn } = packable(hose);
  const of = `${feet(lengthFt)} of ${hose.name}`;
  if (bed.kind === 'reel') return `${bed.name}: ${feet(packed.fitFt)} of ${of} go on it.`;
  if (!packed.takesCoupling) {
    const over = nth > 0 && room.depthIn < couplingIn;
    const [short, what] =
      over || room.depthIn < Math.min(couplingIn, room.widthIn)
        ? [room.depthIn, nth > 0 ? 'over what lies there' : 'deep']
        : [room.widthIn, 'wide'];
    return `${bed.name} takes none of ${of}: its couplings are ${inches(couplingIn)} across, and there are ${inches(short)} ${what}.`;
  }
  return `${bed.name}: ${feet(packed.fitFt)} of ${of} fit, ${feet(packed.leftFt)} are left over.`;
}

/** A load that lies in its bed with its lays, in words. */
const laidInWords = ({ hose, lengthFt, bed, packed }: BeddedLoad): string =>
  `${feet(lengthFt)} of ${hose.name} in ${within(bed.name)}, in ${counted(packed.lays.length, 'lay')}`;

/** Every load as it is packed: feet that fit against feet that are wanted. */
export const hoseFits = check(
  'hose',
  { id: 'hoseFits', title: 'Hose fits its beds', steps: ['hose'] },
  [bedded],
  (loads): Judgement | null => {
    if (loads.length === 0) return null;
    const over = loads.filter(({ packed }) => packed.leftFt > 0);
    const wanted = loads.reduce((sum, { lengthFt }) => sum + lengthFt, 0);
    const left = over.reduce((sum, { packed }) => sum + packed.leftFt, 0);
    const longest = loads.reduce((most, next) => (next.lengthFt > most.lengthFt ? next : most));
    return {
      status: over.length > 0 ? 'fails' : 'holds',
      actual: wanted - left,
      limit: wanted,
      margin: 0 - left,
      unit: 'ft',
      state: null,
      basis: 'Geometry of this build',
      words:
        over.length > 0
          ? over.map(leftInWords).join(' ')
          : `All ${counted(loads.length, 'load')} fit with their couplings; longest is ${laidInWords(longest)}.`,
    };
  },
);
