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

/** An object, or a list of them, judged by its own class; alone, `ValidateNested` would let a missing one pass. */
export const Nested =
  (type: () => new () => object, list?: 'each'): PropertyDecorator =>
  (target, key) => {
    IsDefined()(target, key as string);
    const what = list ? 'each of $property' : '$property';
    anObject('anObject', `${what} must be an object with its fields`, Boolean(list))(target, key as string);
    ValidateNested(list ? { each: true } : {})(target, key as string);
    Type(type)(target, key as string);
  };

/** A zero character or half of a surrogate pair: no letter, and no database keeps it. */
const BROKEN = new RegExp('[\\0\\p{Cs}]', 'u');

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
        validate: (value) => typeof value !== 'string' || !BROKEN.test(value),
        defaultMessage: () => '$property must be readable text, without broken characters',
      },
    })(target, key as string);
  };
