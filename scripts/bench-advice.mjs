import { once } from 'node:events';
import { isMainThread, parentPort, Worker } from 'node:worker_threads';

const WARMING = 2;
const RUNS = 10;

/**
 * How long the search for advice takes in one worker, as the screen asks for it: from the question to the
 * answer.
 */
export async function benchAdvice() {
  const worker = new Worker(new URL(import.meta.url));
  const runs = [];
  for (let i = 0; i < WARMING + RUNS; i++) {
    const start = performance.now();
    worker.postMessage('search');
    const [answer] = await once(worker, 'message');
    if (i >= WARMING) runs.push({ ms: performance.now() - start, ...answer });
  }
  await worker.terminate();
  runs.sort((a, b) => a.ms - b.ms);
  const { ms, looked, weighed, found } = runs[Math.floor(RUNS / 2)];
  console.log(
    `River pumper: advice in one worker, ${looked.toLocaleString('en-US')} changes and pairs looked at, ${weighed} weighed as whole trucks, ${found} offered: median ${ms.toFixed(0)} ms, slowest ${runs.at(-1).ms.toFixed(0)} ms (${RUNS} runs; aim: 10,000 under 2,000 ms)`,
  );
}

if (!isMainThread) {
  const { DEMONSTRATION } = await import('../dist/core/demonstration/index.js');
  const { adviceFor } = await import('../dist/core/advice/index.js');
  const { house } = await import('../dist/core/subjects/index.js');
  parentPort.on('message', () => {
    const { looked, weighed, advice } = adviceFor(house.evaluate(DEMONSTRATION[0].builds[0]));
    parentPort.postMessage({ looked, weighed, found: advice.length });
  });
}
