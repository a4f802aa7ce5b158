import { BUILD_VERSION, BuildSpec } from './build-spec.js';
import { BadInput, judge } from './problems.js';
import { referenceProblems } from './references.js';

/**
 * Reads a build file: its format and version, the rule of each field, and whether its parts exist and go together.
 * @throws BadInput naming each field, its value and what would be right.
 */
export function parseBuild(input: unknown): BuildSpec {
  const version = (input as { version?: unknown } | null)?.version;
  if (typeof version === 'number' && version > BUILD_VERSION) {
    throw new BadInput([{ field: 'version', message: `version must be at most ${BUILD_VERSION}: this file was written by a later Baros (was ${version})` }]);
  }
  const spec = judge(BuildSpec, input);
  const problems = referenceProblems(spec);
  if (problems.length) throw new BadInput(problems);
  return spec;
}
