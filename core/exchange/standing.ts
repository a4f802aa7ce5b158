import { ValidateBy } from 'class-validator';
import type { Status } from '../kernel/index.js';

/** How each check of a truck stood, by the checks' ids. */
export type Standing = Record<string, Status>;

export const STATUSES: readonly Status[] = ['holds', 'caution', 'fails'];
/** More checks than there are. */
const MOST_CHECKS = 400;

const isStanding = (value: unknown): boolean => {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return false;
  const entries = Object.entries(value);
  return (
    entries.length <= MOST_CHECKS &&
    entries.every(([id, status]) => id.length <= 60 && STATUSES.includes(status as Status))
  );
};

/** How checks stand, by their ids. */
export const IsStanding = (): PropertyDecorator =>
  ValidateBy({
    name: 'standing',
    validator: {
      validate: isStanding,
      defaultMessage: () => `$property must be checks by their ids, each one of ${STATUSES.join(', ')}`,
    },
  });
