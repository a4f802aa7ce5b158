import 'reflect-metadata';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsInt, IsPositive, Max, Min } from 'class-validator';
import { MayBeLeftOut, Nested } from '../build/index.js';
import { Figure } from './calc-input.js';

/** Beyond any flow, tank or compressor. */
const MOST_GPM = 20_000;
const MOST_GAL = 100_000;
const MOST_CFM = 5_000;
const MOST_MIN = 600;

export class FoamInput {
  /** Of the solution: water and concentrate. */
  @Figure()
  @IsPositive()
  @Max(MOST_GPM)
  flowGpm!: number;

  @Figure()
  @Min(0.01)
  @Max(10)
  percent!: number;

  @Figure()
  @Min(0)
  @Max(MOST_GAL)
  foamTankGal!: number;

  @Figure()
  @Min(0)
  @Max(MOST_GAL)
  waterTankGal!: number;

  /** The most concentrate that it gives. */
  @Figure()
  @IsPositive()
  @Max(1_000)
  proportionerGpm!: number;

  @MayBeLeftOut()
  @Figure()
  @Min(0)
  @Max(MOST_CFM)
  airCfm?: number;
}

export class TankerInput {
  @Figure()
  @IsPositive()
  @Max(MOST_GAL)
  gallons!: number;

  @Figure()
  @IsPositive()
  @Max(MOST_GPM)
  fillGpm!: number;

  @Figure()
  @IsPositive()
  @Max(MOST_GPM)
  dumpGpm!: number;
}

/** Where tankers stand: how many at a time, and the minutes that coupling and backing take. */
export class StageInput {
  @Figure()
  @Min(0)
  @Max(MOST_MIN)
  handlingMin!: number;

  @IsInt()
  @Min(1)
  @Max(20)
  places!: number;
}

export class SourceInput extends StageInput {
  /** What one place at the source gives. */
  @Figure()
  @IsPositive()
  @Max(MOST_GPM)
  fillGpm!: number;
}

export class ShuttleInput {
  @Figure()
  @Min(0)
  @Max(500)
  distanceMiles!: number;

  /** Of what a tanker holds, what comes out of it. */
  @Figure()
  @Min(0.01)
  @Max(1)
  deliveredShare!: number;

  @Nested(() => SourceInput)
  source!: SourceInput;

  @Nested(() => StageInput)
  dump!: StageInput;

  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(50)
  @Nested(() => TankerInput, 'each')
  tankers!: TankerInput[];
}
