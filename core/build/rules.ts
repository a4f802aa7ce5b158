import 'reflect-metadata';
import { Type } from 'class-transformer';
import { IsDefined, Length, ValidateBy, ValidateIf, ValidateNested } from 'class-validator';

export const isId = { message: '$property must be an id (letters, digits, dots and dashes)' };

/** A field is there with a value or not at all; unlike `IsOptional`, this refuses null. */
export const MayBeLeftOut = (): PropertyDecorator => ValidateIf((_, value) => value !== undefined);

const anObject = (name: string, message: string, each: boolean): PropertyDecorator =>
  ValidateBy(
    {
      name,
      validator: {
        validate: (value) => typeof value === 'object' && value !== null && !Array.isArray(value),
        defaultMessage: () => message,
      },
    },
    { each },
  );

/** An object whose fields are judged elsewhere. */
export const Open = (): PropertyDecorator =>
  anObject('anOpenObject', '$property must be an object with its fields', false);

export type Class = new () => object;

/** Which class stands at a property, and whether a list of it. */
interface Inside {
  type: () => Class;
  many: boolean;
}
const INSIDE = Symbol('inside');

/** The class by which a property is judged that is `Nested`; null for any other. */
export function insideOf(of: Class, key: string): { type: Class; many: boolean } | null {
  const inside = Reflect.getMetadata(INSIDE, of.prototype as object, key) as Inside | undefined;
  return inside ? { type: inside.type(), many: inside.many } : null;
}

/** An object, or a list of them, judged by its own class; alone, `ValidateNested` would let a missing one pass. */
export const Nested =
  (type: () => Class, list?: 'each'): PropertyDecorator =>
  (target, key) => {
    Reflect.defineMetadata(INSIDE, { type, many: Boolean(list) } satisfies Inside, target, key);
    IsDefined()(target, key as string);
    const what = list ? 'each of $property' : '$property';
    anObject('anObject', `${what} must be an object with its fields`, Boolean(list))(target, key as string);
    ValidateNested(list ? { each: true } : {})(target, key as string);
    Type(type)(target, key as string);
  };

/** Control characters, halves of a surrogate pair and what XML forbids: no letters, and no drawing keeps them. */
const BROKEN = /(?![\t\n\r])[\p{Cc}\p{Cs}\ufffe\uffff]/u;

/** Whether a text has letters only, and the breaks between them. */
export const isReadable = (text: string): boolean => !BROKEN.test(text);

/** Text of so many characters, refused in plain words. */
export const Letters =
  (least: number, most: number): PropertyDecorator =>
  (target, key) => {
    Length(least, most, { message: `$property must have ${least} to ${most} characters` })(
      target,
      key as string,
    );
    ValidateBy({
      name: 'readable',
      validator: {
        validate: (value) => typeof value !== 'string' || isReadable(value),
        defaultMessage: () => '$property must be readable text, without broken characters',
      },
    })(target, key as string);
  };

/** Nothing that is chosen is finer than this; what is smaller divides into infinity. */
export const FINEST = 1e-6;

/** An amount that is nothing at all, or enough to reckon with. */
export const Countable = (): PropertyDecorator =>
  ValidateBy({
    name: 'countable',
    validator: {
      validate: (value) => typeof value !== 'number' || value === 0 || Math.abs(value) >= FINEST,
      defaultMessage: () => `$property must be 0 or at least ${FINEST}`,
    },
  });
