import 'reflect-metadata';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsInt,
  IsString,
  Matches,
  Max,
  Min,
} from 'class-validator';
import { ID, isId, Letters, Nested } from '../build/index.js';
import { Moment, RevisionNumber } from './moments.js';

/** How a line of equipment was found. */
export const FOUND = ['here', 'missing', 'defective'] as const;
export type Found = (typeof FOUND)[number];

const MOST_LINES = 500;
const MOST_PIECES = 999;

/** One line of the equipment list as it was found. */
export class FoundLine {
  @Matches(ID, isId)
  lineId!: string;

  /** Its name and its place as they were then. */
  @IsString()
  @Letters(1, 160)
  name!: string;

  @IsString()
  @Letters(0, 120)
  place!: string;

  @IsInt()
  @Min(1)
  @Max(MOST_PIECES)
  count!: number;

  @IsIn(FOUND)
  found!: Found;

  /** So many of its pieces are missing or defective. */
  @IsInt()
  @Min(0)
  @Max(MOST_PIECES)
  short!: number;

  @IsString()
  @Letters(0, 200)
  note!: string;
}

/** A weekly check of a truck, signed. Who sends it again with the same id keeps it once. */
export class NewWeeklyCheck {
  /** Of its own, wherever it was made: a tablet gives it. */
  @Matches(ID, isId)
  id!: string;

  /** Who looked, and signs for it. */
  @IsString()
  @Letters(1, 60)
  who!: string;

  /** When it was signed: a tablet without network sends it later. */
  @Moment()
  at!: string;

  @RevisionNumber()
  revision!: number;

  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_LINES)
  @Nested(() => FoundLine, 'each')
  lines!: FoundLine[];
}

/** A weekly check as it is kept. */
export class WeeklyCheckView extends NewWeeklyCheck {
  @Moment()
  keptAt!: string;
}
