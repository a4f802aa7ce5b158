import { Type } from 'class-transformer';
import { IsDefined, Length, ValidateIf, ValidateNested } from 'class-validator';

/** A field is there with a value or not at all; unlike `IsOptional`, this refuses null. */
export const MayBeLeftOut = (): PropertyDecorator => ValidateIf((_, value) => value !== undefined);

/** An object, or a list of them, judged by its own class; alone, `ValidateNested` would let a missing one pass. */
export const Nested = (type: () => new () => object, list?: 'each'): PropertyDecorator => (target, key) => {
  IsDefined()(target, key as string);
  ValidateNested(list ? { each: true } : {})(target, key as string);
  Type(type)(target, key as string);
};

/** Text of so many characters, refused in plain words. */
export const Letters = (least: number, most: number): PropertyDecorator => Length(least, most, { message: `$property must have ${least} to ${most} characters` });
