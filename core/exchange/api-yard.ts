import 'reflect-metadata';
import { Type } from 'class-transformer';
import { IsArray, IsIn, IsInt, IsNumber, IsString, IsUUID, Max, Min } from 'class-validator';
import { BUILD_TYPES, classOf, Letters, MayBeLeftOut, Nested } from '../build/index.js';
import type { BuildType, Fields } from '../build/index.js';
import type { Status } from '../kernel/index.js';
import { house } from '../subjects/index.js';
import type { OwnProfile } from '../subjects/limits/index.js';
import { BuildState } from './api.js';
import { AreFigures } from './figures.js';
import { STATUSES } from './standing.js';

/** In which order the yard shows builds. */
export const YARD_ORDERS = ['department', 'changed', 'name', 'type'] as const;
export type YardOrder = (typeof YARD_ORDERS)[number];

/** Builds on one page of the yard, where nothing else is asked for; and the most that can be. */
export const USUAL_PAGE = 24;
const MOST_PAGE = 100;
const MOST_FROM = 1_000_000;

/** What of the yard is asked for. */
export class YardQuery {
  /** Letters of the name of a build or of its department. */
  @MayBeLeftOut()
  @IsString()
  @Letters(0, 80)
  text?: string;

  @MayBeLeftOut()
  @IsIn(BUILD_TYPES)
  type?: BuildType;

  @MayBeLeftOut()
  @IsUUID()
  departmentId?: string;

  /** Archived ones too, and those of archived departments. */
  @MayBeLeftOut()
  @IsIn(['true', 'false'])
  archived?: 'true' | 'false';

  @MayBeLeftOut()
  @IsIn(YARD_ORDERS)
  order?: YardOrder;

  /** How many are passed over. */
  @MayBeLeftOut()
  @IsInt()
  @Min(0)
  @Max(MOST_FROM)
  @Type(() => Number)
  from?: number;

  @MayBeLeftOut()
  @IsInt()
  @Min(1)
  @Max(MOST_PAGE)
  @Type(() => Number)
  most?: number;
}

/** How far a build is from one of its ratings. */
export class Margin {
  @IsString()
  title!: string;

  @IsIn(STATUSES)
  status!: Status;

  /** Pounds left; below nothing where it is over. */
  @IsNumber()
  marginLb!: number;
}

/** A build as the yard shows it. */
export class Glance {
  @IsNumber()
  lengthIn!: number;

  @IsNumber()
  heightIn!: number;

  @IsArray()
  @Nested(() => Margin, 'each')
  margins!: Margin[];

  /** Of so many checks so many are over a limit. */
  @IsInt()
  @Min(0)
  over!: number;

  @IsInt()
  @Min(0)
  checks!: number;

  /** Its driver's side as SVG, with the colors of a theme still to be filled in. */
  @IsString()
  drawing!: string;
}

/** A build in the yard. */
export class BuildCard extends BuildState {
  @IsString()
  department!: string;

  @IsString()
  name!: string;

  @IsIn(BUILD_TYPES)
  type!: BuildType;

  /** Left out where it can't be shown. */
  @MayBeLeftOut()
  @Nested(() => Glance)
  glance?: Glance;

  /** Why it can't be shown. */
  @MayBeLeftOut()
  @IsString()
  trouble?: string;
}

/** A page of the yard. */
export class YardPage {
  @IsArray()
  @Nested(() => BuildCard, 'each')
  builds!: BuildCard[];

  /** So many there are in all. */
  @IsInt()
  @Min(0)
  total!: number;

  /** So many there are of each department, by its id. */
  @AreFigures()
  ofDepartments!: Record<string, number>;
}

/** The rules of limits that a department made its own, as a build carries them. */
const OwnLimitsRules = classOf(
  (house.blocks.find(({ id }) => id === 'limits')!.fields['own'] as { fields: Fields }).fields,
  'OwnLimits',
);

/** Limits of its own that a build has. */
export class OwnLimitsOf {
  @IsUUID()
  id!: string;

  @IsString()
  name!: string;

  @Nested(() => OwnLimitsRules)
  limits!: OwnProfile;
}
