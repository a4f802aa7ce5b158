import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { quiet } from './command.mjs';
import { installPackage } from './debian.mjs';
import { Plain } from './say.mjs';

/** The oldest PostgreSQL that Baros works with; a later one is taken where it is the one installed. */
const LEAST = 15;
const INSTALLED = '/usr/lib/postgresql';

const programsOf = (major, all) => join(all, String(major), 'bin');

/** The versions that are installed whole, the latest first. */
const installed = (all) =>
  (existsSync(all) ? readdirSync(all) : [])
    .map(Number)
    .filter((major) => major >= LEAST && existsSync(join(programsOf(major, all), 'initdb')))
    .sort((a, b) => b - a);

/** The version of PostgreSQL that made a cluster; null where there is none yet. */
const versionOf = (cluster) => {
  const file = join(cluster, 'PG_VERSION');
  return existsSync(file) ? Number(readFileSync(file, 'utf8')) : null;
};

/**
 * The programs for a cluster: those of the version that made it; for a new one the latest that is installed,
 * which is installed where there is none. `all` is where Debian keeps them.
 */
export function programsFor(cluster, all = INSTALLED) {
  const made = versionOf(cluster);
  let majors = installed(all);
  if (made === null) {
    if (majors.length === 0) {
      const known = quiet('apt-cache', ['show', `postgresql-${LEAST}`]).ok;
      installPackage(known ? `postgresql-${LEAST}` : 'postgresql', 'PostgreSQL');
      majors = installed(all);
    }
    if (majors.length === 0)
      throw new Plain(`PostgreSQL ${LEAST} or later was installed, but ${all} does not have it.`);
    return { programs: programsOf(majors[0], all), major: majors[0] };
  }
  if (!majors.includes(made)) {
    const has = majors.length ? `; installed is PostgreSQL ${majors.join(' and ')}` : '';
    if (made < LEAST || majors.length)
      throw new Plain(
        `the database in ${cluster} was made by PostgreSQL ${made}${has}. Where PostgreSQL ${made} still runs, write it out with npm run backup; then start with an empty BAROS_DATA and bring it in with npm run restore. Or install postgresql-${made}.`,
      );
    installPackage(`postgresql-${made}`, `PostgreSQL ${made}`);
  }
  return { programs: programsOf(made, all), major: made };
}
