/** What is wrong with one field of an input, and what would be right. */
export interface Problem {
  /** Dotted path, for example `chassis.wheelbaseIn` or `items.3.weightLb`. */
  field: string;
  message: string;
}

/** More than anybody reads. */
export const MOST_PROBLEMS = 50;

/** An input that a boundary refuses; nothing was changed by it. Of many problems it tells the first. */
export class BadInput extends Error {
  readonly problems: Problem[];

  constructor(problems: readonly Problem[]) {
    const told = problems.slice(0, MOST_PROBLEMS);
    const more = problems.length - told.length;
    super(told.map(({ message }) => message).join('; ') + (more > 0 ? `; and ${more} more like these` : ''));
    this.name = 'BadInput';
    this.problems = told;
  }
}

/** So many entries are shown as they are. */
const FEW = 10;
const MOST_LETTERS = 40;

/** A value that was given, as a message shows it. */
export function shown(value: unknown): string {
  if (Array.isArray(value) && value.length > FEW) return `a list of ${value.length}`;
  const text = typeof value === 'number' ? String(value) : JSON.stringify(value);
  if (text === undefined) return 'missing';
  return text.length > MOST_LETTERS ? `${text.slice(0, MOST_LETTERS - 3)}…` : text;
}
