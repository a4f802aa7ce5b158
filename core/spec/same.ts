import equal from 'fast-deep-equal';

/** Whether two choices, or two whole builds, are alike, whatever the order of their fields: a database keeps its own. */
export const same = (a: unknown, b: unknown): boolean => a === b || equal(a, b);
