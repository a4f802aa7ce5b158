import 'reflect-metadata';
import {
  ArrayMaxSize, Equals, IsArray, IsIn, IsInt, IsNumber, IsString, Matches, Max, Min,
} from 'class-validator';
import { BUILD_TYPES, TANK_SHAPE_IDS } from '../catalogue/index.js';
import type { BuildType, DoorStyle, LadderMountId, TankShapeId } from '../catalogue/index.js';
import { GrowthReserve, MoneyLimits, OwnItem, OwnPartChoice, OwnProfile, OwnState, WeightCorrection } from './own-things.js';
import { ID, isId, Letters, MayBeLeftOut, Nested } from './rules.js';

export const BUILD_FORMAT = 'baros-build';
/** Version of the build file that this Baros writes. */
export const BUILD_VERSION = 2;

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

  @Matches(ID, { message: '$property must be the id of a limit profile (letters, digits, dots and dashes)' })
  profileId!: string;

  /** The limits that `profileId` names, where they are the department's own. */
  @MayBeLeftOut()
  @Nested(() => OwnProfile)
  ownProfile?: OwnProfile;

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

  /** Counts in every check. */
  @MayBeLeftOut()
  @Nested(() => GrowthReserve)
  growth?: GrowthReserve;

  /** Load states beside the usual ones. */
  @MayBeLeftOut()
  @IsArray()
  @ArrayMaxSize(12)
  @Nested(() => OwnState, 'each')
  states?: OwnState[];
}
