import { readFileSync } from 'node:fs';
import { DataSource } from 'typeorm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { house } from '#core/subjects';
import type { BuildCard, BuildView, DepartmentView } from '#core/exchange';
import { startApp } from '../test/app.js';
import { newBuild, newDepartment, saveTank } from '../test/people.js';

/** More than are held at once, however they come. */
const REVISIONS = 300;

let server: Awaited<ReturnType<typeof startApp>>;
let department: DepartmentView;
let archive: string;

type Line = Record<string, unknown> & { line: string };
const linesOf = (text: string): Line[] =>
  text
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line) as Line);
const textOf = (lines: object[]) => lines.map((line) => JSON.stringify(line)).join('\n');

const written = async (id: string): Promise<string> => {
  const { body } = await server.http
    .get(`/api/departments/${id}/archive`)
    .buffer(true)
    .parse((response, done) => {
      let text = '';
      response.on('data', (part) => (text += part));
      response.on('end', () => done(null, text));
    })
    .expect(200)
    .expect('content-type', /ndjson/)
    .expect('content-disposition', /long-valley\.baros-department\.jsonl/);
  return body as string;
};
const read = (text: string) =>
  server.http.post('/api/departments/archive').set('content-type', 'application/x-ndjson').send(text);
const query = <T>(sql: string, values: unknown[] = []): Promise<T[]> =>
  server.app.get(DataSource).query(sql, values);
const buildsOf = async (id: string): Promise<BuildCard[]> =>
  (await server.http.get(`/api/builds?departmentId=${id}&archived=true`)).body.builds;

beforeAll(async () => {
  server = await startApp();
  department = await newDepartment(server, 'Long Valley');
  const engine = await newBuild(server, department.id);
  const saved: BuildView = (await saveTank(server, engine, 600, 'Chief Wren').expect(200)).body;
  const grass = await newBuild(server, department.id, 'brush', 'Grass');
  await server.http.patch(`/api/builds/${grass.id}`).send({ archived: true }).expect(200);
  await server.http.patch(`/api/builds/${saved.id}/revisions/1`).send({ label: 'as bid' }).expect(200);
  // A figure of its time: a Baros of today would work out another.
  await query(
    `UPDATE build_revisions SET figures = jsonb_set(figures, '{front}', '12345') WHERE build_id = $1`,
    [saved.id],
  );
  await server.http
    .put(`/api/departments/${department.id}/parts`)
    .send({
      parts: [{ id: 'our-ladder', kind: 'ladder', likeId: 'roof-14', name: 'Our ladder', figures: [] }],
    })
    .expect(200);
  archive = await written(department.id);
});
afterAll(() => server.app.close());

const counts = () =>
  query(
    'SELECT (SELECT count(*) FROM departments) d, (SELECT count(*) FROM builds) b, (SELECT count(*) FROM own_parts) p',
  );

