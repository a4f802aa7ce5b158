interface Line {
  id: string;
}

/** A list with one more line, with another in place of the one of that id, or without it where there is no line. */
export function withLine<T extends Line>(lines: readonly T[], id: string, line: T | null): T[] {
  const at = lines.findIndex((other) => other.id === id);
  if (at < 0) return line ? [...lines, line] : [...lines];
  return lines.flatMap((other, i) => (i !== at ? [other] : line ? [line] : []));
}

/** A line without what is left open: a field that is undefined is no field of it. */
export const said = <T extends Line>(line: T): T =>
  Object.fromEntries(Object.entries(line).filter(([, value]) => value !== undefined)) as unknown as T;

/** A list with one line otherwise, what is undefined being as usual again, or without it where there is no change. */
export const changedLine = <T extends Line>(
  lines: readonly T[],
  id: string,
  change: Partial<NoInfer<T>> | null,
): T[] => lines.flatMap((line) => (line.id !== id ? [line] : change ? [said({ ...line, ...change })] : []));
