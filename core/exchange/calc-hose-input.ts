import 'reflect-metadata';
import { IsIn, IsPositive, Max, Min } from 'class-validator';
import { Nested } from '../build/index.js';
import { Figure, MOST_IN } from './calc-input.js';

/** Thinner, narrower or smaller than any hose, in. */
const LEAST_IN = 0.01;

export class BedInput {
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
  depthIn!: number;
}

export class PackedHoseInput {
  @Figure()
  @Min(LEAST_IN)
  @Max(100)
  flatWidthIn!: number;

  /** Of one lay: both of its walls. */
  @Figure()
  @Min(LEAST_IN)
  @Max(100)
  thicknessIn!: number;

  @Figure()
  @Min(LEAST_IN)
  @Max(100)
  couplingIn!: number;

  @Figure()
  @Min(1)
  @Max(1_000)
  sectionFt!: number;

  /** With its couplings. */
  @Figure()
  @IsPositive()
  @Max(100)
  lbPerFt!: number;
}

export class HoseBedInput {
  @Nested(() => BedInput)
  bed!: BedInput;

  @Nested(() => PackedHoseInput)
  hose!: PackedHoseInput;

  @IsIn(['flat', 'edge', 'horseshoe'])
  load!: 'flat' | 'edge' | 'horseshoe';

  /** Share of the bed that the hose fills. */
  @Figure()
  @IsPositive()
  @Max(1)
  fill!: number;
}
