import { BadInput, judge } from '../build/index.js';
import type { Build } from '../build/index.js';
import { house } from '../subjects/index.js';
import {
  BuildChange,
  CopyBuild,
  DepartmentChange,
  ImportBuild,
  NewBuild,
  NewDepartment,
  SaveBuild,
} from './api.js';
import { RevisionLabel } from './api-history.js';
import { OwnParts } from './api-parts.js';
import { AnglesInput, TankInput, WeightsInput } from './calc-input.js';

/** Every body that an endpoint takes, by its name. */
export const TAKEN = {
  AnglesInput,
  BuildChange,
  CopyBuild,
  DepartmentChange,
  ImportBuild,
  NewBuild,
  NewDepartment,
  OwnParts,
  RevisionLabel,
  SaveBuild,
  TankInput,
  WeightsInput,
};

/**
 * A build within a body may be of an older version, such as one that was kept while the server was out of
 * reach.
 */
const withBuildOfToday = (value: unknown): unknown =>
  typeof value === 'object' && value !== null && 'build' in value
    ? { ...value, build: house.upgrade(value.build) }
    : value;

/** What is wrong within a build that stands in something else. */
export const problemsWithin = (build: Build, at = 'build.') =>
  house.problemsOf(build).map(({ field, message }) => ({ field: at + field, message: at + message }));

/**
 * A body as an endpoint takes it: by the rules of its class, and a build within it as a whole.
 * @throws BadInput naming each field, its value and what would be right.
 */
export function taken<T extends object>(type: new () => T, value: unknown): T {
  const body = judge(type, withBuildOfToday(value));
  const { build } = body as { build?: Build };
  if (build) {
    const problems = problemsWithin(build);
    if (problems.length) throw new BadInput(problems);
  }
  return body;
}
