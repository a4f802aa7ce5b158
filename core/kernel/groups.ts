/** Entries by what they have in common, in the order in which that first appears. */
export function groupsBy<T, K>(all: readonly T[], by: (entry: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const entry of all) {
    const key = by(entry);
    const there = groups.get(key);
    if (there) there.push(entry);
    else groups.set(key, [entry]);
  }
  return groups;
}
