import { join } from 'node:path';
import { root, tool } from './places.mjs';

/** What is kept from one run to the next, so that only what changed is looked at again. */
const CACHE = 'node_modules/.cache/baros';
/** The compiler in machine code, several times as fast as the one of the major before, which the linter asks for. */
const tsc = join(root, 'node_modules', 'typescript-7', 'bin', 'tsc');
const PROJECTS = ['tsconfig.json', 'web/tsconfig.json', 'e2e/tsconfig.json'];

const types = ({ program }) =>
  Promise.all(
    PROJECTS.map((project, i) =>
      program(`types of ${project}`, tsc, [
        ...['-p', project, '--noEmit', '--incremental'],
        ...['--tsBuildInfoFile', `${CACHE}/types-${i}.tsbuildinfo`],
      ]),
    ),
  );

const lint = async ({ program }) => {
  await program('the format; npm run format mends it', tool('prettier'), [
    ...['--check', '--log-level', 'warn', '--cache', '--cache-location', `${CACHE}/prettier`, '.'],
  ]);
  await program('eslint', tool('eslint'), ['--cache', '--cache-location', `${CACHE}/eslint`, '.']);
  await program('the check of the rooms', tool('depcruise'), [
    ...['--config', '.dependency-cruiser.cjs', 'core', 'server', 'web'],
  ]);
};

/** Format, lint, rooms and types: what can be told without running anything. */
export const STATIC = {
  name: 'static',
  usually: 'a minute and a half, and half a minute where little changed',
  hands: 1,
  work: (lane) => Promise.all([types(lane), lint(lane)]),
};

/** Tests of projects as Vitest runs them, where `where` is given only of files under such a path. */
export const unitTests =
  (projects, where = []) =>
  ({ program, hands }) =>
    program(`the tests of ${projects.join(' and ')}`, tool('vitest'), [
      'run',
      ...where,
      ...projects.flatMap((project) => ['--project', project]),
      ...['--passWithNoTests', `--maxWorkers=${hands}`],
    ]);
