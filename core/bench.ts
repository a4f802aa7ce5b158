import { remediesFor } from './advice/index.js';
import { withBlock } from './build/index.js';
import type { Build } from './build/index.js';
import { DEMONSTRATION } from './demonstration/index.js';
import type { Evaluation } from './kernel/index.js';
import { FAMILY_PLACES } from './subjects/body/index.js';
import { FINISHES, hoseShelf, pack, packable, usualFill } from './subjects/hose/index.js';
import { house } from './subjects/index.js';
import { fromHydrant, lineAtNozzle, together } from './subjects/lines/index.js';
import { testedCurve } from './subjects/pump/index.js';
import { components } from './truck/index.js';

const pumper = DEMONSTRATION[0]!.builds[0]!;

/** A build of about that many components: the demonstration pumper with more equipment. */
function large(many: number): Build {
  const parts = ['irons', 'rope-set', 'cones', 'saw-chain', 'hydrant-kit'];
  const places = FAMILY_PLACES;
  const spare = many - house.evaluate(pumper).read(components).length;
  const more = Array.from({ length: spare + places.length }, (_, i) => ({
    id: `more${i}`,
    partId: parts[i % parts.length]!,
    count: 1,
    compartmentId: places[i % places.length]!.id,
  }));
  return withBlock(pumper, 'equipment', { lines: [...pumper.equipment.lines, ...more] });
}

/** A person who edits has opened steps before, each of which weighed its options: so many evaluations come first. */
const WARM_UP = 500;

/** Times work, in ms: median and 95th percentile of `times` runs after a warm-up. */
function time(name: string, times: number, work: (run: number) => void): void {
  for (let i = 0; i < Math.min(WARM_UP, times); i++) work(i);
  const runs = Array.from({ length: times }, (_, i) => {
    const start = performance.now();
    work(i);
    return performance.now() - start;
  }).sort((a, b) => a - b);
  const at = (share: number) => runs[Math.floor((runs.length - 1) * share)]!.toFixed(3).padStart(9);
  console.log(`${name.padEnd(64)} median ${at(0.5)} ms   95 % ${at(0.95)} ms   (${times} runs)`);
}

/** What the scale and the findings in sight need. */
const look = (evaluation: Evaluation) => [evaluation.findings, evaluation.figures()];

const build = large(500);
const now = house.evaluate(build);
look(now);
console.log(
  `A build of ${now.read(components).length} components in ${house.subjects.length} subjects, Node ${process.versions.node}`,
);
time('A whole build: every component, load state and check', 500, () => look(house.evaluate(build)));

/** Edits of one thing each, told apart by their run so that nothing is remembered from the run before. */
const EDITS: [string, (run: number) => Build][] = [
  ['of the tank', (run) => withBlock(build, 'tank', { gallons: 900 + (run % 90) })],
  [
    'of a hose load',
    (run) =>
      withBlock(build, 'hose', {
        loads: build.hose.loads.map((load, i) => (i === 0 ? { ...load, lengthFt: 50 + (run % 50) } : load)),
      }),
  ],
  ['of a name', (run) => ({ ...build, name: `River pumper ${run}` })],
];
for (const [what, edit] of EDITS) {
  time(`One edit ${what}`, 1000, (run) => look(now.with(house.settle(edit(run)))));
  const after = now.with(edit(7));
  look(after);
  console.log(
    `  ${after.worked.size} of ${house.subjects.length} subjects ran: ${[...after.worked].sort().join(', ') || 'none'}`,
  );
}
/** Fifteen lines of every kind, more than the pump gives, so that it is looked for what it does give. */
const fifteen = Array.from({ length: 15 }, (_, i) => {
  const line = {
    lays: [{ lengthFt: 100 + 25 * i, coefficient: [15.5, 8, 2][i % 3]! }],
    nozzle: { type: 'fog' as const, ratedGpm: 95 + 20 * i, ratedPsi: 100, pressurePsi: 100 },
    elevationFt: 5 * (i % 4),
    applianceLossPsi: 0,
  };
  return { ...line, id: `line${i}`, from: 'pump' as const, asked: lineAtNozzle(line) };
});
const feed = { curve: testedCurve(1_500), hp: 300, efficiency: 0.62 };
time('Fifteen lines together from a hydrant', 1000, () =>
  together(
    fifteen,
    feed,
    fromHydrant(
      'H',
      { staticPsi: 70, residualPsi: 45, flowGpm: 1_200 },
      { lengthFt: 300, parallel: 1, coefficient: 0.08 },
    ),
  ),
);
/** Twenty beds of every size and finish, none as in the run before: nothing of it is remembered. */
const hoses = hoseShelf.shipped.all().filter(({ use }) => use !== 'booster');
time('Twenty hose beds packed', 200, (run) => {
  for (let i = 0; i < 20; i++) {
    const hose = hoses[i % hoses.length]!;
    const long = i % 3 === 0 ? 92 : 140;
    const room = { lengthIn: long + run / 100, widthIn: 8 + 2 * (i % 10), depthIn: 14 + (i % 4) * 3 };
    const finish = FINISHES[i % FINISHES.length]!;
    pack(i % 3 === 0 ? 200 : 800, finish, room, packable(hose), usualFill(hose.sizeIn, long));
  }
});
time('One option: what it changes', 1000, (run) => now.with(house.settle(EDITS[0]![1](run))).figures());
for (const { builds } of DEMONSTRATION) {
  for (const of of builds) {
    const first = house.evaluate(of);
    look(first);
    time(`${of.name}: one edit of the tank`, 500, (run) =>
      look(first.with(withBlock(of, 'tank', { aftIn: run % 40 }))),
    );
  }
}
time('River pumper: fixes of its front axle', 20, () => remediesFor(house.evaluate(pumper), 'frontAxle'));
