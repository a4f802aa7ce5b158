import 'reflect-metadata';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsIn, IsInt, IsNumber, IsOptional, IsPositive, IsString, Max, Min } from 'class-validator';
import { Nested } from './rules.js';

export class FrontAxleInput {
  @IsNumber() @IsPositive()
  gawrLb!: number;

  @IsNumber() @IsPositive()
  trackIn!: number;
}

export class RearAxleInput extends FrontAxleInput {
  @IsIn([1, 2])
  axles!: 1 | 2;

  /** Distance between the axles of a tandem, in; 0 for one axle. */
  @IsNumber() @Min(0) @Max(200)
  spreadIn!: number;

  /** Share of a tandem's load on its first axle. */
  @IsNumber() @Min(0) @Max(1)
  frontShare!: number;
}

/** Axles and ratings against which a truck is weighed. */
export class ChassisInput {
  @IsNumber() @IsPositive()
  wheelbaseIn!: number;

  @Nested(() => FrontAxleInput)
  front!: FrontAxleInput;

  @Nested(() => RearAxleInput)
  rear!: RearAxleInput;

  @IsNumber() @IsPositive()
  gvwrLb!: number;

  /** Share of the roll stiffness at the front axle. */
  @IsNumber() @Min(0) @Max(1)
  frontRollShare!: number;
}

/** One thing with weight and place: x aft of the front axle, y to the officer's side, z above the ground. */
export class ItemInput {
  @IsOptional() @IsString()
  name?: string;

  @IsNumber() @Min(0)
  weightLb!: number;

  @IsNumber()
  xIn!: number;

  @IsNumber()
  yIn!: number;

  @IsNumber()
  zIn!: number;

  /** ± percent at 95 %. */
  @IsNumber() @Min(0) @Max(100)
  tolerancePct!: number;
}

export class WeightsInput {
  @Nested(() => ChassisInput)
  chassis!: ChassisInput;

  @IsArray() @ArrayMinSize(1) @ArrayMaxSize(5000) @Nested(() => ItemInput, 'each')
  items!: ItemInput[];
}

/** One box of a tank. */
export class TankBox {
  @IsNumber()
  frontIn!: number;

  @IsNumber()
  centerIn!: number;

  @IsNumber()
  bottomIn!: number;

  @IsNumber() @IsPositive()
  lengthIn!: number;

  @IsNumber() @IsPositive()
  widthIn!: number;

  @IsNumber() @IsPositive()
  heightIn!: number;

  /** Cells across, between lengthwise baffles. */
  @IsInt() @Min(1) @Max(20)
  lateralCells!: number;
}

export class TankInput {
  @IsArray() @ArrayMinSize(1) @ArrayMaxSize(20) @Nested(() => TankBox, 'each')
  boxes!: TankBox[];

  /** What baffles and walls leave of the boxes. */
  @IsNumber() @IsPositive() @Max(1)
  usableFraction!: number;

  @IsNumber() @IsPositive()
  liquidLbPerGal!: number;

  @IsNumber() @Min(0)
  gallons!: number;
}
