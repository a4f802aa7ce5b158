import { boxOf, groupsBy, provide } from '../../kernel/index.js';
import {
  compartments,
  doorway,
  floorOf,
  insideOf,
  insideSize,
  provisions,
  surfaces,
} from '../../truck/index.js';
import type { Compartment, Inside, Provision, Surface } from '../../truck/index.js';
import { roomOver } from './clear.js';
import { placedAll } from './place.js';
import type { Placed } from './place.js';

/** A drawer's sides and bottom, in. */
const DRAWER_WALL_IN = 1;
/** Where nobody says for how much its outer half is rated: half of all. */
const OUTER_SHARE = 0.5;

const KIND: Partial<Record<Placed['part']['kind'], Surface['kind']>> = {
  shelf: 'shelf',
  tray: 'tray',
  tipDown: 'tipDown',
  drawer: 'drawer',
  tubes: 'tubes',
  module: 'module',
  slideBoard: 'board',
  swingBoard: 'board',
};

/** How far a fitting comes out, in: a tray and a slide-out board by their share, a swing-out one by its length. */
export const outOf = ({ part, takes }: Placed): number =>
  (part.outShare ?? 0) * (part.kind === 'swingBoard' ? takes.x1 - takes.x0 : takes.y1 - takes.y0);

/** How high something on a plate may be to come out under the head of the doorway, in. */
const outHigh = (compartment: Compartment, plateIn: number): number =>
  Math.max(0, doorway(compartment).top - plateIn);

const about = ({ line, part, compartment, plate }: Placed, out: number) => ({
  compartmentId: compartment.id,
  kind: KIND[part.kind]!,
  fittingId: line.id,
  ratingLb: part.ratingLb ?? null,
  // A board that swings hangs on its hinge: its maker rates it whole.
  outerLb:
    out > 0 && part.ratingLb && part.kind !== 'swingBoard'
      ? (part.outerLb ?? part.ratingLb * OUTER_SHARE)
      : null,
  outIn: out,
  downIn: part.downIn ?? 0,
  outHighIn: outHigh(compartment, plate.z1),
  tubes: part.tubes ?? null,
});

/** What a fitting carries things on: one surface, or the faces of a board. */
function surfacesOf(placed: Placed, others: readonly Inside[], name: string): Surface[] {
  const { line, part, cells, takes, plate } = placed;
  const { x0, x1, y0, y1, z0, z1 } = plate;
  if (!KIND[part.kind]) return [];
  const of = about(placed, outOf(placed));
  const face = (faces: Surface['faces'], at: Inside, said: string): Surface => {
    const here = { faces, plate: at };
    const most =
      part.kind === 'slideBoard' ? takes.x1 - x1 : part.kind === 'swingBoard' ? takes.y1 - y1 : Infinity;
    return {
      ...of,
      ...here,
      id: `${line.id}.${faces}`,
      name: `${name}${said}`,
      room: roomOver(here, cells, others, most),
    };
  };
  switch (part.kind) {
    case 'slideBoard':
      return [
        face('front', boxOf(x0, x0, y0, y1, z0, z1), ', front face'),
        face('back', boxOf(x1, x1, y0, y1, z0, z1), ', rear face'),
      ];
    case 'swingBoard':
      return [
        face('out', boxOf(x0, x1, y0, y0, z0, z1), ', outer face'),
        face('in', boxOf(x0, x1, y1, y1, z0, z1), ', inner face'),
      ];
    case 'drawer':
    case 'module':
    case 'tubes': {
      // A box of its own: what stands over it takes nothing of its room.
      const wall = part.kind === 'tubes' ? 0 : DRAWER_WALL_IN;
      const bottom = Math.min(takes.z1, takes.z0 + part.thickIn);
      const at = boxOf(takes.x0 + wall, takes.x1 - wall, takes.y0, takes.y1 - wall, bottom, bottom);
      return [{ ...of, faces: 'up', plate: at, id: line.id, name, room: [{ ...at, z1: takes.z1 }] }];
    }
    default: {
      const slides = part.slidesIn ?? 0;
      const at = boxOf(x0 + slides, x1 - slides, y0, y1, z1, z1);
      const here = { faces: 'up' as const, plate: at };
      return [{ ...of, ...here, id: line.id, name, room: roomOver(here, cells, others) }];
    }
  }
}

