import type { Build } from '../build/index.js';
import { connections, withConnections } from '../subjects/plumbing/index.js';
import type { Connection } from '../subjects/plumbing/index.js';
import { house } from '../subjects/index.js';

/** A build whose usual plumbing is its own, some of it as the department wants it, by its ids. */
export const plumbed = (build: Build, own: Record<string, Partial<Connection>> = {}): Build =>
  withConnections(
    build,
    house
      .evaluate(build)
      .read(connections)
      .map((one) => ({ ...one, ...own[one.id] })),
  );
