import 'reflect-metadata';
import { Type } from 'class-transformer';
import { IsIn, IsInt, IsString, Max, Min } from 'class-validator';
import { Letters, MayBeLeftOut, Nested } from '../build/index.js';
import type { Build } from '../build/index.js';
import type { Figures } from '../kernel/index.js';
import { house } from '../subjects/index.js';
import { AreFigures } from './figures.js';
import { Moment, RevisionNumber } from './moments.js';
import { UNIT_SYSTEMS } from '../units/index.js';
import type { UnitSystem } from '../units/index.js';

/** One saved change of a build. */
export class RevisionView {
  @RevisionNumber()
  revision!: number;

  /** The change in words, with its figures in place. */
  @IsString()
  words!: string;

  @IsString()
  who!: string;

  /** ISO 8601. */
  @Moment()
  savedAt!: string;

  /** What people call it, such as «as bid»; empty where it has no name. */
  @IsString()
  label!: string;

  /** What the build weighs, measures and costs: the registry's main figures by their ids. */
  @AreFigures()
  figures!: Figures;

  /** What the one before it came to; left out for the first. */
  @MayBeLeftOut()
  @AreFigures()
  before?: Figures;
}

/** Revisions on one page of a history, where nothing else is asked for; and the most that can be. */
export const USUAL_HISTORY = 50;
const MOST_HISTORY = 500;

/** What of a history is asked for. */
export class HistoryQuery {
  /** Those older than this one. */
  @MayBeLeftOut()
  @RevisionNumber()
  @Type(() => Number)
  before?: number;

  @MayBeLeftOut()
  @IsInt()
  @Min(1)
  @Max(MOST_HISTORY)
  @Type(() => Number)
  most?: number;
}

/** One saved change with all its choices. */
export class RevisionDetail extends RevisionView {
  @Nested(() => house.BuildFile)
  build!: Build;
}

export class RevisionLabel {
  /** Empty takes the name away. */
  @IsString()
  @Letters(0, 40)
  label!: string;
}

/** In which units a paper is wanted, and of which revision; the newest where that is left out. */
export class PaperQuery {
  @MayBeLeftOut()
  @IsIn(UNIT_SYSTEMS)
  units?: UnitSystem;

  @MayBeLeftOut()
  @RevisionNumber()
  @Type(() => Number)
  revision?: number;
}
