import { within } from '../units/index.js';
import type { Field, Fields } from './fields.js';

interface Titled {
  id: string;
  title: string;
  fields: Fields;
}

/** The titles that lead to a field, from its block; a line by its number, 1 first. */
function titlesOf(fields: Fields, [key, ...rest]: readonly string[]): string[] {
  const field = (fields as Record<string, Field | undefined>)[key ?? ''];
  if (!field) return [];
  if (field.kind === 'group') return [field.title, ...titlesOf(field.fields, rest)];
  if (field.kind !== 'lines') return [field.title];
  const [nth, ...within] = rest;
  const line = nth === undefined ? field.title : `${field.line} ${Number(nth) + 1}`;
  return [line, ...titlesOf(field.fields, within)];
}

/**
 * What a person calls the field at a path of the build file, such as `hose.loads.2.lengthFt`: "Hose loads, hose load 3,
 * length". Empty where no block has it.
 */
export function fieldTitle(blocks: readonly Titled[], path: string): string {
  const [id, ...rest] = path.split('.');
  const block = blocks.find((candidate) => candidate.id === id);
  if (!block) return '';
  return [block.title, ...titlesOf(block.fields, rest)]
    .map((title, i) => (i === 0 ? title : within(title)))
    .join(', ');
}
