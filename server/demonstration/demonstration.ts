import type { INestApplication } from '@nestjs/common';
import { DEMONSTRATION } from '#core/demonstration';
import { BuildsService } from '../builds/index.js';
import { DepartmentsService } from '../departments/index.js';

/** Loads the demonstration departments into an empty database, so only once. Says whether it did. */
export async function loadDemonstration(app: INestApplication): Promise<boolean> {
  const departments = app.get(DepartmentsService);
  const builds = app.get(BuildsService);
  if ((await departments.list()).length > 0) return false;
  for (const { name, district, kind, builds: specs } of DEMONSTRATION) {
    const { id } = await departments.create({ name, district, kind });
    for (const spec of specs) await builds.keep(id, spec, 'Demonstration build');
  }
  return true;
}
