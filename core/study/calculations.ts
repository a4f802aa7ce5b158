import { report } from './report.js';
import { angles } from '../site/index.js';
import { AnglesInput, judge, parseBuild, TankInput, WeightsInput } from '../spec/index.js';
import { tank, weigh } from '../weights/index.js';

/**
 * The calculations of the outside contract by name, from unknown JSON to a result.
 * Each throws BadInput naming the field. To add one, add it here and a route to the server.
 */
export const CALCULATIONS = {
  weights: (input: unknown) => weigh(judge(WeightsInput, input)),
  tank: (input: unknown) => tank(judge(TankInput, input)),
  angles: (input: unknown) => angles(judge(AnglesInput, input)),
  evaluate: (input: unknown) => report(parseBuild(input)),
};
