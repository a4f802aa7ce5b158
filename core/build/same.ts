const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null;
const keysOf = (value: Record<string, unknown>): string[] =>
  Object.keys(value).filter((key) => value[key] !== undefined);

/**
 * Whether two choices, or two whole builds, say the same: whatever the order of their fields, whatever class
 * made them, a field that is left out being the same as one that is undefined.
 */
export function same(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  if (!isObject(a) || !isObject(b) || Array.isArray(a) !== Array.isArray(b)) return false;
  const keys = keysOf(a);
  return keys.length === keysOf(b).length && keys.every((key) => same(a[key], b[key]));
}
