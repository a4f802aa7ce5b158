import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Build } from '#core/build';
import { meadowPumper } from '#core/demonstration';
import type { BuildView, DepartmentView } from '#core/exchange';
import { house } from '#core/subjects';
import { truckLines } from '#core/subjects/lines';
import { connections } from '#core/subjects/plumbing';
import { whereabouts } from '#core/subjects/stowing';
import { inService, weighedStates, withState } from '#core/subjects/weights';
import { components } from '#core/truck';
import { formatWhole, inUnits, psi, UNIT_SYSTEMS } from '#core/units';
import { startApp } from '../test/app.js';
import { pagesOf } from '../test/pages-of.js';
import { newBuild, newDepartment, saveTank } from '../test/people.js';
import { inFonts } from './fonts.js';

let server: Awaited<ReturnType<typeof startApp>>;
let department: DepartmentView;
let build: BuildView;

beforeAll(async () => {
  server = await startApp();
  department = await newDepartment(server, 'Long Valley');
  build = await newBuild(server, department.id);
});
afterAll(() => server.app.close());

const paper = (id: string, query = '', of = 'weights') =>
  server.http
    .get(`/api/builds/${id}/papers/${of}${query}`)
    .buffer(true)
    .parse((response, done) => {
      const parts: Buffer[] = [];
      response.on('data', (part: Buffer) => parts.push(part));
      response.on('end', () => done(null, Buffer.concat(parts)));
    });

const printed = async (id: string, query = ''): Promise<string[]> =>
  pagesOf((await paper(id, query).expect(200)).body as Buffer);
/** The weight sheet as it is first asked for: printed once, read often. */
let sheet: Promise<{ body: Buffer; headers: Record<string, string> }> | undefined;
const weightSheet = () =>
  (sheet ??= (async () => {
    const { body, headers } = await paper(build.id).expect(200).expect('content-type', 'application/pdf');
    return { body: body as Buffer, headers };
  })());
const save = (of: BuildView, build: Build) =>
  server.http
    .put(`/api/builds/${of.id}`)
    .send({ build, revision: of.revision, words: 'Changed' })
    .expect(200);

it('prints the plumbing: every opening with its label, what each line asks for, and the cautions', async () => {
  for (const units of UNIT_SYSTEMS) {
    const pages = await pagesOf((await paper(build.id, `?units=${units}`, 'plumbing')).body as Buffer);
    const all = pages.join(' ');
    const evaluation = house.evaluate(build.build);
    // Once in the diagram and once in the table.
    for (const { label } of evaluation.read(connections))
      expect(all.split(label).length - 1, label).toBeGreaterThanOrEqual(2);
    for (const line of evaluation.read(truckLines)) {
      expect(all, line.name).toContain(line.name);
      expect(all).toContain(inUnits(psi(line.asked.pumpPressurePsi), units));
    }
    if (units === 'canada') expect(all).toContain('imp gal');
    expect(all).toContain('stand aside when a valve is opened');
    expect(all).toContain('Planning figures, not a certification');
  }
});

describe('the papers of the lockers', () => {
  let meadow: BuildView;
  beforeAll(async () => {
    meadow = (
      await server.http
        .post('/api/builds/import')
        .send({ departmentId: department.id, build: meadowPumper })
        .expect(201)
    ).body;
  });
  const printedOf = async (of: string) =>
    pagesOf((await paper(meadow.id, '', of).expect(200)).body as Buffer);
  const rows = house.evaluate(meadowPumper).read(whereabouts);

  it('a map with a page a side: the picture’s numbers and the list of each compartment', async () => {
    const map = await printedOf('lockers');
    expect(map).toHaveLength(3);
    for (const [i, side] of ['Driver’s side', 'Officer’s side', 'Rear'].entries())
      expect(map[i]).toContain(side);
    const pageOf = { left: 0, right: 1, rear: 2, top: 2 };
    for (const { stowed, number, name } of rows) {
      const page = map[stowed ? pageOf[stowed.compartment.side] : 2]!;
      expect(page, name).toContain(inUnits(name, 'us').split(' ')[0]);
      if (number !== null) expect(page).toMatch(new RegExp(`\\b${number}\\b`));
    }
    expect(map.join(' ')).toContain('flies in a crash');
  });

  it.each(['labels', 'picking'])('%s: every line with its number and place', async (of) => {
    const all = (await printedOf(of)).join(' ');
    for (const { number, place } of rows.filter((row) => row.number !== null)) {
      expect(all).toMatch(new RegExp(`\\b${number}\\b`));
      expect(all).toContain(place);
    }
  });

  it('mounting drawings: a compartment after the other, each fitting and piece with its measures', async () => {
    const all = (await printedOf('mounting')).join(' ');
    for (const name of ['L1', 'L2', 'L3', 'R1', 'R2', 'R3', 'B1'])
      expect(all).toContain(`Compartment ${name}`);
    expect(all).toContain('Tubes for six cylinders');
    expect(all).toContain('Over the floor');
  });
});