/** The floor of a compartment where nothing is fitted on it. */
function floorSurface(compartment: Compartment, taken: readonly Inside[]): Surface[] {
  const { xIn, yIn } = insideSize(compartment);
  const cells = compartment.room.map((box) => insideOf(compartment, box));
  const here = { faces: 'up' as const, plate: boxOf(0, xIn, 0, yIn, 0, 0) };
  const room = roomOver(here, cells, taken);
  if (room.length === 0) return [];
  const { id, name } = compartment;
  return [
    {
      ...here,
      outHighIn: outHigh(compartment, 0),
      id: floorOf(id),
      name: `${name}, floor`,
      compartmentId: id,
      kind: 'floor',
      fittingId: null,
      room,
      ratingLb: null,
      outerLb: null,
      outIn: 0,
      downIn: 0,
      tubes: null,
    },
  ];
}

const KIND_NAMES: Record<Surface['kind'], string> = {
  floor: 'floor',
  shelf: 'shelf',
  tray: 'tray',
  tipDown: 'tip-down tray',
  drawer: 'drawer',
  board: 'board',
  tubes: 'tubes',
  module: 'saw module',
};

/** What carriers are called: by kind, numbered from the bottom up where a compartment has several of a kind. */
function namesIn(all: readonly Placed[]): Map<string, string> {
  const names = new Map<string, string>();
  const carriers = all.filter(({ part }) => KIND[part.kind]);
  for (const [id, mine] of groupsBy(carriers, ({ compartment }) => compartment.id))
    for (const [kind, alike] of groupsBy(mine, ({ part }) => KIND[part.kind]!))
      [...alike]
        .sort((a, b) => a.takes.z0 - b.takes.z0 || a.takes.x0 - b.takes.x0)
        .forEach(({ line, compartment }, i) =>
          names.set(
            line.id,
            `${compartment.name ?? id}, ${KIND_NAMES[kind]}${alike.length > 1 ? ` ${i + 1}` : ''}`,
          ),
        );
  return names;
}

/** Boxes that stand still: what is behind one of them does not come out. */
const SHUT: ReadonlySet<Placed['part']['kind']> = new Set(['tubes', 'module', 'drawer']);
const shadowOf = ({ part, takes, compartment }: Placed): Inside =>
  SHUT.has(part.kind) ? { ...takes, y1: Math.max(takes.y1, insideSize(compartment).yIn) } : takes;

/** Everything on which something can lie or hang, compartment by compartment, from the floor up. */
export const surfacesPlace = provide(surfaces, [compartments, placedAll], (all, fitted): Surface[] => {
  const names = namesIn(fitted);
  return all.flatMap((compartment) => {
    const mine = fitted.filter((placed) => placed.compartment.id === compartment.id);
    const made = mine.flatMap((placed) =>
      surfacesOf(
        placed,
        mine.filter((other) => other !== placed).map(shadowOf),
        names.get(placed.line.id) ?? '',
      ),
    );
    return [...floorSurface(compartment, mine.map(shadowOf)), ...made];
  });
});

export const provisionsPlace = provide(provisions, [placedAll], (fitted) => {
  const of: Record<string, Provision> = {};
  for (const { part, compartment } of fitted) {
    const now = of[compartment.id] ?? { outlets: 0, charges: 0, vented: false, locked: false };
    of[compartment.id] = {
      outlets: now.outlets + (part.outlets ?? 0),
      charges: now.charges + (part.charges ?? 0),
      vented: now.vented || part.kind === 'vent',
      locked: now.locked || part.kind === 'lock',
    };
  }
  return of;
});
