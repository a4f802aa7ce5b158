import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { largeOf } from './lib/large-build.mjs';
import { freePort, startPostgres } from './lib/postgres.mjs';
import { startServer } from './lib/server.mjs';

const PEOPLE = 50;
const SAVES_EACH = 20;
/** In the open loop saves come at this rate, whether or not those before are answered. */
const A_SECOND = 50;
const OPEN_SAVES = 1000;
const LARGE_SAVES = 30;

const between = (sorted, share) => sorted[Math.floor((sorted.length - 1) * share)].toFixed(1);
const said = (took) => {
  const sorted = [...took].sort((a, b) => a - b);
  return `answered in ${between(sorted, 0.5)} ms (median), ${between(sorted, 0.95)} ms (95 %), ${between(sorted, 1)} ms (longest)`;
};
const timed = async (work) => {
  const start = performance.now();
  await work();
  return performance.now() - start;
};
const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

/**
 * What a save takes: of fifty people who save as fast as they can, at a rate whatever happens, and of a build as
 * large as can be. Prints how long an answer takes, and whether anything was lost.
 */
export async function benchSaves() {
  const folder = mkdtempSync(join(tmpdir(), 'baros-bench-'));
  chmodSync(folder, 0o755);
  const database = await startPostgres(folder);
  const server = await startServer(database.url, await freePort());
  try {
    const ask = async (method, path, body) => {
      const answer = await fetch(`${server.url}/${path}`, {
        method,
        ...(body ? { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) } : {}),
      });
      if (!answer.ok) throw new Error(`${method} ${path}: ${answer.status} ${await answer.text()}`);
      return answer.json();
    };
    const { id: departmentId } = await ask('POST', 'departments', {
      name: 'Fifty',
      district: '',
      kind: 'rural',
    });
    const builds = [];
    for (let i = 0; i < PEOPLE; i++)
      builds.push(await ask('POST', 'builds', { departmentId, name: `Engine ${i + 1}`, type: 'pumper' }));
    const save = async (i, change) => {
      const now = builds[i];
      builds[i] = await ask('PUT', `builds/${now.id}`, {
        revision: now.revision,
        words: 'Saved',
        build: change(now.build),
      });
    };
    const tank = (n) => (build) => ({ ...build, tank: { ...build.tank, gallons: 300 + (n % 700) } });

    const took = [];
    const seconds =
      (await timed(() =>
        Promise.all(
          builds.map(async (_, i) => {
            for (let n = 1; n <= SAVES_EACH; n++) took.push(await timed(() => save(i, tank(n))));
          }),
        ),
      )) / 1000;
    let kept = 0;
    for (const { id } of builds) kept += (await ask('GET', `builds/${id}/revisions?most=500`)).length - 1;
    console.log(
      `${PEOPLE} people at once, ${took.length} saves: ${(took.length / seconds).toFixed(0)} a second, ${said(took)}; ${kept} kept, ${took.length - kept} lost`,
    );

    const open = [];
    const due = performance.now();
    await Promise.all(
      Array.from({ length: OPEN_SAVES }, async (_, n) => {
        const at = (n * 1000) / A_SECOND;
        await pause(due + at - performance.now());
        // Counted from when it was due: a late start is waiting too.
        await save(n % PEOPLE, tank(n));
        open.push(performance.now() - due - at);
      }),
    );
    console.log(`${A_SECOND} saves a second, ${open.length} in all: ${said(open)}`);

    const large = largeOf(builds[0].build);
    const one = [];
    for (let n = 0; n < LARGE_SAVES; n++) one.push(await timed(() => save(0, () => tank(n)(large))));
    console.log(
      `a build of 400 weighed weights, 200 items and 200 own parts (${(JSON.stringify(large).length / 1000).toFixed(0)} KB): ${said(one)}`,
    );
  } finally {
    await server.kill();
    database.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}
