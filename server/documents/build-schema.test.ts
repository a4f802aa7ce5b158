import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { DEMONSTRATION } from '#core/demonstration';
import { buildSchema } from './build-schema.js';

type SchemaNode = {
  type?: string;
  properties?: Record<string, SchemaNode>;
  required?: string[];
  items?: SchemaNode;
  $ref?: string;
  const?: unknown;
  enum?: unknown[];
};

const schema = buildSchema() as SchemaNode & { $defs: Record<string, SchemaNode> };

/** Fields of a value that its schema does not know, or that it asks for and are not there; an open object may have any. */
function strangers(value: unknown, node: SchemaNode, at: string): string[] {
  const of = node.$ref ? schema.$defs[node.$ref.replace('#/$defs/', '')]! : node;
  if (Array.isArray(value)) return value.flatMap((item, i) => strangers(item, of.items ?? {}, `${at}.${i}`));
  if (typeof value !== 'object' || value === null || (of.type === 'object' && !of.properties)) return [];
  const keys = Object.keys(value);
  return [
    ...keys.filter((key) => !of.properties?.[key]).map((key) => `${at}.${key} is not in the schema`),
    ...(of.required ?? []).filter((key) => !keys.includes(key)).map((key) => `${at}.${key} is missing`),
    ...keys.flatMap((key) =>
      strangers((value as Record<string, unknown>)[key], of.properties?.[key] ?? {}, `${at}.${key}`),
    ),
  ];
}

describe('the JSON Schema of a build file', () => {
  it('is the one in the repository: `npm run schema` writes it', () => {
    expect(
      JSON.parse(readFileSync(new URL('../../docs/build-file.schema.json', import.meta.url), 'utf8')),
    ).toEqual(JSON.parse(JSON.stringify(buildSchema())));
  });

  it.each(DEMONSTRATION.flatMap(({ builds }) => builds.map((build) => [build.name, build] as const)))(
    'knows every field of %s',
    (_, build) => {
      expect(strangers(build, schema, 'build')).toEqual([]);
    },
  );

  it('tells a field that does not belong, and one that is missing', () => {
    const { tank: _left, ...without } = DEMONSTRATION[0]!.builds[0]!;
    expect(strangers({ ...without, paint: 'red' }, schema, 'build').sort()).toEqual([
      'build.paint is not in the schema',
      'build.tank is missing',
    ]);
  });
});
