import type { Subject } from '../../kernel/index.js';
import { changes } from './changes.js';
import { fitChecks } from './fit-checks.js';
import { questions } from './questions.js';
import { keepingChecks, limits } from './keeping-checks.js';

export { growth, sideOf } from './keeping-checks.js';
export type { Growth } from './keeping-checks.js';
export { misplacedInWords, saidWhere, wholeBurdens } from './fit-checks.js';
export { freeAfter, freeOn, laysOn, spotFor } from './pack.js';
export type { Free, Spot } from './pack.js';
export { triedAgain, triedFromDoor, triedOnPlan } from './hands.js';
export { lockerViews, numbers, onPlan, surfacePlan } from './views.js';
export type { FittedView, LockerView, SurfacePlan, SurfaceView, ThingOn, ThingView } from './views.js';
export { clearAbout, dropAt, freeNow, spotOn, spotsFor, trialAt, withPlaced, withSpot } from './placing.js';
export type { Trial } from './placing.js';
export { bracketsTable, fittingsTable, mountingOf, pickTable, placeLists, sideMaps } from './map.js';
export type { MountingView, PlaceList, SideMap } from './map.js';
export { aboard, inPlace, mapTable, whereabouts } from './whereabouts.js';
export type { Whereabouts } from './whereabouts.js';
export { carriedLb, isPlaced, misplaced, placed, onSurfaces, outerLb, reachIn, stowed } from './stowed.js';
export type { Load, Misplaced, Placed, Stowed } from './stowed.js';

export {
  answersOf,
  answersTable,
  SCHOOLS,
  solverBy,
  USUAL_WISHES,
  WHERE,
  WHERE_NAMES,
  WISH_NAMES,
} from './plan/index.js';
export type { Answer, AnswersProgress, Rules, Where, Wishes } from './plan/index.js';

/** Every tool in its place: what lies on which shelf, tray and board, and what it asks of that place. */
export const stowing: Subject = {
  id: 'stowing',
  title: 'Places of the equipment',
  under: 'equipment',
  limits,
  checks: [...fitChecks, ...keepingChecks],
  changes,
  questions,
  caution:
    'What lies loose in a compartment flies in a crash: brackets and straps are the mounter’s, ratings the makers’. How cylinders, fuel and contaminated gear ride is the adopted standard’s and the department’s.',
};
