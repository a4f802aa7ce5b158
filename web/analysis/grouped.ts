/** A head with the sections under it. */
export interface Grouped<S> {
  group: string;
  sections: S[];
}

/**
 * Sections under their heads: the heads in the order that is given, others after them as they come, none that
 * is empty. Within a head sections keep their order, so that each is found again where it was.
 */
export function grouped<S extends { group: string }>(
  sections: readonly S[],
  heads: readonly string[],
): Grouped<S>[] {
  const all = [...new Set([...heads, ...sections.map(({ group }) => group)])];
  return all
    .map((group) => ({ group, sections: sections.filter((section) => section.group === group) }))
    .filter((one) => one.sections.length > 0);
}

/** The section that an address names; the first where it names none. */
export const sectionAt = <S extends { id: string }>(sections: readonly S[], id: string | undefined): S =>
  sections.find((section) => section.id === id) ?? sections[0]!;

/** The section so many after another, round and round. */
export const stepped = <S>(sections: readonly S[], from: S, by: number): S =>
  sections[(sections.indexOf(from) + by + sections.length) % sections.length]!;
