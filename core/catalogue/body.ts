import { usd } from './money.js';
import type { BodyFamily, DoorStyle } from './types.js';

const full = (
  id: string, name: string, material: BodyFamily['material'], lbPerIn: number, dollarsPerIn: number,
): BodyFamily => ({
  id, name, types: ['pumper', 'aerial'], material, style: 'full', lbPerIn, priceCentsPerIn: usd(dollarsPerIn),
  widthIn: 99, length: { minIn: 110, maxIn: 260 }, floorIn: 23, topIn: 92, compartmentDepthIn: 27,
});

const flatbed = (id: string, name: string, material: BodyFamily['material'], lbPerIn: number, dollarsPerIn: number): BodyFamily => ({
  id, name, types: ['brush'], material, style: 'flatbed', lbPerIn, priceCentsPerIn: usd(dollarsPerIn),
  widthIn: 94, length: { minIn: 96, maxIn: 160 }, floorIn: 20, topIn: 64, compartmentDepthIn: 20,
});

/** Body families; pounds and money for each inch of length, doors included. */
export const BODIES: BodyFamily[] = [
  full('body-aluminium', 'Aluminium body', 'aluminium', 24.5, 720),
  full('body-poly', 'Poly body', 'poly', 24, 760),
  full('body-stainless', 'Stainless steel body', 'stainless', 28.5, 840),
  full('body-galvanised', 'Galvanised steel body', 'galvanised', 31, 610),
  flatbed('bed-aluminium', 'Aluminium flatbed with boxes', 'aluminium', 11.2, 230),
  flatbed('bed-steel', 'Steel flatbed with boxes', 'steel', 14, 165),
];

/** Door styles; weight and price for each compartment, against the roll-up door in the body's figure. */
export const DOOR_STYLES: DoorStyle[] = [
  { id: 'rollUp', name: 'Roll-up doors', weightLb: 0, priceCents: 0 },
  { id: 'hinged', name: 'Hinged doors', weightLb: 14, priceCents: usd(-350) },
];
