import 'reflect-metadata';
import { Type } from 'class-transformer';
import { IsIn, IsObject, IsString, ValidateBy } from 'class-validator';
import { Letters, MayBeLeftOut, Nested } from '../build/index.js';
import type { Build } from '../build/index.js';
import type { Figures } from '../kernel/index.js';
import { house } from '../subjects/index.js';
import { Moment, RevisionNumber } from './moments.js';
import { UNIT_SYSTEMS } from '../units/index.js';
import type { UnitSystem } from '../units/index.js';

/** Figures by their ids, each a number. */
const AreFigures = (): PropertyDecorator => (target, key) => {
  IsObject()(target, key as string);
  ValidateBy({
    name: 'figures',
    validator: {
      validate: (value) =>
        typeof value === 'object' && value !== null && Object.values(value as object).every(Number.isFinite),
      defaultMessage: () => '$property must be figures by their ids',
    },
  })(target, key as string);
};

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
