import type { BuildType } from '../../build/index.js';
import { usd } from '../../kernel/index.js';
import type { Material, Origin, Part } from '../../kernel/index.js';

export interface BodyFamily extends Origin {
  id: string;
  name: string;
  types: BuildType[];
  material: Material;
  style: 'full' | 'flatbed';
  lbPerIn: number;
  priceCentsPerIn: number;
  widthIn: number;
  length: { minIn: number; maxIn: number };
  /** Floor of the low compartments and top of the high ones above the ground, in. */
  floorIn: number;
  topIn: number;
  compartmentDepthIn: number;
  /** Frame's height for which floor and top are given; the usual one of its style where left out. */
  frameIn?: number;
}

export interface DoorStyle extends Part {
  style: 'rollUp' | 'hinged';
  /** What a roll-up door's drum takes at the top, inside; none where left out. */
  drum?: { heightIn: number; depthIn: number };
}

const full = (
  id: string,
  name: string,
  material: BodyFamily['material'],
  lbPerIn: number,
  dollarsPerIn: number,
): BodyFamily => ({
  id,
  name,
  types: ['pumper', 'aerial'],
  material,
  style: 'full',
  lbPerIn,
  priceCentsPerIn: usd(dollarsPerIn),
  widthIn: 99,
  length: { minIn: 110, maxIn: 260 },
  floorIn: 23,
  topIn: 92,
  compartmentDepthIn: 27,
});

const flatbed = (
  id: string,
  name: string,
  material: BodyFamily['material'],
  lbPerIn: number,
  dollarsPerIn: number,
): BodyFamily => ({
  id,
  name,
  types: ['brush'],
  material,
  style: 'flatbed',
  lbPerIn,
  priceCentsPerIn: usd(dollarsPerIn),
  widthIn: 94,
  length: { minIn: 84, maxIn: 180 },
  floorIn: 20,
  topIn: 64,
  compartmentDepthIn: 20,
});

/** A body for a light chassis: lower, narrower, with shallower compartments. */
const compact = (
  id: string,
  name: string,
  material: BodyFamily['material'],
  lbPerIn: number,
  dollarsPerIn: number,
): BodyFamily => ({
  ...full(id, name, material, lbPerIn, dollarsPerIn),
  types: ['pumper'],
  widthIn: 96,
  length: { minIn: 84, maxIn: 150 },
  floorIn: 20,
  topIn: 79,
  compartmentDepthIn: 24,
  frameIn: 33,
});

/** Body families; pounds and money for each inch of length, doors included. */
export const BODIES: BodyFamily[] = [
  full('body-aluminum', 'Aluminum body', 'aluminum', 24.5, 720),
  full('body-poly', 'Poly body', 'poly', 24, 760),
  full('body-stainless', 'Stainless steel body', 'stainless', 28.5, 840),
  full('body-galvanized', 'Galvanized steel body', 'galvanized', 31, 610),
  flatbed('bed-aluminum', 'Aluminum flatbed with boxes', 'aluminum', 11.2, 230),
  compact('compact-aluminum', 'Compact aluminum body', 'aluminum', 18.5, 610),
  compact('compact-poly', 'Compact poly body', 'poly', 18, 650),
  flatbed('bed-steel', 'Steel flatbed with boxes', 'steel', 14, 165),
  flatbed('bed-poly', 'Flatbed with poly boxes', 'poly', 11, 255),
];

/** Door styles; weight and price for each compartment, against the roll-up door in the body's figure. */
export const DOOR_STYLES: DoorStyle[] = [
  {
    id: 'rollUp',
    style: 'rollUp',
    name: 'Roll-up doors',
    weightLb: 0,
    priceCents: 0,
    drum: { heightIn: 9, depthIn: 9 },
  },
  { id: 'hinged', style: 'hinged', name: 'Hinged doors', weightLb: 14, priceCents: usd(-350) },
];
