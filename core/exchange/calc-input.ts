import 'reflect-metadata';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  IsPositive,
  IsString,
  Max,
  Min,
} from 'class-validator';
import { Countable, Nested } from '../build/index.js';

/** A number that is nothing at all, or enough to reckon with. */
export const Figure = (): PropertyDecorator => (target, key) => {
  IsNumber()(target, key as string);
  Countable()(target, key as string);
};

/** Beyond any truck: what is larger is a slip of the keyboard. */
export const MOST_IN = 10_000;
export const MOST_LB = 10_000_000;

export class FrontAxleInput {
  @Figure()
  @IsPositive()
  @Max(MOST_LB)
  gawrLb!: number;

  @Figure()
  @IsPositive()
  @Max(MOST_IN)
  trackIn!: number;
}

export class RearAxleInput extends FrontAxleInput {
  @IsIn([1, 2])
  axles!: 1 | 2;

  /** Distance between the axles of a tandem, in; 0 for one axle. */
  @Figure()
  @Min(0)
  @Max(200)
  spreadIn!: number;

  /** Share of a tandem's load on its first axle. */
  @Figure()
  @Min(0)
  @Max(1)
  frontShare!: number;
}

/** Axles and ratings against which a truck is weighed. */
export class ChassisInput {
  @Figure()
  @IsPositive()
  @Max(MOST_IN)
  wheelbaseIn!: number;

  @Nested(() => FrontAxleInput)
  front!: FrontAxleInput;

  @Nested(() => RearAxleInput)
  rear!: RearAxleInput;

  @Figure()
  @IsPositive()
  @Max(MOST_LB)
  gvwrLb!: number;

  /** Share of the roll stiffness at the front axle. */
  @Figure()
  @Min(0)
  @Max(1)
  frontRollShare!: number;
}

/** One thing with weight and place: x aft of the front axle, y to the officer's side, z above the ground. */
export class ItemInput {
  @IsOptional()
  @IsString()
  name?: string;

  @Figure()
  @Min(0)
  @Max(MOST_LB)
  weightLb!: number;

  @Figure()
  @Min(-MOST_IN)
  @Max(MOST_IN)
  xIn!: number;

  @Figure()
  @Min(-MOST_IN)
  @Max(MOST_IN)
  yIn!: number;

  @Figure()
  @Min(-MOST_IN)
  @Max(MOST_IN)
  zIn!: number;

  /** ± percent at 95 %. */
  @Figure()
  @Min(0)
  @Max(100)
  tolerancePct!: number;
}

export class WeightsInput {
  @Nested(() => ChassisInput)
  chassis!: ChassisInput;

  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(5000)
  @Nested(() => ItemInput, 'each')
  items!: ItemInput[];
}

/** One box of a tank. */
export class TankBox {
  @Figure()
  @Min(-MOST_IN)
  @Max(MOST_IN)
  frontIn!: number;

  @Figure()
  @Min(-MOST_IN)
  @Max(MOST_IN)
  centerIn!: number;

  @Figure()
  @Min(-MOST_IN)
  @Max(MOST_IN)
  bottomIn!: number;

  @Figure()
  @IsPositive()
  @Max(MOST_IN)
  lengthIn!: number;

  @Figure()
  @IsPositive()
  @Max(MOST_IN)
  widthIn!: number;

  @Figure()
  @IsPositive()
  @Max(MOST_IN)
  heightIn!: number;

  /** Cells across, between lengthwise baffles. */
  @IsInt()
  @Min(1)
  @Max(20)
  lateralCells!: number;
}

export class TankInput {
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(20)
  @Nested(() => TankBox, 'each')
  boxes!: TankBox[];

  /** What baffles and walls leave of the boxes. */
  @Figure()
  @IsPositive()
  @Max(1)
  usableFraction!: number;

  @Figure()
  @IsPositive()
  @Max(100)
  liquidLbPerGal!: number;

  @Figure()
  @Min(0)
  gallons!: number;
}

/** What one load state puts on the axles. */
export class StateLoadsInput {
  @IsString()
  name!: string;

  @Figure()
  @Min(-MOST_LB)
  @Max(MOST_LB)
  frontLb!: number;

  @Figure()
  @Min(-MOST_LB)
  @Max(MOST_LB)
  rearLb!: number;
}

export class PayloadInput {
  /** Where weight is added, in aft of the front axle. */
  @Figure()
  @Min(-MOST_IN)
  @Max(MOST_IN)
  xIn!: number;

  @Figure()
  @IsPositive()
  @Max(MOST_IN)
  rearReactionIn!: number;

  @Figure()
  @IsPositive()
  @Max(MOST_LB)
  frontRatingLb!: number;

  @Figure()
  @IsPositive()
  @Max(MOST_LB)
  rearRatingLb!: number;

  @Figure()
  @IsPositive()
  @Max(MOST_LB)
  grossRatingLb!: number;

  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(100)
  @Nested(() => StateLoadsInput, 'each')
  states!: StateLoadsInput[];
}

/** Where the truck comes nearest to the road beyond an axle: how far beyond it and how high. */
export class OverhangInput {
  @Figure()
  @IsPositive()
  @Max(MOST_IN)
  overhangIn!: number;

  @Figure()
  @IsPositive()
  @Max(MOST_IN)
  heightIn!: number;
}

/** The worst low point between the axles, aft of the front one. */
export class LowPointInput {
  @Figure()
  @IsPositive()
  @Max(MOST_IN)
  xIn!: number;

  @Figure()
  @IsPositive()
  @Max(MOST_IN)
  heightIn!: number;
}

export class AnglesInput {
  @Figure()
  @IsPositive()
  @Max(MOST_IN)
  wheelbaseIn!: number;

  @Nested(() => OverhangInput)
  front!: OverhangInput;

  @Nested(() => OverhangInput)
  rear!: OverhangInput;

  @Nested(() => LowPointInput)
  lowPoint!: LowPointInput;
}
