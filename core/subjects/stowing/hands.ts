import type { Evaluation } from '../../kernel/index.js';
import { compartments, insideSize, plateSize, surfaces } from '../../truck/index.js';
import { equipmentShelf, layOf, pieceAs, usualPose } from '../equipment/index.js';
import type { Pose } from '../equipment/index.js';
import { dropAt, trialAt } from './placing.js';
import type { Trial } from './placing.js';
import { stowed } from './stowed.js';
import { onPlan } from './views.js';

function held(evaluation: Evaluation, lineId: string, surfaceId: string, pose?: Pose) {
  const { build } = evaluation;
  const line = build.equipment.lines.find(({ id }) => id === lineId);
  const surface = evaluation.read(surfaces).find(({ id }) => id === surfaceId);
  const of = surface && evaluation.read(compartments).find(({ id }) => id === surface.compartmentId);
  if (!line || !surface || !of) return null;
  const part = pieceAs(equipmentShelf.in(build).part(line.partId), line);
  // On a surface that it looks at otherwise a piece lies as is usual there.
  const before = evaluation.read(stowed).find((one) => one.line.id === lineId)?.lying?.surface.faces;
  const kept = before === undefined || (before === 'up') === (surface.faces === 'up') ? line.pose : undefined;
  const lies = pose ?? kept ?? usualPose(surface);
  return { surface, of, pose: lies, lay: layOf(part, line.count, surface, lies, line.rows) };
}

/** A line let go on a surface by who looks at it from the door, so far from the left end of its compartment; in. */
export function triedFromDoor(
  evaluation: Evaluation,
  lineId: string,
  surfaceId: string,
  uIn: number,
): Trial | null {
  const hand = held(evaluation, lineId, surfaceId);
  if (!hand) return null;
  const { surface, of, pose, lay } = hand;
  // A board that slides out is seen from its edge.
  if (surface.faces === 'front' || surface.faces === 'back')
    return dropAt(evaluation, lineId, surface, 0, pose);
  const x = of.side === 'right' ? insideSize(of).xIn - uIn : uIn;
  return dropAt(evaluation, lineId, surface, x - surface.plate.x0 - lay.all.alongIn / 2, pose);
}

/** A line let go on the plan of a surface, so far from its left end and from its edge or lower end; in. */
export function triedOnPlan(
  evaluation: Evaluation,
  lineId: string,
  surfaceId: string,
  [uIn, vIn]: readonly [number, number],
): Trial | null {
  const hand = held(evaluation, lineId, surfaceId);
  if (!hand) return null;
  const { surface, of, pose, lay } = hand;
  const { alongIn, inIn } = lay.all;
  const at = { alongIn: onPlan(of, surface).along(uIn - alongIn / 2, alongIn), inIn: vIn - inIn / 2 };
  return trialAt(evaluation, lineId, surface, at, pose);
}

/** A line where it lies, in another pose or at another place of its surface. */
export function triedAgain(
  evaluation: Evaluation,
  lineId: string,
  { pose, alongIn, inIn }: { pose?: Pose; alongIn?: number; inIn?: number },
): Trial | null {
  const lying = evaluation.read(stowed).find((one) => one.line.id === lineId)?.lying;
  const hand = lying && held(evaluation, lineId, lying.surface.id, pose);
  if (!lying || !hand) return null;
  const size = plateSize(hand.surface);
  const most = (value: number, room: number, long: number) => Math.max(0, Math.min(value, room - long));
  const at = {
    alongIn: most(alongIn ?? lying.at.alongIn, size.alongIn, hand.lay.all.alongIn),
    inIn: most(inIn ?? lying.at.inIn, size.inIn, hand.lay.all.inIn),
  };
  return trialAt(evaluation, lineId, hand.surface, at, hand.pose, false);
}
