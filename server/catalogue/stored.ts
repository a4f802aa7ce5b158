import { createHash } from 'node:crypto';
import type { Build as BuildFile, PartCopy } from '#core/build';

/** A part that a stored build carries, by the hash of what it says; in full where the tables once went back. */
export type StoredCopy = Omit<PartCopy, 'part'> & ({ hash: string } | { part: PartCopy['part'] });

/** A build file as the database keeps it. */
export type StoredFile = Omit<BuildFile, 'catalogue'> & { catalogue?: { parts: StoredCopy[] } };

/** What a value says, whatever the order of its fields. */
const inOrder = (_: string, value: unknown): unknown =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
    ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
    : value;

/** Under which hash a part is kept: SHA-256 of its JSON with fields in order. */
export const hashOf = (part: object): string =>
  createHash('sha256').update(JSON.stringify(part, inOrder)).digest('hex');
