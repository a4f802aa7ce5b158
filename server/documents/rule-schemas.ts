import * as classTransformer from 'class-transformer/cjs/storage.js';
import { validationMetadatasToSchemas } from 'class-validator-jsonschema';
import type { Schema } from './schema.js';

/** JSON Schemas of every class with validation rules: one bridge, so that what is described is what is refused. */
export function ruleSchemas(): Record<string, Schema> {
  const schemas = validationMetadatasToSchemas({
    refPointerPrefix: '#/components/schemas/',
    classTransformerMetadataStorage: classTransformer.defaultMetadataStorage,
    // A field that must be there is in `required` already.
    additionalConverters: { isDefined: () => ({}), anOpenObject: () => ({ type: 'object' }) },
  }) as Record<string, Schema>;
  return Object.fromEntries(
    Object.entries(schemas).map(([name, schema]) => [name, { ...schema, additionalProperties: false }]),
  );
}
