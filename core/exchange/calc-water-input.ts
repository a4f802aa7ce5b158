import 'reflect-metadata';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsIn, IsInt, IsPositive, Max, Min } from 'class-validator';
import { MayBeLeftOut, Nested } from '../build/index.js';
import { Figure } from './calc-input.js';

/** Beyond any pump, hose or nozzle. */
const MOST_GPM = 20_000;
const MOST_PSI = 2_000;
const MOST_FT = 20_000;

/** Hose of one size; several side by side share the flow. */
export class HoseInput {
  @Figure()
  @IsPositive()
  @Max(20)
  sizeIn!: number;

  @Figure()
  @Min(0)
  @Max(MOST_FT)
  lengthFt!: number;

  @MayBeLeftOut()
  @IsInt()
  @Min(1)
  @Max(10)
  parallel?: number;

  /** Of its friction; the usual one of its size where left out. */
  @MayBeLeftOut()
  @Figure()
  @IsPositive()
  @Max(10_000)
  coefficient?: number;
}

/** A bore says its tip; fog its rating; an automatic nozzle its range and what is wanted of it. */
export class NozzleInput {
  @IsIn(['smoothBore', 'fog', 'automatic'])
  type!: 'smoothBore' | 'fog' | 'automatic';

  @Figure()
  @IsPositive()
  @Max(MOST_PSI)
  pressurePsi!: number;

  @MayBeLeftOut()
  @Figure()
  @IsPositive()
  @Max(12)
  tipIn?: number;

  @MayBeLeftOut()
  @Figure()
  @IsPositive()
  @Max(MOST_GPM)
  ratedGpm?: number;

  @MayBeLeftOut()
  @Figure()
  @IsPositive()
  @Max(MOST_PSI)
  ratedPsi?: number;

  @MayBeLeftOut()
  @Figure()
  @IsPositive()
  @Max(MOST_GPM)
  fromGpm?: number;

  @MayBeLeftOut()
  @Figure()
  @IsPositive()
  @Max(MOST_GPM)
  toGpm?: number;

  @MayBeLeftOut()
  @Figure()
  @IsPositive()
  @Max(MOST_GPM)
  flowGpm?: number;
}

export class LineInput {
  /** One piece after the other, from the pump. */
  @IsArray()
  @ArrayMinSize(0)
  @ArrayMaxSize(20)
  @Nested(() => HoseInput, 'each')
  hose!: HoseInput[];

  @Nested(() => NozzleInput)
  nozzle!: NozzleInput;

  @Figure()
  @Min(-2_000)
  @Max(2_000)
  elevationFt!: number;

  @Figure()
  @Min(0)
  @Max(MOST_PSI)
  applianceLossPsi!: number;

  /** What then flows; the pressure for the nozzle's own is worked out where left out. */
  @MayBeLeftOut()
  @Figure()
  @Min(0)
  @Max(MOST_PSI)
  pumpPressurePsi?: number;
}

export class PumpInput {
  @Figure()
  @IsPositive()
  @Max(MOST_GPM)
  ratedGpm!: number;

  @Figure()
  @Min(0)
  @Max(MOST_GPM)
  flowGpm!: number;

  @Figure()
  @Min(0)
  @Max(MOST_PSI)
  intakePsi!: number;

  /** Of the power at its shaft, what it puts into the water. */
  @Figure()
  @Min(0.01)
  @Max(1)
  efficiency!: number;
}
