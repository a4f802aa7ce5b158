import { FINEST, isReadable } from '../build/index.js';
import type { Problem } from '../build/index.js';

/** What values are like that stand at one place of the parts of a kind. */
interface Shape {
  /** In every part. */
  always: boolean;
  numbers: { least: number; most: number } | null;
  texts: Set<string> | null;
  other: Set<unknown>;
  fields: Map<string, Shape> | null;
  /** Lists: what their entries are like. */
  entries: Shape | null;
}

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Names and what is said of a part are free: another edition may say it otherwise. Every other text means something to code. */
const FREE = new Set(['id', 'name', 'words', 'basis', 'note']);
const MOST_LETTERS = 200;
/** So many times the largest figure that ships: no part of another edition is that large. */
const MOST_TIMES = 100;
/** Longer than any list of a part. */
const MOST_ENTRIES = 100;

function shapeOf(values: readonly unknown[]): Shape {
  const there = values.filter((value) => value !== undefined);
  const numbers = there.filter((value) => typeof value === 'number');
  const texts = there.filter((value) => typeof value === 'string');
  const lists = there.filter((value) => Array.isArray(value));
  const objects = there.filter(isObject);
  const keys = [...new Set(objects.flatMap((each) => Object.keys(each)))];
  return {
    always: there.length === values.length,
    numbers: numbers.length
      ? { least: Math.min(...numbers), most: MOST_TIMES * Math.max(1, ...numbers.map(Math.abs)) }
      : null,
    texts: texts.length ? new Set(texts) : null,
    other: new Set(there.filter((value) => typeof value === 'boolean' || value === null)),
    fields: objects.length
      ? new Map(keys.map((key) => [key, shapeOf(objects.map((each) => each[key]))]))
      : null,
    entries: lists.length ? shapeOf(lists.flat()) : null,
  };
}

/** What is wrong with a value for a place of that shape. */
function misfits(shape: Shape, value: unknown, at: string, key: string): Problem[] {
  const wrong = (message: string): Problem[] => [{ field: at, message: `${at} ${message}` }];
  if (value === undefined) return shape.always ? wrong('must be there') : [];
  if (typeof value === 'number' && shape.numbers) {
    if (!Number.isFinite(value)) return wrong(`must be a figure (was ${value})`);
    const { least, most } = shape.numbers;
    if (Math.abs(value) > most) return wrong(`must be at most ${most} (was ${value})`);
    if (value !== 0 && Math.abs(value) < FINEST)
      return wrong(`must be 0 or at least ${FINEST} (was ${value})`);
    if (least > 0 && value <= 0) return wrong(`must be more than 0 (was ${value})`);
    if (least >= 0 && value < 0) return wrong(`must be at least 0 (was ${value})`);
    return [];
  }
  if (typeof value === 'string' && shape.texts) {
    if (FREE.has(key)) {
      if (value.length === 0 || value.length > MOST_LETTERS)
        return wrong(`must have 1 to ${MOST_LETTERS} characters`);
      return isReadable(value) ? [] : wrong('must be readable text, without broken characters');
    }
    if (shape.texts.has(value)) return [];
    return wrong(`must be one of ${[...shape.texts].join(', ')} (was "${value.slice(0, MOST_LETTERS)}")`);
  }
  if (Array.isArray(value) && shape.entries) {
    if (value.length > MOST_ENTRIES) return wrong(`must have at most ${MOST_ENTRIES} entries`);
    return value.flatMap((each, i) => misfits(shape.entries!, each, `${at}.${i}`, key));
  }
  if (isObject(value) && shape.fields) {
    const { fields } = shape;
    const strange = Object.keys(value).filter((name) => !fields.has(name));
    return [
      ...strange.map((name) => ({
        field: `${at}.${name}`,
        message: `${at}.${name} is not known; a part of this kind has ${[...fields.keys()].join(', ')}`,
      })),
      ...[...fields].flatMap(([name, of]) => misfits(of, value[name], `${at}.${name}`, name)),
    ];
  }
  if (shape.other.has(value)) return [];
  if (typeof value === 'boolean' && [...shape.other].some((seen) => typeof seen === 'boolean')) return [];
  return wrong('must be what parts of this kind have there');
}

/**
 * Judges parts that come from outside by those that ship with Baros: the same fields, figures where figures
 * stand and of the same sign, and of texts with a meaning only those that are known.
 */
export function judgeBy(shipped: readonly object[]): (part: unknown, at: string) => Problem[] {
  let shape: Shape | undefined;
  return (part, at) => misfits((shape ??= shapeOf(shipped)), part, at, '');
}
