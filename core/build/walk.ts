import { getMetadataStorage } from 'class-validator';
import type { ValidationArguments } from 'class-validator';
import { insideOf } from './rules.js';
import type { Class } from './rules.js';
import { MOST_PROBLEMS, shown } from './problem.js';
import type { Problem } from './problem.js';

type Json = Record<string, unknown>;

interface Rule {
  each: boolean;
  holds: (value: unknown, object: object) => boolean;
}

/** What class-validator was told of one property. */
interface Property {
  applies: ((object: object, value: unknown) => boolean)[];
  rules: Rule[];
  /** The most entries of a list. */
  most: number;
  inside: { type: Class; many: boolean } | null;
}

const known = new WeakMap<Class, Map<string, Property>>();

function propertiesOf(type: Class): Map<string, Property> {
  const made = known.get(type);
  if (made) return made;
  const storage = getMetadataStorage();
  const properties = new Map<string, Property>();
  for (const metadata of storage.getTargetValidationMetadatas(type, '', false, false)) {
    const { propertyName, constraints, each, constraintCls } = metadata;
    if (!properties.has(propertyName))
      properties.set(propertyName, {
        applies: [],
        rules: [],
        most: Infinity,
        inside: insideOf(type, propertyName),
      });
    const property = properties.get(propertyName)!;
    if (metadata.type === 'conditionalValidation') property.applies.push(constraints[0]);
    else if (metadata.type === 'nestedValidation') {
      if (!property.inside) throw new Error(`${propertyName} of ${type.name} must be Nested`);
    } else if (constraintCls) {
      if (metadata.name === 'arrayMaxSize') property.most = constraints[0];
      // What a rule is told beside the value: one object for all calls, of which none lasts.
      const told: ValidationArguments = {
        value: undefined,
        constraints,
        object: type.prototype as object,
        property: propertyName,
        targetName: type.name,
      };
      for (const { instance } of storage.getTargetValidatorConstraints(constraintCls))
        property.rules.push({
          each: Boolean(each),
          holds: (value, object) => {
            told.value = value;
            told.object = object;
            return instance.validate(value, told) === true;
          },
        });
    }
  }
  known.set(type, properties);
  return properties;
}

const isObject = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const holdsFor = ({ each, holds }: Rule, value: unknown, object: object): boolean =>
  each && Array.isArray(value) ? value.every((entry) => holds(entry, object)) : holds(value, object);

/** What a walk over an input finds. */
export interface Walked {
  /** Every rule holds. */
  holds: boolean;
  /** What is not of the shape that the rules speak of: fields that don't belong, lists that are too long. */
  misshapen: Problem[];
  /** So misshapen that it costs too much to look closer. */
  tooMuch: boolean;
}

/**
 * Walks plain JSON by the rules that class-validator was told of a class, and makes nothing of it: most inputs
 * hold, and this says so in a seventh of the time; what is far too much is known before anything is made of it.
 */
export function walk(type: Class, input: object): Walked {
  const misshapen: Problem[] = [];
  let tooMuch = false;
  const refuse = (field: string, message: string): false => {
    if (misshapen.length < MOST_PROBLEMS) misshapen.push({ field, message: `${field} ${message}` });
    else tooMuch = true;
    return false;
  };
  const inside = (of: Class, object: Json, path: string): boolean => {
    const properties = propertiesOf(of);
    let holds = true;
    for (const key in object)
      if (!properties.has(key)) holds = refuse(path + key, 'is not a field of this input; leave it out');
    for (const [key, property] of properties) {
      const value = Object.hasOwn(object, key) ? object[key] : undefined;
      const { applies, rules } = property;
      if (applies.length && !applies.every((all) => all(object, value))) continue;
      const field = path + key;
      if (Array.isArray(value) && value.length > property.most) {
        holds = refuse(field, `must have at most ${property.most} entries (was ${shown(value)})`);
        tooMuch = true;
        continue;
      }
      for (const rule of rules) if (!holdsFor(rule, value, object)) holds = false;
      if (property.inside) holds = nested(property.inside, value, field) && holds;
    }
    return holds;
  };
  const nested = ({ type: of, many }: { type: Class; many: boolean }, value: unknown, field: string) => {
    if (!many) return isObject(value) && inside(of, value, `${field}.`);
    if (!Array.isArray(value)) return false;
    // Every entry is looked at: what does not belong in the last one is told as well.
    return value.reduce<boolean>(
      (holds, entry, i) => isObject(entry) && inside(of, entry, `${field}.${i}.`) && holds,
      true,
    );
  };
  const holds = inside(type, input as Json, '');
  return { holds, misshapen, tooMuch };
}
