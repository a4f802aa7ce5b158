import { IsInt, Max, Min, ValidateBy } from 'class-validator';

/** The last revision to which the database counts. */
export const MOST_REVISIONS = 2 ** 31 - 1;

/** The number of a revision. */
export const RevisionNumber = (): PropertyDecorator => (target, key) => {
  for (const rule of [IsInt(), Min(1), Max(MOST_REVISIONS)]) rule(target, key as string);
};

/** The same, or 0 before the first. */
export const RevisionOrNone = (): PropertyDecorator => (target, key) => {
  for (const rule of [IsInt(), Min(0), Max(MOST_REVISIONS)]) rule(target, key as string);
};

const WRITTEN = /^(?:19|20|21)\d\d-\d\d-\d\dT\d\d:\d\d:\d\d(?:\.\d{1,6})?Z$/;
const SECONDS = 19;

/** Whether a text is a moment of a day that there is: none on the 30th of February. */
const isMoment = (value: unknown): boolean => {
  if (typeof value !== 'string' || !WRITTEN.test(value)) return false;
  const read = new Date(value);
  return !Number.isNaN(read.getTime()) && read.toISOString().slice(0, SECONDS) === value.slice(0, SECONDS);
};

/** A moment as Baros writes it, ISO 8601. */
export const Moment = (): PropertyDecorator =>
  ValidateBy({
    name: 'moment',
    validator: {
      validate: isMoment,
      defaultMessage: () => '$property must be a moment such as 2026-11-26T08:30:00.000Z',
    },
  });
