interface Line {
  id: string;
}

/** A list with one more line, with another in place of the one of that id, or without it where there is no line. */
export function withLine<T extends Line>(lines: readonly T[], id: string, line: T | null): T[] {
  const at = lines.findIndex((other) => other.id === id);
  if (at < 0) return line ? [...lines, line] : [...lines];
  return lines.flatMap((other, i) => (i !== at ? [other] : line ? [line] : []));
}

/** A list with some fields of one line changed. */
export const changedLine = <T extends Line>(
  lines: readonly T[],
  id: string,
  change: Partial<NoInfer<T>>,
): T[] => lines.map((line) => (line.id === id ? { ...line, ...change } : line));
