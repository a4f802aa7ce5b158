import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import type { ValidationError } from 'class-validator';

/** What is wrong with one field of an input, and what would be right. */
export interface Problem {
  /** Dotted path, for example `chassis.wheelbaseIn` or `items.3.weightLb`. */
  field: string;
  message: string;
}

/** An input that a boundary refuses; nothing was changed by it. */
export class BadInput extends Error {
  constructor(readonly problems: Problem[]) {
    super(problems.map((problem) => problem.message).join('; '));
    this.name = 'BadInput';
  }
}

const shown = (value: unknown): string => {
  const text = typeof value === 'number' ? String(value) : JSON.stringify(value);
  return text === undefined ? 'missing' : text.length > 40 ? `${text.slice(0, 37)}…` : text;
};

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
      const words = message
        .replaceAll(error.property, field)
        .replace(' conforming to the specified constraints', '');
      return { field, type: OF_TYPE.has(rule), message: `${words} (was ${shown(error.value)})` };
    });
    // One problem a field; a wrong type says more than the limits that follow from it.
    const [first] = [...own].sort((a, b) => Number(b.type) - Number(a.type));
    return [
      ...(first ? [{ field: first.field, message: first.message }] : []),
      ...problemsOf(error.children ?? [], `${field}.`),
    ];
  });
}

/** Keys that JavaScript keeps for itself: class-transformer would pass over them in silence. */
const KEPT = new Set(['__proto__', 'constructor', 'prototype']);

/** No input of ours is deeper than a handful of levels. */
const DEEPEST = 20;

function keptKeys(value: unknown, path = '', depth = 0): Problem[] {
  if (typeof value !== 'object' || value === null) return [];
  if (depth > DEEPEST)
    return [
      { field: path.slice(0, 40), message: `the input must not be nested more than ${DEEPEST} levels deep` },
    ];
  return Object.entries(value).flatMap(([key, inner]) => {
    const field = path + key;
    return KEPT.has(key)
      ? [{ field, message: `${field} is not a field of this input; leave it out` }]
      : keptKeys(inner, `${field}.`, depth + 1);
  });
}

/**
 * Turns unknown JSON into an instance of a class with class-validator rules.
 * @throws BadInput naming every field that is wrong, and fields that do not belong.
 */
export function judge<T extends object>(type: new () => T, input: unknown): T {
  if (typeof input !== 'object' || input === null || Array.isArray(input)) {
    throw new BadInput([{ field: '', message: `the input must be one JSON object (was ${shown(input)})` }]);
  }
  const kept = keptKeys(input);
  if (kept.length) throw new BadInput(kept);
  const instance = plainToInstance(type, input);
  const errors = validateSync(instance, {
    whitelist: true,
    forbidNonWhitelisted: true,
    forbidUnknownValues: true,
  });
  if (errors.length) throw new BadInput(problemsOf(errors));
  return instance;
}
