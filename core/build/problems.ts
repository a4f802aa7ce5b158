import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import type { ValidationError } from 'class-validator';
import { DEEPEST, TOO_DEEP } from './json.js';
import { BadInput, shown } from './problem.js';
import type { Problem } from './problem.js';
import { walk } from './walk.js';

/** Rules about what kind of thing a value is. */
const OF_TYPE = new Set([
  'isString',
  'isNumber',
  'isInt',
  'isBoolean',
  'isArray',
  'isIn',
  'isUuid',
  'anObject',
]);

/** What class-validator says of its own, and how a person would say it. */
const IN_PLAIN_WORDS: readonly (readonly [RegExp, string])[] = [
  [/must be a string\b/, 'must be text'],
  [/must be one of the following values: /, 'must be one of '],
  [/must be a number conforming to the specified constraints/, 'must be a number'],
  [/must be an integer number/, 'must be a whole number'],
  [/must be a boolean value/, 'must be true or false'],
  [/must be an array/, 'must be a list'],
  [/must not be less than /, 'must be at least '],
  [/must not be greater than /, 'must be at most '],
  [/must contain no more than (\d+) elements/, 'must have at most $1 entries'],
  [/must contain at least (\d+) elements/, 'must have at least $1 entries'],
  [/must be a UUID/, 'must be an id of 36 characters'],
];

/** A message in plain words, with the whole path of its field, which stands in it by its last part. */
const plainly = (message: string, property: string, field: string): string =>
  IN_PLAIN_WORDS.reduce(
    (said, [library, ours]) => said.replace(library, ours),
    message.replace(
      new RegExp(`^(each value in |each of |)${property}\\b`),
      (_, lead: string) => lead + field,
    ),
  );

/** The errors of class-validator as problems with whole paths and the value that was given. */
export function problemsOf(errors: ValidationError[], path = ''): Problem[] {
  return errors.flatMap((error) => {
    const field = path + error.property;
    const own = Object.entries(error.constraints ?? {}).map(([rule, message]) => {
      if (rule === 'whitelistValidation')
        return { field, type: false, message: `${field} is not a field of this input; leave it out` };
      if (rule === 'nestedValidation')
        return {
          field,
          type: true,
          message: `${field} must be an object with its fields (was ${shown(error.value)})`,
        };
      if (rule === 'isDefined')
        return { field, type: true, message: `${field} must be given (was ${shown(error.value)})` };
      return {
        field,
        type: OF_TYPE.has(rule),
        message: `${plainly(message, error.property, field)} (was ${shown(error.value)})`,
      };
    });
    // One problem a field; a wrong type says more than the limits that follow from it.
    const [first] = [...own].sort((a, b) => Number(b.type) - Number(a.type));
    return [
      ...(first ? [{ field: first.field, message: first.message }] : []),
      ...problemsOf(error.children ?? [], `${field}.`),
    ];
  });
}

/** Whether a value is nested deeper than any input of ours. */
function tooDeep(value: unknown, left = DEEPEST): boolean {
  if (typeof value !== 'object' || value === null) return false;
  if (left < 0) return true;
  if (Array.isArray(value)) {
    for (const entry of value) if (tooDeep(entry, left - 1)) return true;
  } else for (const key in value) if (tooDeep((value as Record<string, unknown>)[key], left - 1)) return true;
  return false;
}

/**
 * Judges unknown JSON by a class with class-validator rules. What holds is given back as it came; of the rest,
 * class-validator says what is wrong.
 * @throws BadInput naming every field that is wrong, and fields that do not belong.
 */
export function judge<T extends object>(type: new () => T, input: unknown): T {
  if (typeof input !== 'object' || input === null || Array.isArray(input)) {
    throw new BadInput([{ field: '', message: `the input must be one JSON object (was ${shown(input)})` }]);
  }
  if (tooDeep(input)) throw new BadInput([TOO_DEEP]);
  const { holds, misshapen, tooMuch } = walk(type, input);
  if (holds) return input as T;
  if (tooMuch) throw new BadInput(misshapen);
  const instance = plainToInstance(type, input);
  const errors = validateSync(instance, {
    whitelist: true,
    forbidNonWhitelisted: true,
    forbidUnknownValues: true,
  });
  const told = new Set(misshapen.map(({ field }) => field));
  const problems = [...misshapen, ...problemsOf(errors).filter(({ field }) => !told.has(field))];
  if (problems.length) throw new BadInput(problems);
  return instance;
}
