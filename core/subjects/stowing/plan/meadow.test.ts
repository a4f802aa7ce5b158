import { createRequire } from 'node:module';
import type { Highs } from 'highs';
import { expect, it } from 'vitest';
import { withBlock } from '../../../build/index.js';
import type { Build } from '../../../build/index.js';
import { meadowListed, meadowPumper } from '../../../demonstration/index.js';
import { overlapIn, volumeOf } from '../../../kernel/index.js';
import { compartments, onTruck } from '../../../truck/index.js';
import { YET } from '../../equipment/index.js';
import type { EquipmentLine } from '../../equipment/index.js';
import { house } from '../../index.js';
import { placed } from '../index.js';
import type { Placed } from '../index.js';
import { largestFirst, planned, problemOf, SCHOOLS, solverBy, USUAL_WISHES, withPlan } from './index.js';

/** What a plan must keep and the checks of a build judge by themselves. */
const KEPT = [
  'stowedFits',
  'stowedLb',
  'outerLb',
  'heavyHigh',
  'apart',
  'setsTogether',
  'charged',
  'tubed',
  'growthRoom',
];
const listed = meadowListed.equipment.lines.filter(({ compartmentId }) => compartmentId === YET);
const OSIER = new Set(listed.map(({ id }) => id));

/** Holds of any answer: nothing overlaps, all of it is within its compartment, no line is there twice or missing. */
function judged(build: Build) {
  const evaluation = house.evaluate(build);
  const things = evaluation.read(placed).filter(({ line }) => OSIER.has(line.id));
  const rooms = new Map(evaluation.read(compartments).map((one) => [one.id, one]));
  const sticksOut = ({ compartment, lying }: Placed) => {
    const [box, room] = [onTruck(compartment, lying.box), rooms.get(compartment.id)!];
    const out = [room.x0 - box.x0, box.x1 - room.x1, room.y0 - box.y0, box.y1 - room.y1, box.z1 - room.z1];
    return Math.max(...out) > 0.1;
  };
  return {
    placed: things.map(({ line }) => line.id).sort(),
    overlaps: things.flatMap((a, i) =>
      things
        .slice(i + 1)
        .filter((b) => a.compartment.id === b.compartment.id && a.lying.surface.tubes === null)
        .filter((b) => b.lying.surface.tubes === null && overlapIn(a.lying.box, b.lying.box) > 0.1)
        .map((b) => `${a.line.id} ${b.line.id}`),
    ),
    outside: things.filter(sticksOut).map(({ line }) => line.id),
    empty: things.filter(({ lying }) => !(volumeOf(lying.box) > 0)).map(({ line }) => line.id),
    broken: KEPT.flatMap((id) => {
      const finding = evaluation.finding(id);
      return finding && finding.status !== 'holds' ? [`${id}: ${finding.words}`] : [];
    }),
  };
}

const wrong = ({ overlaps, outside, empty, broken }: ReturnType<typeof judged>) => [
  ...overlaps,
  ...outside,
  ...empty,
  ...broken,
];

it('the meadow pumper carries all 300 pieces, each in its place and no rule broken', () => {
  expect(listed.reduce((sum, { count }) => sum + count, 0)).toBe(300);
  const answer = judged(meadowPumper);
  expect(wrong(answer)).toEqual([]);
  expect(answer.placed).toEqual([...OSIER].sort());
  const bare = ({ id, partId, count }: EquipmentLine) => [id, partId, count];
  expect(meadowPumper.equipment.lines.map(bare)).toEqual(meadowListed.equipment.lines.map(bare));
  const { equipment, shelving } = house.parse(JSON.parse(JSON.stringify(meadowPumper)));
  expect([equipment, shelving]).toEqual([meadowPumper.equipment, meadowPumper.shelving]);
});

it('the first round of the solver keeps every rule and costs a tenth less than largest first', async () => {
  // Every second line of it, beside all that the truck has without a list.
  const others = new Set([...OSIER].filter((_, i) => i % 2));
  const half = withBlock(meadowListed, 'equipment', {
    lines: meadowListed.equipment.lines.filter(({ id }) => !others.has(id)),
  });
  const problem = problemOf(house.evaluate(half), { where: SCHOOLS[0]!.where, growthPct: 10 }, USUAL_WISHES);
  const load = createRequire(import.meta.url)('highs') as () => Promise<Highs>;
  // One round, to a gap and not to a time: it comes to the same on any machine.
  const answer = await planned(problem, solverBy(await load()), {
    seconds: 600,
    gap: 0.05,
    rounds: 1,
    now: () => performance.now(),
  });
  const first = largestFirst(problem);
  expect(answer.left.length).toBeLessThanOrEqual(first.left.length);
  expect(answer.cost).toBeLessThan(0.9 * first.cost);
  expect(answer.bound).toBeLessThanOrEqual(answer.cost);
  const found = judged(withPlan(half, answer));
  expect(wrong(found)).toEqual([]);
  expect(found.placed.length).toBe(listed.length - others.size - answer.left.length);
  expect(wrong(judged(withPlan(half, first)))).toEqual([]);
});
