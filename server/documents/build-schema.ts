import { BUILD_FORMAT, BUILD_VERSION } from '#core/build';
import { house } from '#core/subjects';
import { ruleSchemas } from './rule-schemas.js';
import type { Schema } from './schema.js';

const PREFIX = '#/components/schemas/';

/** The names of the schemas that one refers to. */
const refersTo = (schema: unknown): string[] =>
  [...JSON.stringify(schema).matchAll(/"#\/components\/schemas\/([A-Za-z]+)"/g)].map((match) => match[1]!);

/** The JSON Schema of a build file: the very rules by which a file is refused. */
export function buildSchema(): Record<string, unknown> {
  const all = ruleSchemas();
  const needed = new Set<string>();
  const add = (name: string) => {
    if (needed.has(name)) return;
    needed.add(name);
    refersTo(all[name]).forEach(add);
  };
  const file = house.BuildFile.name;
  add(file);
  needed.delete(file);
  const inFile = (schema: Schema | undefined): Schema =>
    JSON.parse(JSON.stringify(schema).replaceAll(PREFIX, '#/$defs/')) as Schema;
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Baros build file (*.baros.json)',
    description: `One complete build, format ${BUILD_FORMAT}, version ${BUILD_VERSION}. Lengths in, weights lb, liquids US gal, hose ft, money cents. Older versions are upgraded when read; parts must exist in the catalog, in parts.own or in catalogue.parts, whose fields are those of the parts of their kind.`,
    ...inFile(all[file]),
    $defs: Object.fromEntries([...needed].sort().map((name) => [name, inFile(all[name])])),
  };
}
