import type { Schema } from './schema.js';

/** A JSON Schema read off a value: types, fields, and arrays by their first element. */
export function shapeOf(value: unknown): Schema {
  if (value === null || value === undefined) return { nullable: true };
  if (Array.isArray(value)) return { type: 'array', items: value.length ? shapeOf(value[0]) : {} };
  if (typeof value === 'object') {
    return {
      type: 'object',
      properties: Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, shapeOf(inner)])),
    };
  }
  return { type: typeof value as 'string' | 'number' | 'boolean' };
}
