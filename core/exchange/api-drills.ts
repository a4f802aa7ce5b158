import 'reflect-metadata';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsInt,
  IsString,
  IsUUID,
  Matches,
  Max,
  Min,
} from 'class-validator';
import { ID, isId, Letters, Nested } from '../build/index.js';
import { Moment } from './moments.js';

/** A drill has no more of either than this. */
const MOST_ACTIONS = 1_000;
const MOST_MISTAKES = 200;

/** Something that went wrong in a drill, at which action, as it was told. */
export class DrillMistake {
  @Matches(ID, isId)
  id!: string;

  /** Its figures in place. */
  @IsString()
  @Letters(1, 300)
  words!: string;

  @IsInt()
  @Min(1)
  @Max(MOST_ACTIONS)
  at!: number;
}

/** What one person did in one drill on a build. */
export class NewDrill {
  /** Nobody is asked to prove it. */
  @IsString()
  @Letters(1, 60)
  who!: string;

  @Matches(ID, isId)
  task!: string;

  /** What the task is called. */
  @IsString()
  @Letters(1, 80)
  title!: string;

  /** Whether what was asked was reached. */
  @IsBoolean()
  done!: boolean;

  @IsInt()
  @Min(0)
  @Max(MOST_ACTIONS)
  actions!: number;

  @IsArray()
  @ArrayMaxSize(MOST_MISTAKES)
  @Nested(() => DrillMistake, 'each')
  mistakes!: DrillMistake[];
}

/** A drill as it is kept. */
export class DrillView extends NewDrill {
  @IsUUID()
  id!: string;

  @Moment()
  at!: string;
}
