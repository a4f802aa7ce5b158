import { check, limitKind, reading, noneOf } from '../../kernel/index.js';
import type { Subject } from '../../kernel/index.js';
import { counted, lb, listed } from '../../units/index.js';
import { endedWeights, weightsAmend, weightsOf } from './amends.js';
import { axleChecks } from './axle-checks.js';
import { balanceChecks, leastTilt } from './balance-checks.js';
import { weightsBlock } from './block.js';
import { inService } from './states.js';

export { endedWeights } from './amends.js';
export { governing } from './axle-checks.js';
export {
  GROWTH_FIELDS,
  MOST_GROWTH_PCT,
  MOST_STATES,
  OFF_GROUPS,
  OFF_NAMES,
  STATE_FIELDS,
  WEIGHED_FIELDS,
  withGrowth,
  withState,
  withWeighed,
} from './block.js';
export type { Growth, OffGroup, OwnState, WeighedWeight } from './block.js';
export { largest, ofGross, onFront, onRear, worseModel } from './causes.js';
export { certaintyOf } from './certainty.js';
export type { Certainty, Measured, UncertainPart } from './certainty.js';
export { certaintyTable, MEASURED_NAMES, uncertainTable } from './certainty-tables.js';
export { compliancePct, leastTilt } from './balance-checks.js';
export { contributionChart, reserveTable } from './contributions.js';
export { fillingReport } from './filling-report.js';
export type { FillingReport } from './filling-report.js';
export { probabilityWithin, Z_95 } from './normal.js';
export { payload, payloadAt, payloadCurve, payloadInShort, payloadInWords, payloadLeft } from './payload.js';
export type { Payload, PayloadInput, PayloadLeft } from './payload.js';
export { tiltEstimateDeg } from './roll.js';
export { grandTotal, groupTotals, sheetRows, withWeighedOf } from './sheet.js';
export type { GroupTotal, SheetRow } from './sheet.js';
export {
  amountOf,
  basisProblem,
  nameProblem,
  NEW_ROW,
  pasteBlock,
  SHEET_COLUMNS,
  typedNumber,
  whyFixed,
  writeCell,
} from './sheet-edit.js';
export type { CellEdit, Pasting, SheetColumn } from './sheet-edit.js';
export { componentsTable } from './sheet-table.js';
export { sidesTable } from './sides.js';
export {
  fillingAt,
  fillingSweep,
  inService,
  LOAD_STATES,
  loads,
  loadStates,
  partsOf,
  partsTogether,
  treatedAlike,
  weighedStates,
  weighState,
} from './states.js';
export type { Loads, LoadState, WeighedState } from './states.js';
export { statesChart, statesTable } from './states-table.js';
export { weigh, weighMass } from './weigh.js';
export type { AxleWeights, Sides, WeightsInput, WeightsResult } from './weigh.js';

const limits = {
  sideImbalancePct: limitKind('Side to side, share of the axle’s load', '%', 'most', 0.5, 50),
  cgHeightToTrackPct: limitKind(
    'Height of the center of gravity, share of the rear track',
    '%',
    'most',
    30,
    150,
  ),
  tiltDeg: limitKind('Rigid tilt angle', 'deg', 'least', 5, 60),
  tiltEstimateDeg: limitKind('Tilt angle, estimated with tires and springs', 'deg', 'least', 5, 60),
  compliancePct: limitKind('Tires’ and springs’ share of the roll threshold', '%', 'reckon', 0, 50),
  frontSharePct: limitKind('Share of the gross on the front axle', '%', 'least', 5, 60),
  reservePct: limitKind('Reserve of each rating', '%', 'least', 0, 30),
};

/** A weighed weight whose part is no longer there says so until it is taken away. */
const weighedStands = check(
  'weights',
  { id: 'weighedStands', title: 'Weighed weights', steps: [] },
  [weightsOf, endedWeights],
  ({ weighed }, ended) => {
    if (weighed.length === 0) return null;
    const said = ended.map(
      ({ weight: { name, id, weightLb }, now }) =>
        `${lb(weightLb)} of ${name ?? id}${now ? `: now it is ${now.name}` : ', which is gone'}`,
    );
    return noneOf(
      ended.length,
      'caution',
      'A weight belongs to what was weighed',
      ended.length > 0
        ? `No longer counted: ${listed(said)}.`
        : `${counted(weighed.length, 'weight')} corrected from the catalog’s ${weighed.length === 1 ? 'counts' : 'count'}.`,
    );
  },
);

const inServiceFigure = (
  id: string,
  title: string,
  of: (weights: { front: { loadLb: number }; rear: { loadLb: number }; totalLb: number }) => number,
) =>
  ({
    id,
    title,
    short: title.replace(' axle', ''),
    unit: 'lb',
    main: true,
    reading: reading('weights', [inService], ({ weights }) => of(weights)),
  }) as const;

/** What the truck weighs, on which wheels, in which state, and how sure that is. */
export const weights: Subject = {
  id: 'weights',
  title: 'Weights',
  limits,
  block: weightsBlock,
  amends: weightsAmend,
  figures: [
    inServiceFigure('front', 'Front axle', ({ front }) => front.loadLb),
    inServiceFigure('rear', 'Rear axle', ({ rear }) => rear.loadLb),
    {
      ...inServiceFigure('gross', 'Gross', ({ totalLb }) => totalLb),
      positive: true,
      harm: { way: 'up', each: 100 },
    },
    {
      id: 'tilt',
      title: 'Least tilt, estimated',
      unit: 'deg',
      note: 'With tires and springs giving way by the share that the profile says; the certified tilt test decides.',
      reading: reading('weights', [leastTilt], ({ estimateDeg }) => estimateDeg),
    },
    {
      id: 'tiltRigid',
      title: 'Least tilt, rigid',
      unit: 'deg',
      reading: reading('weights', [leastTilt], ({ rigidDeg }) => rigidDeg),
    },
  ],
  checks: [...axleChecks, ...balanceChecks, weighedStands],
};
