import 'reflect-metadata';
import { ArrayMaxSize, IsArray, IsIn, IsInt, IsNumber, IsString, Matches, Max, Min } from 'class-validator';
import { BASES, FIGURE_SOURCES, LIMIT_IDS, OWN_KINDS } from '../catalogue/index.js';
import type { Basis, FigureSource, LimitId, OwnKind, OwnPart, PartFigure } from '../catalogue/index.js';
import { ID, isId, Letters, MayBeLeftOut, Nested } from './rules.js';

/** Groups of what a load state may leave off the truck. */
export const OFF_GROUPS = ['Hose', 'Ladders', 'Equipment', 'Allowance', 'Own items'] as const;
export type OffGroup = (typeof OFF_GROUPS)[number];

/** What a department brings to a build of its own: parts, items, better weights, a budget. */

export class OwnPartFigure implements PartFigure {
  /** A figure of this kind of part, for example `weightLb`. */
  @IsString()
  @Letters(1, 40)
  field!: string;

  /** In US units; money in cents. */
  @IsNumber()
  value!: number;

  @IsIn(FIGURE_SOURCES)
  source!: FigureSource;
}

/** A department's own part; it travels with the build. */
export class OwnPartChoice implements OwnPart {
  @Matches(ID, isId)
  id!: string;

  @IsIn(OWN_KINDS)
  kind!: OwnKind;

  /** The shipped part that it is like. */
  @Matches(ID, isId)
  likeId!: string;

  @IsString()
  @Letters(1, 80)
  name!: string;

  @IsArray()
  @ArrayMaxSize(30)
  @Nested(() => OwnPartFigure, 'each')
  figures!: OwnPartFigure[];
}

/** Something that no list has: its weight and the place of its centre. */
export class OwnItem {
  @Matches(ID, isId)
  id!: string;

  @IsString()
  @Letters(1, 80)
  name!: string;

  @IsNumber()
  @Min(0)
  @Max(20_000)
  weightLb!: number;

  /** Aft of the front axle, in. */
  @IsNumber()
  @Min(-150)
  @Max(700)
  xIn!: number;

  /** To the officer's side, in. */
  @IsNumber()
  @Min(-60)
  @Max(60)
  yIn!: number;

  /** Above the ground, in. */
  @IsNumber()
  @Min(0)
  @Max(170)
  zIn!: number;

  @IsIn(BASES)
  basis!: Basis;

  /** ± percent at 95 %; the usual one of its basis where left out. */
  @MayBeLeftOut()
  @IsNumber()
  @Min(0)
  @Max(100)
  tolerancePct?: number;

  @IsInt()
  @Min(-100_000_000)
  @Max(100_000_000)
  priceCents!: number;
}

/** A better figure for what the catalogue weighs: a scale's, a plate's. */
export class WeightCorrection {
  @Matches(ID, isId)
  componentId!: string;

  @IsNumber()
  @Min(0)
  @Max(60_000)
  weightLb!: number;

  @IsIn(BASES)
  basis!: Basis;

  @MayBeLeftOut()
  @IsNumber()
  @Min(0)
  @Max(100)
  tolerancePct?: number;
}

export class MoneyLimits {
  /** What the truck may cost, cents. */
  @MayBeLeftOut()
  @IsInt()
  @Min(0)
  @Max(1_000_000_000)
  budgetCents?: number;

  /** For what is not itemised, percent of what is. */
  @IsNumber()
  @Min(0)
  @Max(50)
  unlistedPct!: number;
}

/** Weight kept free for what is mounted later: so many percent of the truck in service, or so many pounds. */
export class GrowthReserve {
  @IsIn(['pct', 'lb'])
  unit!: 'pct' | 'lb';

  @IsNumber()
  @Min(0)
  @Max(10_000)
  value!: number;
}

/** A load state of the department's own, held against every limit like the usual ones. */
export class OwnState {
  @Matches(ID, isId)
  id!: string;

  @IsString()
  @Letters(1, 40)
  name!: string;

  /** Percent of each liquid that is aboard. */
  @IsNumber() @Min(0) @Max(100)
  waterPct!: number;

  @IsNumber() @Min(0) @Max(100)
  foamPct!: number;

  @IsNumber() @Min(0) @Max(100)
  fuelPct!: number;

  /** Seats that are taken, driver and officer first. */
  @IsInt() @Min(0) @Max(12)
  crew!: number;

  /** What is off the truck. */
  @IsArray() @ArrayMaxSize(10)
  @IsIn(OFF_GROUPS, { each: true })
  off!: OffGroup[];
}

/** One limit of a department's own profile. */
export class OwnLimit {
  @IsIn(LIMIT_IDS)
  id!: LimitId;

  /** In the unit of this limit. */
  @IsNumber()
  value!: number;

  /** What it rests on: a standard and its edition, or a house rule. */
  @IsString()
  @Letters(1, 120)
  basis!: string;

  @MayBeLeftOut()
  @IsString()
  @Letters(1, 300)
  note?: string;
}

/** Limits of the department's own, a copy of a profile that it changed; it travels with the build. */
export class OwnProfile {
  @Matches(ID, isId)
  id!: string;

  @IsString()
  @Letters(1, 80)
  name!: string;

  @IsArray()
  @ArrayMaxSize(60)
  @Nested(() => OwnLimit, 'each')
  limits!: OwnLimit[];
}