describe('the weight sheet as a PDF', () => {
  it('has the loads, every component, the cautions, its revision and numbered pages', async () => {
    const { headers, body } = await weightSheet();
    expect(headers['content-disposition']).toMatch(/inline; filename="[a-z0-9-]+-weights-r1\.pdf"/);
    const pages = await pagesOf(body);
    const all = pages.join(' ');
    const evaluation = house.evaluate(build.build);
    const { weights } = evaluation.read(inService);
    expect(pages[0]).toContain(build.build.name);
    expect(pages[0]).toContain('Long Valley');
    for (const load of [weights.front.loadLb, weights.rear.loadLb, weights.totalLb])
      expect(pages[0]).toContain(formatWhole(load));
    for (const { name } of evaluation
      .read(components)
      .filter(({ group }) => group === 'Chassis' || group === 'Crew'))
      expect(all).toContain(name.replace(/\{.*/, '').trim());
    for (const state of evaluation.read(weighedStates)) expect(all).toContain(state.name);
    expect(all).toContain('What makes most of the uncertainty of the front axle');
    expect(all).toContain('Most bending between the axles');
    pages.forEach((page, i) => {
      expect(page).toContain(`Page ${i + 1} of ${pages.length}`);
      expect(page).toContain('Revision 1 of');
      expect(page).toContain('the finished truck must be weighed and tested');
      expect(page.length, `page ${i + 1} has more than its head and foot`).toBeGreaterThan(350);
    });
    expect(all).not.toContain('{');
  });

  it('is the same file for the same revision, with its fonts inside', async () => {
    const [one, other] = [(await weightSheet()).body, (await paper(build.id)).body as Buffer];
    const text = one.toString('latin1');
    expect(other.equals(one)).toBe(true);
    expect(text.match(/\/FontFile[23]/g)!.length).toBeGreaterThanOrEqual(3);
    expect(text).not.toMatch(/\/BaseFont \/(Helvetica|Times|Courier)/);
  });

  it('says its figures in the units that are asked for', async () => {
    const { totalLb } = house.evaluate(build.build).read(inService).weights;
    const [metric] = await printed(build.id, '?units=metric');
    expect(metric).toContain(formatWhole(totalLb * 0.45359237));
    expect(metric).toContain('Units: Metric');
    expect(metric).not.toMatch(/\d lb\b/);
  });

  it('is of the newest revision, or of the one that is asked for', async () => {
    const other = await newBuild(server, department.id);
    const saved: BuildView = (await saveTank(server, other, 500, 'Chief Wren').expect(200)).body;
    const [now] = await pagesOf((await paper(saved.id, '', 'labels').expect(200)).body as Buffer);
    expect(now).toContain('Revision 2 of');
    expect(now).toContain('saved by Chief Wren');
    const [then] = await printed(saved.id, '?revision=1');
    expect(then).toContain('Revision 1 of');
    expect(then).toContain(formatWhole(house.evaluate(other.build).read(inService).weights.totalLb));
  });

  it.each(['aerial', 'brush'] as const)('prints a %s', async (type) => {
    const other = await newBuild(server, department.id, type, `The ${type}`);
    const pages = await printed(other.id);
    expect(pages[0]).toContain(`The ${type}`);
    expect(pages.join(' ').includes('Stability with the device raised is not judged here')).toBe(
      type === 'aerial',
    );
  });

  it('prints names in any alphabet, and what no font has as a box', async () => {
    const other = await newBuild(server, department.id, 'pumper', 'Насос Ωmega → 消防');
    const state = {
      id: 'own',
      name: 'Łącznie ≤ 5',
      waterPct: 50,
      foamPct: 100,
      fuelPct: 100,
      crew: 2,
      off: [],
    };
    const saved: BuildView = (await save(other, withState(other.build, 'own', state))).body;
    const all = (await printed(saved.id)).join(' ');
    expect(all).toContain('Насос');
    expect(all).toContain('Łącznie ≤ 5');
    expect(inFonts('a →消')).toEqual([{ text: 'a ' }, { text: '→□', font: 'DejaVu Sans' }]);
    expect(inFonts('½ lb ± 3 %')).toBe('½ lb ± 3 %');
  });

  it.each([
    ['?units=furlongs', 'units'],
    ['?revision=none', 'revision'],
    ['?revision=0', 'revision'],
    ['?paint=red', 'paint'],
  ])('refuses %s and names the field', async (query, field) => {
    const { body } = await server.http
      .get(`/api/builds/${build.id}/papers/weights${query}`)
      .expect(400)
      .expect('content-type', /problem\+json/);
    expect(body.problems.map((problem: { field: string }) => problem.field)).toEqual([field]);
  });

  it('there is none of a build or a revision that is not there', async () => {
    await server.http
      .get(`/api/builds/${build.id}/papers/weights?revision=99`)
      .expect(404)
      .expect('content-type', /problem\+json/);
    await server.http.get('/api/builds/00000000-0000-4000-8000-000000000000/papers/weights').expect(404);
  });
});
