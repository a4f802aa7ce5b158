const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null;

/**
 * Whether two choices, or two whole builds, say the same: whatever the order of their fields, whatever class
 * made them, a field that is left out being the same as one that is undefined.
 */
export function same(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  if (!isObject(a) || !isObject(b) || Array.isArray(a) !== Array.isArray(b)) return false;
  // No lists of keys are made: every edit compares hundreds of small things.
  let fields = 0;
  for (const key in a) {
    if (a[key] === undefined) continue;
    fields += 1;
    if (!same(a[key], b[key])) return false;
  }
  for (const key in b) if (b[key] !== undefined) fields -= 1;
  return fields === 0;
}

/**
 * What has been worked out again, with all of the last time that says the same in its place: the whole, or of a
 * list those entries that are as they were. Who remembers by identity is spared then.
 */
export function kept<T>(was: T, now: T): T {
  if (!Array.isArray(was) || !Array.isArray(now)) return same(was, now) ? was : now;
  const entries = now.map((entry: unknown, i) => (same(was[i], entry) ? (was[i] as unknown) : entry));
  return was.length === now.length && entries.every((entry, i) => entry === was[i]) ? was : (entries as T);
}
