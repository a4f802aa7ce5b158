import 'reflect-metadata';
import {
  ArrayMaxSize, Equals, IsArray, IsIn, IsInt, IsNumber, IsString, Matches, Max, Min,
} from 'class-validator';
import { BASES, BUILD_TYPES, FIGURE_SOURCES, OWN_KINDS, TANK_SHAPE_IDS } from '../catalogue/index.js';
import type { Basis, BuildType, DoorStyle, FigureSource, LadderMountId, OwnKind, OwnPart, PartFigure, TankShapeId } from '../catalogue/index.js';
import { Letters, MayBeLeftOut, Nested } from './rules.js';

export const BUILD_FORMAT = 'baros-build';
/** Version of the build file that this Baros writes. */
export const BUILD_VERSION = 2;

const ID = /^[a-z0-9][a-zA-Z0-9.-]{0,63}$/;
const isId = { message: '$property must be the id of a part (letters, digits, dots and dashes)' };

export class DepartmentOfBuild {
  @IsString()
  @Letters(1, 80)
  name!: string;
}

export class ChassisChoice {
  @Matches(ID, isId)
  partId!: string;

  /** Front axle to the rear axle, or to the middle of a tandem, in. */
  @IsNumber()
  @Min(60)
  @Max(400)
  wheelbaseIn!: number;

  @Matches(ID, isId)
  frontAxleId!: string;

  @Matches(ID, isId)
  rearAxleId!: string;

  @Matches(ID, isId)
  roofId!: string;

  /** Seats fitted, driver and officer first. */
  @IsInt()
  @Min(1)
  @Max(12)
  crew!: number;
}

export class BumperChoice {
  @Matches(ID, isId)
  partId!: string;

  @IsArray()
  @ArrayMaxSize(10)
  @Matches(ID, { ...isId, each: true })
  itemIds!: string[];
}

export class TankChoice {
  /** US gallons; 0 is no tank. */
  @IsNumber()
  @Min(0)
  @Max(5000)
  gallons!: number;

  @IsIn(TANK_SHAPE_IDS)
  shape!: TankShapeId;

  /** How far the front of the tank stands behind the front of the body, in. */
  @IsNumber()
  @Min(0)
  @Max(200)
  aftIn!: number;
}

export class FoamChoice {
  @Matches(ID, isId)
  partId!: string;

  /** US gallons of concentrate. */
  @IsNumber()
  @Min(0)
  @Max(300)
  gallons!: number;
}

export class HoseLoad {
  @Matches(ID, isId)
  bedId!: string;

  @Matches(ID, isId)
  hoseId!: string;

  @IsNumber()
  @Min(0)
  @Max(3000)
  lengthFt!: number;
}

export class LaddersChoice {
  @IsIn(['rack', 'tunnel', 'flat', 'top'])
  mountId!: LadderMountId;

  @IsArray()
  @ArrayMaxSize(12)
  @Matches(ID, { ...isId, each: true })
  partIds!: string[];
}

export class BodyChoice {
  @Matches(ID, isId)
  partId!: string;

  @IsNumber()
  @Min(60)
  @Max(360)
  lengthIn!: number;

  @IsIn(['rollUp', 'hinged'])
  doors!: DoorStyle['id'];

  /** How far the bulkhead ahead of the rear wheels stands forward of the wheel opening, in; at it where left out. */
  @MayBeLeftOut()
  @IsNumber()
  @Min(0)
  @Max(80)
  frontDividerIn?: number;

  /** How far the bulkhead behind the rear wheels stands aft of the wheel opening, in; at it where left out. */
  @MayBeLeftOut()
  @IsNumber()
  @Min(0)
  @Max(80)
  rearDividerIn?: number;
}

export class DeviceChoice {
  @Matches(ID, isId)
  partId!: string;

  @Matches(ID, isId)
  outriggersId!: string;
}

export class EquipmentLine {
  @Matches(ID, isId)
  partId!: string;

  @IsInt()
  @Min(1)
  @Max(200)
  count!: number;

  @Matches(/^([LR][1-3]|B1|cab)$/, { message: '$property must be a compartment (L1 to L3, R1 to R3, B1) or cab' })
  compartmentId!: string;
}

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

/** Everything that was chosen for one truck: the build file. Lengths in, weights lb, liquids US gal, hose ft. */
export class BuildSpec {
  @Equals(BUILD_FORMAT)
  format!: typeof BUILD_FORMAT;

  @Equals(BUILD_VERSION)
  version!: typeof BUILD_VERSION;

  @IsString()
  @Letters(1, 80)
  name!: string;

  @Nested(() => DepartmentOfBuild)
  department!: DepartmentOfBuild;

  @IsIn(BUILD_TYPES)
  type!: BuildType;

  @Matches(ID, isId)
  profileId!: string;

  @Nested(() => ChassisChoice)
  chassis!: ChassisChoice;

  @Nested(() => BumperChoice)
  bumper!: BumperChoice;

  /** Left out when the truck has no pump. */
  @MayBeLeftOut()
  @Matches(ID, isId)
  pumpId?: string;

  @Nested(() => TankChoice)
  tank!: TankChoice;

  /** Left out when the truck carries no foam. */
  @MayBeLeftOut()
  @Nested(() => FoamChoice)
  foam?: FoamChoice;

  @IsArray()
  @ArrayMaxSize(20)
  @Nested(() => HoseLoad, 'each')
  hose!: HoseLoad[];

  @Nested(() => LaddersChoice)
  ladders!: LaddersChoice;

  @Nested(() => BodyChoice)
  body!: BodyChoice;

  /** An aerial's device; left out on the others. */
  @MayBeLeftOut()
  @Nested(() => DeviceChoice)
  device?: DeviceChoice;

  @IsArray()
  @ArrayMaxSize(20)
  @Matches(ID, { ...isId, each: true })
  fittingIds!: string[];

  @IsArray()
  @ArrayMaxSize(400)
  @Nested(() => EquipmentLine, 'each')
  equipment!: EquipmentLine[];

  /** What no list has, with its weight and place. */
  @MayBeLeftOut()
  @IsArray()
  @ArrayMaxSize(200)
  @Nested(() => OwnItem, 'each')
  items?: OwnItem[];

  /** Weights that are better known than the catalogue's. */
  @MayBeLeftOut()
  @IsArray()
  @ArrayMaxSize(400)
  @Nested(() => WeightCorrection, 'each')
  corrections?: WeightCorrection[];

  /** The department's own parts that this build names. */
  @MayBeLeftOut()
  @IsArray()
  @ArrayMaxSize(200)
  @Nested(() => OwnPartChoice, 'each')
  ownParts?: OwnPartChoice[];

  /** Choices that nobody has confirmed yet, by their ids. */
  @MayBeLeftOut()
  @IsArray()
  @ArrayMaxSize(100)
  @Matches(ID, { message: '$property must be ids of choices', each: true })
  assumed?: string[];

  @MayBeLeftOut()
  @Nested(() => MoneyLimits)
  money?: MoneyLimits;
}
