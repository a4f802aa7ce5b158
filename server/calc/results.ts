import { starterBuild } from '#core/demonstration';
import { report } from '#core/exchange';
import { anglesCalculation } from '#core/subjects/angles';
import { bridge } from '#core/subjects/bridges';
import { mixing } from '#core/subjects/foaming';
import { bedHolds } from '#core/subjects/hose';
import { lineCalculation } from '#core/subjects/lines';
import { pumpAtFlow } from '#core/subjects/pump';
import { shuttle } from '#core/subjects/rural';
import { turning } from '#core/subjects/streets';
import { tankCalculation } from '#core/subjects/tank';

import type {
  AnglesInput,
  BridgeInput,
  FoamInput,
  HoseBedInput,
  LineInput,
  PayloadInput,
  PumpInput,
  ShuttleInput,
  TankInput,
  TurningInput,
  WeightsInput,
} from '#core/exchange';
import { payload, weigh } from '#core/subjects/weights';
import { shapeOf } from '../documents/index.js';

const WEIGHTS: WeightsInput = {
  chassis: {
    wheelbaseIn: 190,
    front: { gawrLb: 20_000, trackIn: 83 },
    gvwrLb: 47_000,
    frontRollShare: 0.35,
    rear: { gawrLb: 27_000, trackIn: 73, axles: 1, spreadIn: 0, frontShare: 0.5 },
  },
  items: [{ weightLb: 30_000, xIn: 100, yIn: 0, zIn: 50, tolerancePct: 3 }],
};

const TANK: TankInput = {
  boxes: [
    { frontIn: 100, centerIn: 0, bottomIn: 42, lengthIn: 80, widthIn: 42, heightIn: 50, lateralCells: 1 },
  ],
  usableFraction: 0.97,
  liquidLbPerGal: 8.34,
  gallons: 300,
};

const ANGLES: AnglesInput = {
  wheelbaseIn: 192,
  front: { overhangIn: 86, heightIn: 17.5 },
  rear: { overhangIn: 112, heightIn: 20 },
  lowPoint: { xIn: 100, heightIn: 15 },
};

const PAYLOAD: PayloadInput = {
  xIn: 274,
  rearReactionIn: 200,
  frontRatingLb: 18_000,
  rearRatingLb: 27_000,
  grossRatingLb: 45_000,
  states: [{ name: 'In service', frontLb: 18_494, rearLb: 24_706 }],
};

const TURNING: TurningInput = {
  wheelbaseIn: 192,
  tandemSpreadIn: 0,
  crampAngleDeg: 45,
  kingpinSpacingIn: 70,
  frontTrackIn: 83.5,
  tireWidthIn: 12.4,
  frontOverhangIn: 86,
  bodyWidthIn: 100,
  corner: { approachWidthFt: 24, exitWidthFt: 22, insideRadiusFt: 8 },
};

const BRIDGE: BridgeInput = {
  axles: [
    { xIn: 0, loadLb: 19_100 },
    { xIn: 192, loadLb: 26_800 },
  ],
};

const LINE: LineInput = {
  hose: [{ sizeIn: 1.75, lengthFt: 200 }],
  nozzle: { type: 'smoothBore', tipIn: 0.9375, pressurePsi: 50 },
  elevationFt: 0,
  applianceLossPsi: 0,
};

const PUMP: PumpInput = { ratedGpm: 1_500, flowGpm: 1_200, intakePsi: 0, efficiency: 0.62 };

const FOAM: FoamInput = {
  flowGpm: 70,
  percent: 0.4,
  foamTankGal: 25,
  waterTankGal: 500,
  proportionerGpm: 2.5,
  airCfm: 70,
};

const HOSE_BED: HoseBedInput = {
  bed: { lengthIn: 140, widthIn: 34, depthIn: 26 },
  hose: { flatWidthIn: 8.2, thicknessIn: 0.42, couplingIn: 7, sectionFt: 100, lbPerFt: 1.08 },
  load: 'flat',
  fill: 0.85,
};

const SHUTTLE: ShuttleInput = {
  distanceMiles: 3,
  deliveredShare: 0.9,
  source: { fillGpm: 1_000, handlingMin: 1.5, places: 1 },
  dump: { handlingMin: 1, places: 1 },
  tankers: [{ gallons: 2_000, fillGpm: 1_000, dumpGpm: 1_200 }],
};

/** A shape whose figures may all be null. */
const orNone = ({ properties = {}, ...rest }: ReturnType<typeof shapeOf>) => ({
  ...rest,
  properties: Object.fromEntries(
    Object.entries(properties).map(([key, of]) => [key, { ...of, nullable: true }]),
  ),
});

/** The shapes of the results, read off real ones so that they can't differ from what is answered. */
export const resultSchemas = {
  weights: shapeOf(weigh(WEIGHTS)),
  tank: shapeOf(tankCalculation(TANK)),
  angles: shapeOf(anglesCalculation(ANGLES)),
  payload: shapeOf(payload(PAYLOAD)),
  turning: shapeOf(turning(TURNING)),
  bridge: shapeOf(bridge(BRIDGE)),
  line: shapeOf(lineCalculation(LINE)),
  pump: orNone(shapeOf(pumpAtFlow(PUMP))),
  foam: shapeOf(mixing(FOAM)),
  hosebed: shapeOf(bedHolds(HOSE_BED)),
  shuttle: shapeOf(shuttle(SHUTTLE)),
  evaluate: shapeOf(report(starterBuild('pumper', 'Shape', 'Shape'))),
};
