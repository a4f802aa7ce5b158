import { check, reading } from '../../kernel/index.js';
import type { Subject, TableOf } from '../../kernel/index.js';
import { inches, within } from '../../units/index.js';
import { clears, openingInWords, served } from './ways.js';
import type { Served, WayOut } from './ways.js';

export { clears, served } from './ways.js';
export type { LargePart, Served, WayOut } from './ways.js';

/** By how much a part passes an opening on its tighter side, in. */
const spareIn = ({ needs, opening }: WayOut): number =>
  Math.min(opening.wide - needs.wide, opening.high - needs.high);

/** The way that leaves a part most room: of those that are open, the one with least in the way comes first. */
export const bestWay = ({ ways }: Served): WayOut =>
  [...ways].sort(
    (a, b) =>
      Number(b.passes) - Number(a.passes) ||
      (a.passes ? a.inTheWay.length - b.inTheWay.length : 0) ||
      spareIn(b) - spareIn(a),
  )[0]!;

const comesOut = check(
  'service',
  { id: 'service', title: 'Large parts come out', steps: ['pump', 'plumbing'] },
  [served],
  (all) => {
    if (all.length === 0) return null;
    const of = all.map((one) => ({ one, way: bestWay(one), spare: spareIn(bestWay(one)) }));
    const worst = of.reduce((least, other) => (other.spare < least.spare ? other : least));
    const { one, way, spare } = worst;
    const tight = way.opening.wide - way.needs.wide <= way.opening.high - way.needs.high ? 'wide' : 'high';
    return {
      status: spare < 0 ? 'caution' : 'holds',
      actual: way.needs[tight],
      limit: way.opening[tight],
      margin: spare,
      unit: 'in',
      state: null,
      basis: 'Geometry of this build, with usual sizes of parts',
      words:
        spare < 0
          ? `${one.part.name}: no way out is large enough; the best, ${within(way.name)}, is ${inches(-spare)} too narrow. The house would have to be taken apart.`
          : `Tightest is the ${within(one.part.name)}: ${within(way.name)}, ${inches(spare)} to spare; ${clears(way)}.`,
    };
  },
);

/** Each large part with its ways out. */
export const serviceTable = reading('service', [served], (all): TableOf => ({
  title: 'How large parts come out',
  columns: [
    { head: 'Part' },
    { head: 'Way' },
    { head: 'It needs' },
    { head: 'Opening' },
    { head: 'It passes' },
    { head: 'First off' },
  ],
  rows: all.flatMap(({ part, ways }) =>
    ways.map((way) => ({
      id: `${part.id}.${way.id}`,
      ...(way.passes ? {} : { wrong: [4] }),
      cells: [
        part.name,
        way.name,
        openingInWords(way.needs),
        openingInWords(way.opening),
        way.passes ? 'yes' : 'no',
        way.inTheWay.length ? way.inTheWay.join(', ') : 'nothing',
      ],
    })),
  ),
}));

/** Access for service: how pump, gear case and valves come out, and what is in the way. */
export const service: Subject = {
  id: 'service',
  title: 'Access for service',
  under: 'pump',
  checks: [comesOut],
  caution: 'Sizes are usual ones of such parts: the maker’s drawings of pump and house decide what passes.',
};
