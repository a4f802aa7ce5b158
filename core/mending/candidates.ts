import type { CheckId } from '../review/index.js';
import type { Rig } from '../rig/index.js';
import type { BuildSpec } from '../spec/index.js';
import type { Candidate, Generator } from './change.js';
import { cheaperParts, largerPump, largerTank, moreCrosslays, moreHose, moreLadders, moreSeats, otherChassis, settleEquipment, shorterBumper, withoutLadder } from './of-content.js';
import { axleRating, bodyLength, ladderMount, lessHose, lighterBody, lighterBumper, moveItem, smallerTank, tankPlace, tankShape, wheelbase, withoutBumperItem } from './of-weight.js';

/** What may mend a load, a balance or a height. To add a kind of change, add a function to the lists that it belongs to. */
const OF_WEIGHT: Generator[] = [tankPlace, wheelbase, axleRating, smallerTank, tankShape, lighterBumper, withoutBumperItem, lighterBody, moveItem, lessHose];

const OF_OTHERS: Partial<Record<CheckId, Generator[]>> = {
  frontShare: [...OF_WEIGHT, bodyLength],
  frontLeast: [...OF_WEIGHT, bodyLength],
  sideFront: [...OF_WEIGHT, ladderMount],
  sideRear: [...OF_WEIGHT, ladderMount],
  frameMoment: [...OF_WEIGHT, bodyLength, otherChassis],
  approach: [shorterBumper, withoutBumperItem, otherChassis],
  departure: [bodyLength, wheelbase, otherChassis],
  typeGvwr: [otherChassis],
  pumpLeast: [largerPump],
  tankLeast: [largerTank],
  seats: [moreSeats],
  hoseBeds: [bodyLength, tankShape, smallerTank],
  preconnects: [moreCrosslays],
  supplyHose: [moreHose],
  attackHose: [moreHose],
  hose15: [moreHose],
  hose1: [moreHose],
  compartments: [bodyLength, tankShape, ladderMount],
  groundLadders: [moreLadders],
  roofLadder: [moreLadders],
  extensionLadder: [moreLadders],
  atticLadder: [moreLadders],
  tankFits: [tankPlace, smallerTank, tankShape, bodyLength],
  hoseFits: [lessHose, tankShape, bodyLength],
  laddersFit: [withoutLadder, ladderMount, bodyLength],
  wheelsFit: [bodyLength, wheelbase],
  budget: [cheaperParts, withoutBumperItem, otherChassis],
  equipmentPlace: [settleEquipment, bodyLength, wheelbase],
};

/** The changes that this build's catalogue allows and that may mend a check, none of them judged yet. */
export const candidatesFor = (spec: BuildSpec, rig: Rig, check: CheckId): Candidate[] =>
  (OF_OTHERS[check] ?? OF_WEIGHT).flatMap((generate) => generate(spec, rig)).filter((candidate) => candidate.steps.length > 0);
