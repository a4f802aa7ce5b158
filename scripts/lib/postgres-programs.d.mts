/** The programs of the PostgreSQL that a cluster needs. */
export function programsFor(cluster: string, all?: string): { programs: string; major: number };
