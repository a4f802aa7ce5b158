import type { INestApplication } from '@nestjs/common';
import { DEMONSTRATION } from '#core/demonstration';
import { BuildsService, HistoryService } from '../builds/index.js';
import { DepartmentsService } from '../departments/index.js';

/** Loads the demonstration departments into an empty database, so only once. Says whether it did. */
export async function loadDemonstration(app: INestApplication): Promise<boolean> {
  const departments = app.get(DepartmentsService);
  const builds = app.get(BuildsService);
  const history = app.get(HistoryService);
  if ((await departments.list()).length > 0) return false;
  for (const { name, district, kind, brief, builds: plain, placed = [], steps = [] } of DEMONSTRATION) {
    const { id } = await departments.create({ name, district, kind });
    await departments.keepBrief(id, { revision: 0, brief });
    for (const file of [...plain, ...placed]) {
      const [first, ...later] = steps.filter((step) => step.build.name === file.name);
      let build = await builds.keep(
        id,
        first?.build ?? file,
        first?.words ?? 'Demonstration build',
        first?.who,
      );
      if (first?.label) await history.name(build.id, 1, first.label);
      for (const step of later) build = await builds.save(build.id, { revision: build.revision, ...step });
    }
  }
  return true;
}
