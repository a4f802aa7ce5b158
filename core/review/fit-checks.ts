import { inches, formatWhole } from '../units/index.js';
import type { StepId } from '../rig/index.js';
import type { Check, CheckId, Finding } from './types.js';

const DRAWN = 'Geometry of this build';

const fit = (id: CheckId, title: string, steps: StepId[], actual: number, limit: number, words: string): Finding => ({
  id, title, steps, actual, limit, margin: limit - actual, unit: 'in', state: null, basis: DRAWN,
  status: limit - actual < -0.05 ? 'fails' : 'holds', words,
});

export const tankFits: Check = ({ rig }) => {
  const boxes = rig.layout.tankBoxes;
  if (boxes.length === 0) return null;
  const end = Math.max(...boxes.map((b) => b.frontIn + b.lengthIn));
  const { endIn, before } = rig.layout.tankSpace;
  const words = end > endIn ? `The tank reaches ${inches(end - endIn)} beyond the ${before}.` : `${inches(endIn - end)} between tank and ${before}.`;
  return fit('tankFits', 'Tank fits the body', ['tank', 'body'], end, endIn, words);
};

export const hoseFits: Check = ({ rig }) => {
  if (rig.hoseFit.length === 0) return null;
  const tightest = rig.hoseFit.reduce((worst, next) => (next.neededIn - next.depthIn > worst.neededIn - worst.depthIn ? next : worst));
  const { bedName, neededIn, depthIn } = tightest;
  const words = neededIn > depthIn
    ? `${bedName}: the hose stands ${inches(neededIn)} high in a bed ${inches(depthIn)} deep.`
    : `Fullest is ${bedName.toLowerCase()}: ${inches(neededIn)} of ${inches(depthIn)}.`;
  return fit('hoseFits', 'Hose fits its beds', ['hose'], neededIn, depthIn, words);
};

/** Frame and hinges that a ladder needs beyond its bedded length, in (brief: body). */
const LADDER_CLEAR_IN = 4;

export const laddersFit: Check = ({ rig }) => {
  if (rig.carried.ladders.length === 0) return null;
  const needed = Math.max(...rig.carried.ladders.map((l) => l.beddedIn)) + LADDER_CLEAR_IN;
  const room = rig.layout.rearEnd - rig.layout.laddersFrom;
  const words = needed > room ? `The longest ladder needs ${inches(needed)}; where it rides there are ${inches(room)}.` : `The longest needs ${inches(needed)} of ${inches(room)}.`;
  return fit('laddersFit', 'Ladders fit the body', ['ladders', 'body'], needed, room, words);
};

/** Body needed behind the wheel opening, in: a rear wall to carry lamps and doors. */
const BEHIND_WHEEL_IN = 6;

export const wheelsFit: Check = ({ rig }) => {
  const chassis = rig.components.find((c) => c.id === 'chassis')!;
  const last = Math.max(...chassis.shapes.filter((s) => s.kind === 'wheel').map((s) => s.box.x1));
  const needed = last + BEHIND_WHEEL_IN;
  const words = needed > rig.layout.bodyEnd
    ? `The rear wheels end ${inches(needed - rig.layout.bodyEnd)} too far behind for this body: a longer body or a shorter wheelbase.`
    : `The body ends ${inches(rig.layout.bodyEnd - last)} behind the rear tyres.`;
  return fit('wheelsFit', 'Wheels under the body', ['chassis', 'body'], needed, rig.layout.bodyEnd, words);
};

export const equipmentPlace: Check = ({ rig }) => {
  const carried = rig.components.filter((component) => component.role === 'equipment').length;
  if (carried === 0) return null;
  const [first] = rig.moved;
  const more = rig.moved.length > 1 ? ` and ${formatWhole(rig.moved.length - 1)} more` : '';
  return {
    id: 'equipmentPlace', title: 'Equipment in its place', status: first ? 'caution' : 'holds', actual: rig.moved.length, limit: 0, margin: 0 - rig.moved.length, unit: 'pieces',
    state: null, basis: DRAWN, steps: ['equipment'],
    words: first
      ? `${first.name}${more}: this body has no ${first.asked}; weighed in ${first.rides} until another place is chosen.`
      : `All ${formatWhole(carried)} lines ride where they were put.`,
  };
};
