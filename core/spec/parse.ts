import { BUILD_VERSION, BuildSpec } from './build-spec.js';
import { BadInput, judge } from './problems.js';
import { referenceProblems } from './references.js';

/** What each version needs to become the next; none so far lost or changed a field. */
const UPGRADES: Record<number, (older: Record<string, unknown>) => Record<string, unknown>> = {
  // Version 2 brought own parts and items, corrections, dividers, what is assumed, and money: all may be left out.
  1: (older) => ({ ...older, version: 2 }),
};

/** A build of an older version as one of this version; anything else is left as it is for the rules to judge. */
export function upgradeBuild(input: unknown): unknown {
  let build = input;
  while (typeof build === 'object' && build !== null && !Array.isArray(build)) {
    const upgrade = UPGRADES[(build as { version?: number }).version ?? NaN];
    if (!upgrade) return build;
    build = upgrade(build as Record<string, unknown>);
  }
  return build;
}

/**
 * Reads a build file: its format and version, the rule of each field, and whether its parts exist and go together.
 * A file of an older version is upgraded.
 * @throws BadInput naming each field, its value and what would be right.
 */
export function parseBuild(input: unknown): BuildSpec {
  const version = (input as { version?: unknown } | null)?.version;
  if (typeof version === 'number' && version > BUILD_VERSION) {
    throw new BadInput([{ field: 'version', message: `version must be at most ${BUILD_VERSION}: this file was written by a later Baros (was ${version})` }]);
  }
  const spec = judge(BuildSpec, upgradeBuild(input));
  const problems = referenceProblems(spec);
  if (problems.length) throw new BadInput(problems);
  return spec;
}
