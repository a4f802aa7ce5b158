import { IN3_PER_FT3 } from '../units/index.js';
import type { BuildSpec, TankBox } from '../spec/index.js';
import type { ChosenParts } from './parts.js';
import type { Compartment, Stations } from './types.js';

/** A compartment shorter or shallower than this is not built, in. */
const LEAST_LENGTH_IN = 14;
const LEAST_DEPTH_IN = 9;
/** Clearance of the wheel opening ahead of, behind and above the tyre, in. */
export const WHEEL_CLEAR_IN = 5;
/** Top of the officer's side compartments below ladders that ride on that side, in. */
const UNDER_LADDERS_IN = 66;
/** Slice that a ladder tunnel takes from the officer's side, in. */
export const TUNNEL_IN = 11;

/** The wheel opening of the body: its ends along the truck and its top, in. */
export function wheelCut(wheelbaseIn: number, parts: ChosenParts): { x0: number; x1: number; topIn: number } {
  const half = parts.chassis.rearTyre.diameterIn / 2 + WHEEL_CLEAR_IN + parts.rearAxle.spreadIn / 2;
  return { x0: wheelbaseIn - half, x1: wheelbaseIn + half, topIn: parts.chassis.rearTyre.diameterIn + WHEEL_CLEAR_IN };
}

const tankHalfWidth = (boxes: TankBox[], x0: number, x1: number, z0: number, z1: number) =>
  Math.max(0, ...boxes
    .filter((b) => b.frontIn < x1 && b.frontIn + b.lengthIn > x0 && b.bottomIn < z1 && b.bottomIn + b.heightIn > z0)
    .map((b) => b.widthIn / 2));

interface Opening { id: string; side: 'left' | 'right'; x0: number; x1: number; z0: number; z1: number; depthIn: number }

function sideCompartment(opening: Opening, halfWidth: number, boxes: TankBox[], tunnelIn: number): Compartment | null {
  const { x0, x1, z0, z1, side } = opening;
  const narrowest = Math.min(...boxes.map((b) => b.bottomIn), z1);
  const widest = boxes.reduce((widest, b) => Math.max(widest, b.widthIn), 0);
  const wideFrom = Math.min(...boxes.filter((b) => b.widthIn === widest).map((b) => b.bottomIn), z1);
  const stepZIn = Math.min(z1, Math.max(z0, boxes.length > 1 ? wideFrom : narrowest));
  const tunnel = side === 'right' ? tunnelIn : 0;
  const depthBetween = (from: number, to: number) =>
    from >= to ? opening.depthIn - tunnel : Math.min(opening.depthIn, halfWidth - tankHalfWidth(boxes, x0, x1, from, to) - 1.5) - tunnel;
  const lowerDepthIn = depthBetween(z0, stepZIn);
  const upperDepthIn = depthBetween(stepZIn, z1);
  if (x1 - x0 < LEAST_LENGTH_IN || Math.max(lowerDepthIn, upperDepthIn) < LEAST_DEPTH_IN) return null;
  const lowerIn3 = (x1 - x0) * (stepZIn - z0) * lowerDepthIn;
  const upperIn3 = (x1 - x0) * (z1 - stepZIn) * upperDepthIn;
  const meanDepth = (lowerIn3 * lowerDepthIn + upperIn3 * upperDepthIn) / (lowerIn3 + upperIn3);
  return {
    id: opening.id, side, x0, x1, z0, z1, lowerDepthIn, upperDepthIn, stepZIn,
    centre: {
      xIn: (x0 + x1) / 2,
      yIn: (side === 'left' ? -1 : 1) * (halfWidth - meanDepth / 2),
      zIn: z0 + (z1 - z0) * 0.4,
    },
    volumeFt3: (lowerIn3 + upperIn3) / IN3_PER_FT3,
  };
}

/** The compartments that the body has room for beside wheels, tank and ladders, front to back, then B1. */
export function compartmentsOf(spec: BuildSpec, parts: ChosenParts, at: Stations): Compartment[] {
  const { body } = parts;
  const cut = wheelCut(spec.chassis.wheelbaseIn, parts);
  const flatbed = body.style === 'flatbed';
  const floor = body.floorIn;
  const laddersBeside = !flatbed && (spec.ladders.mountId === 'rack' || spec.ladders.mountId === 'flat') && spec.ladders.partIds.length > 0;
  const tunnelIn = spec.ladders.mountId === 'tunnel' && spec.ladders.partIds.length > 0 ? TUNNEL_IN : 0;

  const openings = (side: 'left' | 'right'): Opening[] => {
    const letter = side === 'left' ? 'L' : 'R';
    const depthIn = body.compartmentDepthIn;
    if (flatbed) {
      return [
        { id: `${letter}1`, side, x0: at.bodyFront + 1, x1: Math.min(cut.x0, at.bodyEnd), z0: floor, z1: at.deckIn - 1, depthIn },
        { id: `${letter}2`, side, x0: at.bodyFront + 8, x1: at.bodyEnd - 8, z0: at.deckIn, z1: body.topIn, depthIn: 15 },
        { id: `${letter}3`, side, x0: Math.max(cut.x1, at.bodyFront), x1: at.bodyEnd - 1, z0: floor, z1: at.deckIn - 1, depthIn },
      ];
    }
    const ahead = Math.min(cut.x0, Math.max(at.bodyFront + 1 + LEAST_LENGTH_IN, cut.x0 - (spec.body.frontDividerIn ?? 0)));
    const behind = Math.max(cut.x1, Math.min(at.bodyEnd - 1 - LEAST_LENGTH_IN, cut.x1 + (spec.body.rearDividerIn ?? 0)));
    const top = side === 'right' && laddersBeside ? UNDER_LADDERS_IN : body.topIn - 3;
    return [
      { id: `${letter}1`, side, x0: at.bodyFront + 1, x1: Math.min(ahead, at.bodyEnd - 1), z0: floor, z1: top, depthIn },
      { id: `${letter}2`, side, x0: Math.max(ahead, at.bodyFront + 1), x1: Math.min(behind, at.bodyEnd - 1), z0: cut.topIn, z1: top, depthIn },
      { id: `${letter}3`, side, x0: Math.max(behind, at.bodyFront + 1), x1: at.bodyEnd - 1, z0: floor, z1: top, depthIn },
    ];
  };

  const sides = [...openings('left'), ...openings('right')]
    .map((opening) => sideCompartment(opening, body.widthIn / 2, at.tankBoxes, tunnelIn))
    .filter((c): c is Compartment => c !== null);
  const rear = flatbed ? null : rearCompartment(parts, at);
  return rear ? [...sides, rear] : sides;
}

function rearCompartment({ body, device }: ChosenParts, at: Stations): Compartment | null {
  const tankEnd = Math.max(at.bodyFront, ...at.tankBoxes.map((b) => b.frontIn + b.lengthIn));
  const depthIn = Math.min(28, at.bodyEnd - tankEnd - 2);
  if (depthIn < LEAST_DEPTH_IN || device) return null;
  const widthIn = body.widthIn - 2 * body.compartmentDepthIn - 4;
  const z0 = 34;
  const z1 = 74;
  return {
    id: 'B1', side: 'rear', x0: at.bodyEnd - depthIn, x1: at.bodyEnd, z0, z1, lowerDepthIn: depthIn, upperDepthIn: depthIn, stepZIn: z1,
    centre: { xIn: at.bodyEnd - depthIn / 2, yIn: 0, zIn: z0 + (z1 - z0) * 0.4 },
    volumeFt3: (depthIn * widthIn * (z1 - z0)) / IN3_PER_FT3,
  };
}
