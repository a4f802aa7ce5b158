import type { BuildView, DepartmentView } from '#core/exchange';
import type { startApp } from './app.js';

type Server = Awaited<ReturnType<typeof startApp>>;

/** A department of its own for a test. */
export const newDepartment = async ({ http }: Server, name = 'Test district'): Promise<DepartmentView> =>
  (await http.post('/api/departments').send({ name, district: 'Hills', kind: 'rural' }).expect(201)).body;

/** A build that starts from the template of its type. */
export const newBuild = async (
  { http }: Server,
  departmentId: string,
  type = 'pumper',
  name = 'Engine',
): Promise<BuildView> => (await http.post('/api/builds').send({ departmentId, name, type }).expect(201)).body;

/** Another tank, saved as the next revision. */
export const saveTank = ({ http }: Server, build: BuildView, gallons: number, who?: string) =>
  http.put(`/api/builds/${build.id}`).send({
    revision: build.revision,
    words: `Water: {${gallons} gal}`,
    build: { ...build.build, tank: { ...build.build.tank, gallons } },
    ...(who === undefined ? {} : { who }),
  });
