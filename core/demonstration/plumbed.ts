import type { Build } from '../build/index.js';
import {
  CONNECTION_KINDS,
  connections,
  withConnections,
  withNewConnections,
} from '../subjects/plumbing/index.js';
import type { Connection } from '../subjects/plumbing/index.js';
import { house } from '../subjects/index.js';

/**
 * A build whose usual plumbing is its own, some of it as the department wants it, by its ids; with what is added to it, by
 * the kinds that can be.
 */
export function plumbed(build: Build, own: Record<string, Partial<Connection>>, added: string[] = []): Build {
  const usual = house.evaluate(build).read(connections);
  const made = house.evaluate(
    withConnections(
      build,
      usual.map((one) => ({ ...one, ...own[one.id] })),
    ),
  );
  const more = CONNECTION_KINDS.filter(({ id }) => added.includes(id)).map(({ id, said }) => ({
    ...said,
    id,
  }));
  return withNewConnections(made, ...more);
}
