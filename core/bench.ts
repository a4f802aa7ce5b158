import { DEMONSTRATION } from './demonstration/index.js';
import { remediesFor } from './mending/index.js';
import { evaluate, measure } from './review/index.js';
import type { BuildSpec } from './spec/index.js';

/** A build of about that many components: the demonstration pumper with more equipment. */
function large(components: number): BuildSpec {
  const pumper = DEMONSTRATION[0]!.builds[0]!;
  const parts = ['irons', 'rope-set', 'cones', 'saw-chain', 'hydrant-kit'];
  const places = ['L1', 'L2', 'L3', 'R1', 'R2', 'R3', 'B1'];
  const spare = components - evaluate(pumper).rig.components.length;
  const more = Array.from({ length: spare + 7 }, (_, i) => ({ partId: parts[i % parts.length]!, count: 1, compartmentId: places[i % places.length]! }));
  return { ...pumper, equipment: [...pumper.equipment, ...more] };
}

/** Times work, in ms: median and 95th percentile of `times` runs after a warm-up. */
function time(name: string, times: number, work: () => void): void {
  for (let i = 0; i < Math.min(50, times); i++) work();
  const runs = Array.from({ length: times }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  }).sort((a, b) => a - b);
  const at = (share: number) => runs[Math.floor((runs.length - 1) * share)]!.toFixed(3).padStart(9);
  console.log(`${name.padEnd(64)} median ${at(0.5)} ms   95 % ${at(0.95)} ms   (${times} runs)`);
}

const build = large(500);
console.log(`A build of ${evaluate(build).rig.components.length} components, Node ${process.versions.node}`);
time('One edit: assemble, every load state, every check', 1000, () => evaluate(build));
time('One option: what it changes', 1000, () => measure(build));
for (const { builds } of DEMONSTRATION) for (const spec of builds) time(`${spec.name}: one edit`, 500, () => evaluate(spec));
time('River pumper: remedies of its front axle', 20, () => remediesFor(DEMONSTRATION[0]!.builds[0]!, 'frontAxle'));
