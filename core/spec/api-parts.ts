import 'reflect-metadata';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsInt, IsString, IsUUID, Min } from 'class-validator';
import { OwnPartChoice } from './own-things.js';
import { Nested } from './rules.js';

export class BuildName {
  @IsUUID()
  id!: string;

  @IsString()
  name!: string;
}

/** A department's own part, and the builds that name it. */
export class OwnPartView {
  @Nested(() => OwnPartChoice)
  part!: OwnPartChoice;

  @IsArray()
  @Nested(() => BuildName, 'each')
  usedIn!: BuildName[];
}

/** Own parts to keep in one go: all of them or none. */
export class OwnParts {
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(200)
  @Nested(() => OwnPartChoice, 'each')
  parts!: OwnPartChoice[];
}

/** How many of a department's own parts there are after a change. */
export class OwnPartsKept {
  @IsInt() @Min(0)
  kept!: number;
}
