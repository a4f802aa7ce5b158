import { judge } from '../build/index.js';
import { anglesCalculation } from '../subjects/angles/index.js';
import { bridge } from '../subjects/bridges/index.js';
import { bedHolds } from '../subjects/hose/index.js';
import { house } from '../subjects/index.js';
import { mixing } from '../subjects/foaming/index.js';
import { lineCalculation } from '../subjects/lines/index.js';
import { pumpAtFlow } from '../subjects/pump/index.js';
import { shuttle } from '../subjects/rural/index.js';
import { turning } from '../subjects/streets/index.js';
import { tankCalculation } from '../subjects/tank/index.js';
import { payload, weigh } from '../subjects/weights/index.js';
import { AnglesInput, PayloadInput, TankInput, WeightsInput } from './calc-input.js';
import { FoamInput, ShuttleInput } from './calc-foam-input.js';
import { HoseBedInput } from './calc-hose-input.js';
import { BridgeInput, TurningInput } from './calc-site-input.js';
import { LineInput, PumpInput } from './calc-water-input.js';
import { report } from './report.js';

/**
 * The calculations of the outside contract by name, from unknown JSON to a result.
 * Each throws BadInput naming the field. To add one, add it here and a route to the server.
 */
export const CALCULATIONS = {
  weights: (input: unknown) => weigh(judge(WeightsInput, input)),
  tank: (input: unknown) => tankCalculation(judge(TankInput, input)),
  payload: (input: unknown) => payload(judge(PayloadInput, input)),
  angles: (input: unknown) => anglesCalculation(judge(AnglesInput, input)),
  turning: (input: unknown) => turning(judge(TurningInput, input)),
  bridge: (input: unknown) => bridge(judge(BridgeInput, input)),
  line: (input: unknown) => lineCalculation(judge(LineInput, input)),
  pump: (input: unknown) => pumpAtFlow(judge(PumpInput, input)),
  foam: (input: unknown) => mixing(judge(FoamInput, input)),
  hosebed: (input: unknown) => bedHolds(judge(HoseBedInput, input)),
  shuttle: (input: unknown) => shuttle(judge(ShuttleInput, input)),
  evaluate: (input: unknown) => report(house.parse(input)),
};
