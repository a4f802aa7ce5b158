import { each, overlapIn, settling } from '../kernel/index.js';
import type { Box, Component } from '../kernel/index.js';
import { solidsOf } from './solids.js';
import type { Solid } from './solids.js';
import { clumps } from './truck.js';

/** Two things that would stand in the same room, and by how much either must move to be clear of the other, in. */
export interface Clash {
  a: Component;
  b: Component;
  byIn: number;
}

type Kind = Solid['kind'];

/** What may reach into each other, and why: everything else may not. */
const BELONG_TOGETHER: readonly { pair: readonly [Kind, Kind]; because: string }[] = [
  { pair: ['hose', 'bed'], because: 'hose lies in its bed' },
  { pair: ['hose', 'well'], because: 'hose lies in its well' },
  { pair: ['hose', 'bumper'], because: 'the well is set into the bumper' },
  { pair: ['well', 'bumper'], because: 'the well is set into the bumper' },
  { pair: ['winch', 'bumper'], because: 'a winch stands within the bumper' },
  { pair: ['receiver', 'bumper'], because: 'a receiver is welded through the bumper' },
  { pair: ['receiver', 'frame'], because: 'a receiver is bolted between the rails' },
  { pair: ['receiver', 'cab'], because: 'a receiver reaches under the grille' },
  { pair: ['suction', 'bumper'], because: 'the suction comes up through the bumper' },
  { pair: ['ownItem', 'compartment'], because: 'an extra item may ride in a compartment' },
  { pair: ['locker', 'cab'], because: 'a locker is built into the cab' },
  { pair: ['ladder', 'rack'], because: 'ladders lie in their rack' },
  { pair: ['longPiece', 'rack'], because: 'long pieces lie in their rack' },
  { pair: ['ladder', 'section'], because: 'a ladder rides on the rungs of a section' },
  { pair: ['longPiece', 'section'], because: 'a long piece rides on the rungs of a section' },
  { pair: ['torqueBox', 'outrigger'], because: 'outriggers are bolted to the torque box' },
  { pair: ['torqueBox', 'stairs'], because: 'stairs climb over the torque box' },
  { pair: ['frame', 'stairs'], because: 'stairs stand around the rails' },
  { pair: ['turntable', 'section'], because: 'the base section is pinned to the turntable' },
  { pair: ['section', 'section'], because: 'each section slides in the one before' },
  { pair: ['section', 'platform'], because: 'the platform hangs at the tip' },
  { pair: ['frame', 'pumpHouse'], because: 'the pump hangs between the rails' },
  { pair: ['frame', 'preconnects'], because: 'the module stands around the rails' },
  { pair: ['frame', 'fuelTank'], because: 'the chassis maker hangs its tank on the rail' },
  { pair: ['cab', 'fuelTank'], because: 'the chassis maker hangs its tank under the steps' },
  { pair: ['frame', 'bumper'], because: 'the rails carry the bumper' },
  { pair: ['cab', 'bumper'], because: 'the bumper is drawn up to the grille that it is made for' },
];

const allowed = new Set(BELONG_TOGETHER.flatMap(({ pair: [a, b] }) => [`${a} ${b}`, `${b} ${a}`]));

/** How far a box reaches into a wheel, which is a cylinder and springs up (formulas: room), in. */
function intoWheelIn(wheel: Box, travelIn: number, box: Box): number {
  const across = Math.min(wheel.y1, box.y1) - Math.max(wheel.y0, box.y0);
  if (across <= 0) return 0;
  const radius = (wheel.x1 - wheel.x0) / 2;
  const middle = (wheel.x0 + wheel.x1) / 2;
  const [low, high] = [wheel.z0 + radius, wheel.z0 + radius + travelIn];
  const along = Math.max(box.x0 - middle, middle - box.x1, 0);
  const up = Math.max(box.z0 - high, low - box.z1, 0);
  return Math.max(0, Math.min(across, radius - Math.hypot(along, up)));
}

/** No tape shows less, in. */
const LEAST_IN = 0.25;

/** How far two solids reach into each other, in; 0 where they belong together or are apart. */
export function clashIn(a: Solid, b: Solid): number {
  if (a.component === b.component) return 0;
  let byIn: number;
  if (a.travelIn !== undefined) byIn = intoWheelIn(a.box, a.travelIn, b.box);
  else if (b.travelIn !== undefined) byIn = intoWheelIn(b.box, b.travelIn, a.box);
  else byIn = overlapIn(a.box, b.box);
  return byIn < LEAST_IN || allowed.has(`${a.kind} ${b.kind}`) ? 0 : byIn;
}

/** Beside or over each other: most pairs, told apart without reckoning how far. */
const apart = ({ box: a, topIn }: Solid, { box: b, topIn: top }: Solid): boolean =>
  a.y1 <= b.y0 || b.y1 <= a.y0 || topIn <= b.z0 || top <= a.z0;

/**
 * What runs into what, worst first. Solids are swept along the truck, so that only those that meet there are
 * looked at: an edit can afford it.
 */
function clashesAmong(solids: readonly Solid[]): Clash[] {
  const placeOf = (component: Component) => solids.findIndex((solid) => solid.component === component);
  const found = new Map<Component, Map<Component, number>>();
  const open: Solid[] = [];
  for (const solid of [...solids].sort((a, b) => a.box.x0 - b.box.x0)) {
    let still = 0;
    for (const other of open) {
      if (other.box.x1 <= solid.box.x0) continue;
      open[still++] = other;
      if (apart(other, solid)) continue;
      const byIn = clashIn(other, solid);
      if (byIn === 0) continue;
      // A pair is told in the order of the components, by the deepest of its overlaps.
      const first = placeOf(other.component) < placeOf(solid.component);
      const [a, b] = first ? [other.component, solid.component] : [solid.component, other.component];
      const of = found.get(a) ?? new Map<Component, number>();
      found.set(a, of.set(b, Math.max(of.get(b) ?? 0, byIn)));
    }
    open.length = still;
    open.push(solid);
  }
  return [...found]
    .flatMap(([a, of]) => [...of].map(([b, byIn]) => ({ a, b, byIn })))
    .sort((one, other) => other.byIn - one.byIn);
}

/** What runs into what among some components, worst first. */
export const clashesOf = (all: readonly Component[]): Clash[] => clashesAmong(all.flatMap(solidsOf));

/** By hand, since most components are gear and have none. */
const solids = each('truck', clumps, (clump) => {
  const all: Solid[] = [];
  for (const component of clump) for (const solid of solidsOf(component)) all.push(solid);
  return all;
});

/** What runs into what on this truck, worst first. */
export const clashes = settling('truck', [solids], (lists) => clashesAmong(lists.flat()));
