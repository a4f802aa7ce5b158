import 'reflect-metadata';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsPositive, Max, Min } from 'class-validator';
import { MayBeLeftOut, Nested } from '../build/index.js';
import { Figure, MOST_IN, MOST_LB } from './calc-input.js';

/** Beyond any street. */
const MOST_FT = 1_000;

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
