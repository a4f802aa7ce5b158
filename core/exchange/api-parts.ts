import 'reflect-metadata';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsInt, IsString, IsUUID, Min } from 'class-validator';
import { classOf, field, Nested } from '../build/index.js';
import { ownPartFields } from '../kernel/index.js';
import type { OwnPart } from '../kernel/index.js';

/** The rules of a department's own part. */
export const OwnPartRules = classOf({ id: field.id('Id'), ...ownPartFields }, 'OwnPart') as new () => OwnPart;

export class BuildName {
  @IsUUID()
  id!: string;

  @IsString()
  name!: string;
}

/** A department's own part, and the builds that name it. */
export class OwnPartView {
  @Nested(() => OwnPartRules)
  part!: OwnPart;

  @IsArray()
  @Nested(() => BuildName, 'each')
  usedIn!: BuildName[];
}

/** Own parts to keep in one go: all of them or none. */
export class OwnParts {
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(200)
  @Nested(() => OwnPartRules, 'each')
  parts!: OwnPart[];
}

/** How many of a department's own parts there are after a change. */
export class OwnPartsKept {
  @IsInt()
  @Min(0)
  kept!: number;
}