describe('a department as one archive', () => {
  it('comes in again beside itself under new ids, with its parts, builds, labels and the figures of its history', async () => {
    const { body: again } = await read(archive).expect(201);
    expect(again).toMatchObject({ name: 'Long Valley', kind: 'rural', archived: false });
    expect(again.id).not.toBe(department.id);
    const [before, after] = [await buildsOf(department.id), await buildsOf(again.id)];
    expect(
      after.map(({ name, revision, archived, savedAt, glance }) => [
        name,
        revision,
        archived,
        savedAt,
        glance,
      ]),
    ).toEqual(
      before.map(({ name, revision, archived, savedAt, glance }) => [
        name,
        revision,
        archived,
        savedAt,
        glance,
      ]),
    );
    const history = (await server.http.get(`/api/builds/${after[0]!.id}/revisions`)).body;
    expect(
      history.map((r: { label: string; who: string; figures: object }) => [r.label, r.who, r.figures]),
    ).toEqual([
      ['', 'Chief Wren', expect.objectContaining({ front: 12345 })],
      ['as bid', '', expect.objectContaining({ front: 12345 })],
    ]);
    expect((await server.http.get(`/api/departments/${again.id}/parts`)).body[0].part.name).toBe(
      'Our ladder',
    );
    // What goes out of it again is what came in, but for the ids.
    const withoutIds = (text: string) =>
      linesOf(text).map((line) =>
        line.line === 'build'
          ? { ...line, id: '' }
          : line.line === 'department'
            ? { ...line, department: '' }
            : line,
      );
    expect(withoutIds(await written(again.id))).toEqual(withoutIds(archive));
  });

  it('keeps its ids where they are free', async () => {
    const ids = (await buildsOf(department.id)).map(({ id }) => id);
    await query('TRUNCATE departments CASCADE');
    const { body: again } = await read(archive).expect(201);
    expect(again.id).toBe(department.id);
    expect((await buildsOf(again.id)).map(({ id }) => id)).toEqual(ids);
    expect(await written(again.id)).toBe(archive);
  });

  it('is read from an older Baros, as one document', async () => {
    const golden = JSON.parse(
      readFileSync(new URL('../../core/test/version2/pumper-rural.json', import.meta.url), 'utf8'),
    );
    const revision = {
      revision: 4,
      words: 'Bought',
      who: '',
      label: '',
      savedAt: '2025-03-01T10:00:00.000Z',
      spec: golden,
    };
    const document = {
      format: 'baros-department',
      version: 1,
      department: { name: 'Old House', district: '', kind: 'rural' },
      parts: [],
      builds: [{ archived: false, revisions: [revision] }],
    };
    const { body: old } = await read(JSON.stringify(document, null, 1)).expect(201);
    const [card] = await buildsOf(old.id);
    expect(card).toMatchObject({ name: golden.name, revision: 4, savedAt: '2025-03-01T10:00:00.000Z' });
    const { body } = await read(JSON.stringify({ ...document, parts: [OWN, OWN] })).expect(400);
    expect(body.detail).toBe('parts.1.id is there twice (was "our-ladder")');
  });

  const OWN = { id: 'our-ladder', kind: 'ladder', likeId: 'roof-14', name: 'Ours', figures: [] };
  const change =
    (of: string, to: (line: Line) => object, nth = 0) =>
    (lines: Line[]) => {
      const at = lines.map(({ line }, i) => (line === of ? i : -1)).filter((i) => i >= 0)[nth]!;
      return lines.map((line, i) => (i === at ? to(line) : line));
    };
  it.each<[string, (lines: Line[]) => object[], RegExp]>([
    [
      'of a later version',
      change('department', (head) => ({ ...head, version: 9 })),
      /version must be at most 3: .*later Baros/,
    ],
    [
      'of another format',
      change('department', (head) => ({ ...head, format: 'zip' })),
      /format must be equal to/,
    ],
    ['cut off', (lines) => lines.slice(0, -1), /line \d+: must not be the last: the file was cut off/],
    [
      'of which a line is missing',
      (lines) => [...lines.slice(0, 1), ...lines.slice(2)],
      /lines must be \d+, the lines before it/,
    ],
    [
      'with something after its end',
      (lines) => [...lines, lines[1]!],
      /must not be there: the file ended before it/,
    ],
    [
      'with a line of no kind',
      change('part', (line) => ({ ...line, line: 'paint' })),
      /line \d+: line must be one of ownPart, part/,
    ],
    [
      'with a part twice',
      (lines) => [lines[0]!, lines[1]!, ...lines.slice(1)],
      /line 3: part\.id is there twice \(was "our-ladder"\)/,
    ],
    [
      'with a part that is like nothing',
      change('ownPart', (line) => ({ ...line, part: { ...OWN, likeId: 'none' } })),
      /part\.likeId must be a ladder/,
    ],
    [
      'with a part under another hash',
      change('part', (line) => ({ ...line, hash: 'a'.repeat(64) })),
      /hash must be that of the part/,
    ],
    [
      'with a build that has no revision',
      (lines) => [
        ...lines.slice(0, -1),
        {
          line: 'build',
          id: '7e57ab1e-0000-4000-8000-000000000000',
          archived: false,
          createdAt: '2026-01-01T00:00:00.000Z',
        },
        { line: 'end', lines: lines.length },
      ],
      /the build of line \d+ has none/,
    ],
    [
      'with a revision of no build',
      (lines) => [lines[0]!, lines.find(({ line }) => line === 'revision')!],
      /must follow the build/,
    ],
    [
      'with revisions out of order',
      change('revision', (line) => ({ ...line, revision: 1 }), 1),
      /revision must be greater than the one before it \(was 1\)/,
    ],
    [
      'with a revision beyond the last',
      change('revision', (line) => ({ ...line, revision: 2 ** 31 })),
      /revision must be at most 2147483647/,
    ],
    [
      'with a day that there is not',
      change('revision', (line) => ({ ...line, savedAt: '2026-02-30T00:00:00.000Z' })),
      /savedAt must be a moment such as/,
    ],
    [
      'with a day of the year',
      change('build', (line) => ({ ...line, createdAt: '2009-222' })),
      /createdAt must be a moment/,
    ],
    [
      'with a pump that is gone',
      change('revision', (line) => ({
        ...line,
        file: { ...(line['file'] as object), pump: { version: 1, partId: 'gone' } },
      })),
      /line \d+: file\.pump\.partId must be a pump of the catalog/,
    ],
    [
      'with a part that stands nowhere',
      (lines) => lines.filter(({ line }) => line !== 'part'),
      /must carry parts that stand before it/,
    ],
    ['with no line at all', () => [], /must be (given|JSON|one JSON object)|Unexpected end/],
  ])('%s is refused by line and field, and nothing of it is kept', async (_, to, words) => {
    const before = await counts();
    const { body } = await read(textOf(to(linesOf(archive))))
      .expect(400)
      .expect('content-type', /problem\+json/);
    expect(body.detail).toMatch(words);
    expect(await counts()).toEqual(before);
  });

  it('of hundreds of revisions is written and read while others save', async () => {
    const many = await newDepartment(server, 'Long Valley');
    const build = await newBuild(server, many.id);
    await query(
      `INSERT INTO build_revisions (build_id, revision, file, words, figures)
       SELECT build_id, n, file, 'Again', figures FROM build_revisions, generate_series(2, ${REVISIONS}) n WHERE build_id = $1 AND revision = 1`,
      [build.id],
    );
    await query(`UPDATE builds SET revision = ${REVISIONS} WHERE id = $1`, [build.id]);
    const text = await written(many.id);
    expect(linesOf(text)).toHaveLength(
      REVISIONS + 3 + new Set(build.build.catalogue!.parts.map(({ part }) => JSON.stringify(part))).size,
    );
    const other = await newBuild(server, many.id, 'brush', 'Meanwhile');
    let done = false;
    const reading = read(text)
      .expect(201)
      .then(({ body }) => {
        done = true;
        return body as DepartmentView;
      });
    let saves = 0;
    for (let now = other; !done; saves++)
      now = (await saveTank(server, now, 100 + (saves % 50)).expect(200)).body;
    expect(saves).toBeGreaterThan(2);
    const [card] = await buildsOf((await reading).id);
    expect(card!.revision).toBe(REVISIONS);
    expect(house.measure((await server.http.get(`/api/builds/${card!.id}`)).body.build)).toEqual(
      house.measure(build.build),
    );
  });
});
