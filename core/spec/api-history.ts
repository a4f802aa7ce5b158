import 'reflect-metadata';
import { Type } from 'class-transformer';
import { IsDateString, IsIn, IsInt, IsNumber, IsString, Min } from 'class-validator';
import { UNIT_SYSTEMS } from '../units/index.js';
import type { UnitSystem } from '../units/index.js';
import { BuildSpec } from './build-spec.js';
import { Letters, MayBeLeftOut, Nested } from './rules.js';

/** The figures that every revision is compared by: in service, lb, in and cents. */
export class RevisionMeasure {
  @IsNumber()
  frontLb!: number;

  @IsNumber()
  rearLb!: number;

  @IsNumber()
  grossLb!: number;

  @IsNumber()
  heightIn!: number;

  @IsNumber()
  lengthIn!: number;

  @IsNumber()
  priceCents!: number;
}

/** One saved change of a build. */
export class RevisionView {
  @IsInt() @Min(1)
  revision!: number;

  /** The change in words, with its figures in place. */
  @IsString()
  words!: string;

  @IsString()
  who!: string;

  /** ISO 8601. */
  @IsDateString()
  savedAt!: string;

  /** What people call it, such as «as bid»; empty where it has no name. */
  @IsString()
  label!: string;

  @Nested(() => RevisionMeasure)
  measure!: RevisionMeasure;
}

/** One saved change with all its choices. */
export class RevisionDetail extends RevisionView {
  @Nested(() => BuildSpec)
  spec!: BuildSpec;
}

export class RevisionLabel {
  /** Empty takes the name away. */
  @IsString() @Letters(0, 40)
  label!: string;
}

/** In which units a paper is wanted, and of which revision; the newest where that is left out. */
export class PaperQuery {
  @MayBeLeftOut() @IsIn(UNIT_SYSTEMS)
  units?: UnitSystem;

  @MayBeLeftOut() @IsInt() @Min(1) @Type(() => Number)
  revision?: number;
}
