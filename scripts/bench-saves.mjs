import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort, startPostgres } from './lib/postgres.mjs';
import { startServer } from './lib/server.mjs';

const PEOPLE = 50;
const SAVES_EACH = 20;

/**
 * Fifty people save at once, each a build of their own: prints how long an answer takes, and whether anything
 * was lost.
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
      if (!answer.ok) throw new Error(`${method} ${path}: ${answer.status}`);
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
    const took = [];
    const start = performance.now();
    await Promise.all(
      builds.map(async (build) => {
        let now = build;
        for (let n = 1; n <= SAVES_EACH; n++) {
          const sent = performance.now();
          now = await ask('PUT', `builds/${now.id}`, {
            revision: now.revision,
            words: `Save ${n}`,
            build: { ...now.build, tank: { ...now.build.tank, gallons: 300 + n } },
          });
          took.push(performance.now() - sent);
        }
      }),
    );
    const seconds = (performance.now() - start) / 1000;
    let kept = 0;
    for (const { id } of builds) kept += (await ask('GET', `builds/${id}/revisions?most=500`)).length - 1;
    took.sort((a, b) => a - b);
    const at = (share) => took[Math.floor((took.length - 1) * share)].toFixed(0);
    console.log(
      `${PEOPLE} people, ${took.length} saves: ${(took.length / seconds).toFixed(0)} a second, answered in ${at(0.5)} ms (median), ${at(0.95)} ms (95 %); ${kept} kept, ${took.length - kept} lost`,
    );
  } finally {
    await server.kill();
    database.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}
