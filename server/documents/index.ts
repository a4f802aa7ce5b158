export { buildSchema } from './build-schema.js';
export { describe } from './openapi.js';
export { ruleSchemas } from './rule-schemas.js';
export { shapeOf } from './shape.js';
