import 'reflect-metadata';
import {
  ArrayMaxSize,
  Equals,
  IsArray,
  IsIn,
  IsInt,
  IsNumber,
  IsString,
  Matches,
  Max,
  Min,
} from 'class-validator';
import { capital } from '../units/index.js';
import type { Block } from './block.js';
import { BUILD_FORMAT, BUILD_VERSION } from './build.js';
import type { Build } from './build.js';
import type { Field, Fields } from './fields.js';
import { ID, LINE_ID } from './ids.js';
import { Countable, isId, Letters, MayBeLeftOut, Nested, Open } from './rules.js';
import type { Class } from './rules.js';
import { BUILD_TYPES } from './types.js';

type Rule = PropertyDecorator;

/** A class of class-validator under a name of its own, which the JSON Schema and the OpenAPI document show. */
function named(name: string): Class {
  const made = { [name]: class {} }[name]!;
  return made;
}

const anId = (each: boolean, pattern = ID): Rule => Matches(pattern, { ...isId, each });

function rulesOf(field: Field, name: string): Rule[] {
  switch (field.kind) {
    case 'amount':
      return [field.whole ? IsInt() : IsNumber(), Min(field.min), Max(field.max), Countable()];
    case 'text':
      return [IsString(), Letters(field.least, field.most)];
    case 'oneOf':
      return [IsIn(field.values)];
    case 'part':
      return [anId(false)];
    case 'id':
      return [anId(false, field.line ? LINE_ID : ID)];
    case 'many': {
      const of = field.of as Field;
      const each =
        of.kind === 'group'
          ? Nested(nested(of.fields, name), 'each')
          : of.kind === 'oneOf'
            ? IsIn(of.values, { each: true })
            : anId(true);
      return [IsArray(), ArrayMaxSize(field.most), each];
    }
    case 'lines':
      return [
        IsArray(),
        ArrayMaxSize(field.most),
        Nested(nested({ id: { kind: 'id', title: 'Id', line: true }, ...field.fields }, name), 'each'),
      ];
    case 'group':
      return [Nested(nested(field.fields, name))];
  }
}

function nested(fields: Fields, name: string): () => Class {
  const made = classOf(fields, name);
  return () => made;
}

/** The rules of some fields, as a class by which anything can be judged. */
export function classOf(fields: Fields, name: string): Class {
  const made = named(name);
  for (const [key, field] of Object.entries(fields)) {
    const rules = [...(field.optional ? [MayBeLeftOut()] : []), ...rulesOf(field, name + capital(key))];
    for (const rule of rules) rule(made.prototype as object, key);
  }
  return made;
}

/** The rules of one block, as a class by which anything can be judged. */
export function blockRules({ id, version, fields }: Block): Class {
  const made = classOf(fields, capital(id));
  Equals(version)(made.prototype as object, 'version');
  return made;
}

/** More parts than any build names. */
const MOST_COPIES = 600;

/** Copies of parts: their own figures are judged by the kind of part. */
function copiesRules(): Class {
  const copy = classOf(
    {
      kind: { kind: 'id', title: 'Kind' },
      edition: { kind: 'text', title: 'Edition', least: 1, most: 20 },
    },
    'PartCopy',
  );
  Open()(copy.prototype as object, 'part');
  const made = named('CatalogueCopy');
  for (const rule of [IsArray(), ArrayMaxSize(MOST_COPIES), Nested(() => copy, 'each')])
    rule(made.prototype as object, 'parts');
  return made;
}

/**
 * The rules of a build file that has these blocks. The class is what endpoints name: they judge as the forms
 * do.
 */
export function fileRules(blocks: readonly Block[]): new () => Build {
  const made = named('Build');
  const rule = (key: string, ...rules: Rule[]) =>
    rules.forEach((each) => each(made.prototype as object, key));
  const department = classOf(
    { name: { kind: 'text', title: 'Department', least: 1, most: 80 } },
    'DepartmentOfBuild',
  );
  rule('format', Equals(BUILD_FORMAT));
  rule('version', Equals(BUILD_VERSION));
  rule('name', IsString(), Letters(1, 80));
  rule(
    'department',
    Nested(() => department),
  );
  rule('type', IsIn(BUILD_TYPES));
  rule(
    'assumed',
    MayBeLeftOut(),
    IsArray(),
    ArrayMaxSize(200),
    Matches(ID, { message: '$property must be ids of choices', each: true }),
  );
  const copies = copiesRules();
  rule(
    'catalogue',
    MayBeLeftOut(),
    Nested(() => copies),
  );
  for (const block of blocks) {
    const rules = blockRules(block);
    rule(
      block.id,
      Nested(() => rules),
    );
  }
  return made as new () => Build;
}
