import { each, reading } from '../../kernel/index.js';
import { clumps, lastAxleIn } from '../../truck/index.js';
import type { Axles } from '../../truck/index.js';
import { degrees, inches, within } from '../../units/index.js';
import { approachOf, breakoverOf, departureOf } from '../angles/index.js';
import type { Governed } from '../angles/index.js';
import { counting, placesCheck } from '../brief/index.js';
import type { AtPlace, LineOf } from '../brief/index.js';
import { axles } from '../chassis/index.js';
import { riseAt, rides } from '../ride/index.js';
import type { Ground } from '../ride/index.js';

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

/** The road over a change of grade, driven to the left: what comes after it lies to the left of 0. */
export const roadOver =
  ({ fromPct, toPct }: Pick<LineOf<'changes'>, 'fromPct' | 'toPct'>): Ground =>
  (at) =>
    ((at < 0 ? -toPct : -fromPct) / 100) * at;

/** Which angle governs at a change of grade, and where the truck stands when it comes nearest to the road. */
export interface Governing {
  which: keyof LeastAngles;
  of: LeastAngle;
  /** The place of the truck that comes nearest, in aft of its front axle. */
  xIn: number;
  /** Where its front axle then is, before 0 or behind it; in. */
  frontIn: number;
}

/** At a crest the breakover governs, at a foot the lesser of approach and departure; null where the truck has none. */
export function governingAt(
  line: Pick<LineOf<'changes'>, 'fromPct' | 'toPct'>,
  angles: LeastAngles,
  on: Pick<Axles, 'wheelbaseIn' | 'rear'>,
): Governing | null {
  const { crest } = changeOfGrade(line);
  const asked: (keyof LeastAngles)[] = crest ? ['breakover'] : ['approach', 'departure'];
  const [least] = asked
    .flatMap((which) => (angles[which] ? [{ which, of: angles[which] }] : []))
    .sort((a, b) => a.of.deg - b.of.deg);
  if (!least) return null;
  const { overhangIn } = least.of;
  // With its middle on the crest, its front wheels at the foot, or its rear wheels just past it.
  const at = {
    breakover: { xIn: overhangIn, frontIn: -on.wheelbaseIn / 2 },
    approach: { xIn: -overhangIn, frontIn: 0 },
    departure: { xIn: lastAxleIn(on) + overhangIn, frontIn: -on.wheelbaseIn },
  }[least.which];
  return { ...least, ...at };
}

/** What the truck comes to where the grade changes suddenly. */
export const changeAt = reading(
  'grades',
  [leastAngles, axles],
  (angles, on) =>
    (line: LineOf<'changes'>): AtPlace | null => {
      const governing = governingAt(line, angles, on);
      if (!governing) return null;
      const { which, of } = governing;
      const { deg, crest } = changeOfGrade(line);
      const margin = of.deg - deg;
      const left = margin < 0 ? `${degrees(-margin)} short` : `${degrees(margin)} to spare`;
      const changes = `the grade changes by ${degrees(deg)} ${crest ? 'at its crest' : 'at its foot'}`;
      const governs = `${within(of.name)} governs, ${inches(of.heightIn)} above the road (${within(of.state.name)})`;
      return {
        line,
        actual: of.deg,
        limit: deg,
        margin,
        comfort: TIGHT_DEG,
        unit: 'deg',
        state: of.state,
        words: `${left}: ${changes}, and the ${which} angle is ${degrees(of.deg)}; ${governs}.`,
      };
    },
);

export const changeCheck = placesCheck(
  'grades',
  {
    id: 'gradeChange',
    title: 'Sudden changes of grade',
    steps: ['bumper', 'body'],
    mendedBy: ['approach', 'departure', 'breakover'],
  },
  [counting('changes'), changeAt],
  (all, at) => all.map(at),
);
