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
import { Countable, MayBeLeftOut, Nested } from '../build/index.js';

/** A number that is nothing at all, or enough to reckon with. */
const Figure = (): PropertyDecorator => (target, key) => {
  IsNumber()(target, key as string);
  Countable()(target, key as string);
};

/** Beyond any truck: what is larger is a slip of the keyboard. */
const MOST_IN = 10_000;
const MOST_LB = 10_000_000;
const MOST_FT = 1_000;

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

/** A street that turns by a right angle. */
export class CornerInput {
  @Figure()
  @IsPositive()
  @Max(MOST_FT)
  approachWidthFt!: number;

  @Figure()
  @IsPositive()
  @Max(MOST_FT)
  exitWidthFt!: number;

  /** Of the curb at the inside. */
  @Figure()
  @Min(0)
  @Max(MOST_FT)
  insideRadiusFt!: number;
}

export class TurningInput {
  @Figure()
  @IsPositive()
  @Max(MOST_IN)
  wheelbaseIn!: number;

  /** Between the axles of a tandem; 0 for one axle. */
  @Figure()
  @Min(0)
  @Max(200)
  tandemSpreadIn!: number;

  /** Of the inner front wheel at full lock. */
  @Figure()
  @Min(1)
  @Max(80)
  crampAngleDeg!: number;

  @Figure()
  @IsPositive()
  @Max(200)
  kingpinSpacingIn!: number;

  @Figure()
  @IsPositive()
  @Max(200)
  frontTrackIn!: number;

  @Figure()
  @IsPositive()
  @Max(100)
  tireWidthIn!: number;

  @Figure()
  @Min(0)
  @Max(MOST_IN)
  frontOverhangIn!: number;

  @Figure()
  @IsPositive()
  @Max(1_000)
  bodyWidthIn!: number;

  @MayBeLeftOut()
  @Nested(() => CornerInput)
  corner?: CornerInput;
}

/** An axle on a bridge. */
export class AxleLoadInput {
  /** Along the truck, front to rear. */
  @Figure()
  @Min(-MOST_IN)
  @Max(MOST_IN)
  xIn!: number;

  @Figure()
  @IsPositive()
  @Max(MOST_LB)
  loadLb!: number;
}

export class BridgeInput {
  @IsArray()
  @ArrayMinSize(2)
  @ArrayMaxSize(20)
  @Nested(() => AxleLoadInput, 'each')
  axles!: AxleLoadInput[];
}
