import type { INestApplication } from '@nestjs/common';
import { DocumentBuilder, SwaggerModule } from '@nestjs/swagger';
import type { OpenAPIObject } from '@nestjs/swagger';
import { ruleSchemas } from './rule-schemas.js';

/** The OpenAPI document: routes from the controllers, shapes from the core's validation rules. */
export function describe(app: INestApplication): OpenAPIObject {
  const config = new DocumentBuilder()
    .setTitle('Baros')
    .setDescription(
      'Departments, builds and the calculations of the outside contract. Errors are problem+json.',
    )
    .setVersion('1')
    .build();
  const document = SwaggerModule.createDocument(app, config);
  const components = document.components ?? {};
  return { ...document, components: { ...components, schemas: { ...components.schemas, ...ruleSchemas() } } };
}
