import type { OpenAPIObject } from '@nestjs/swagger';

type Schemas = NonNullable<NonNullable<OpenAPIObject['components']>['schemas']>;

/** One schema of the OpenAPI document, written out (not a reference). */
export type Schema = Exclude<Schemas[string], { $ref: string }>;
