import { each, reading } from '../../kernel/index.js';
import { clumps } from '../../truck/index.js';
import { degrees, inches, within } from '../../units/index.js';
import { approachOf, breakoverOf, departureOf } from '../angles/index.js';
import type { Governed } from '../angles/index.js';
import { counting, placesCheck } from '../brief/index.js';
import type { AtPlace, LineOf } from '../brief/index.js';
import { axles } from '../chassis/index.js';
import { riseAt, rides } from '../ride/index.js';

/** An angle of the truck in the load state in which it is least. */
export interface LeastAngle extends Governed {
  state: { id: string; name: string };
}

/** What rides higher meets no road: even 150 in beyond an axle it would take more than 21 degrees. In. */
const HIGH_IN = 60;

/** What comes near to the road. */
const nearRoadOf = each('grades', clumps, (clump) =>
  clump.filter(({ shapes }) => shapes.some(({ box }) => box.z0 < HIGH_IN)),
);
const nearRoad = reading('grades', [nearRoadOf], (all) => all.flat());

/** The least angles of the truck, over all load states: laden it rides lower. */
export const leastAngles = reading('grades', [nearRoad, axles, rides], (all, on, states) => {
  const least = (of: (lift: (xIn: number) => number) => Governed | null): LeastAngle | null => {
    let found: LeastAngle | null = null;
    for (const ride of states) {
      const governed = of((xIn) => riseAt(ride, xIn, on.wheelbaseIn));
      if (governed && (!found || governed.deg < found.deg))
        found = { ...governed, state: { id: ride.id, name: ride.name } };
    }
    return found;
  };
  return {
    approach: least((lift) => approachOf(all, lift)),
    departure: least((lift) => departureOf(all, on, lift)),
    breakover: least((lift) => breakoverOf(all, on, lift)),
  };
});
export type LeastAngles = { [K in 'approach' | 'departure' | 'breakover']: LeastAngle | null };

const steepness = (pct: number): number => (Math.atan(pct / 100) * 180) / Math.PI;

/** How sharply the grade changes, degrees; and whether at a crest, where the truck rests on its middle, or at a foot. */
export const changeOfGrade = ({ fromPct, toPct }: Pick<LineOf<'changes'>, 'fromPct' | 'toPct'>) => ({
  deg: Math.abs(steepness(toPct) - steepness(fromPct)),
  crest: toPct < fromPct,
});

/** Nobody lays out a drive to less than this, degrees. */
const TIGHT_DEG = 1;

const NAMES = { approach: 'approach', departure: 'departure', breakover: 'breakover' } as const;

/** What the truck comes to where the grade changes suddenly. */
export function atChange(line: LineOf<'changes'>, angles: LeastAngles): AtPlace | null {
  const { deg, crest } = changeOfGrade(line);
  const which = crest ? (['breakover'] as const) : (['approach', 'departure'] as const);
  const [governing] = which
    .flatMap((id) => (angles[id] ? [{ id, of: angles[id] }] : []))
    .sort((a, b) => a.of.deg - b.of.deg);
  if (!governing) return null;
  const { id, of } = governing;
  const margin = of.deg - deg;
  return {
    line,
    actual: of.deg,
    limit: deg,
    margin,
    comfort: TIGHT_DEG,
    unit: 'deg',
    state: of.state,
    words: `${margin < 0 ? `${degrees(-margin)} short` : `${degrees(margin)} to spare`}: the grade changes by ${degrees(deg)} ${crest ? 'at its crest' : 'at its foot'}, and the ${NAMES[id]} angle is ${degrees(of.deg)}; ${within(of.name)} governs, ${inches(of.heightIn)} above the road (${within(of.state.name)}).`,
  };
}

export const changeCheck = placesCheck(
  'grades',
  {
    id: 'gradeChange',
    title: 'Sudden changes of grade',
    steps: ['bumper', 'body'],
    mendedBy: ['approach', 'departure', 'breakover'],
  },
  [counting('changes'), leastAngles],
  (all, angles) => all.map((line) => atChange(line, angles)),
);
