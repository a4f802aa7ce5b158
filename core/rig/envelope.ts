import type { Component, Rig } from './types.js';

/** Outside dimensions of the truck in travel position, in, and what makes it as high as it is. */
export interface Envelope {
  lengthIn: number;
  widthIn: number;
  heightIn: number;
  frontIn: number;
  rearIn: number;
  highest: { name: string; heightIn: number };
  nextHighest: { name: string; heightIn: number } | null;
}

const topOf = (component: Component) => Math.max(...component.shapes.map((shape) => shape.box.z1));

/** Overall length, width and height from the components' shapes. Mirrors are not counted in the width. */
export function envelopeOf(rig: Rig): Envelope {
  let frontIn = Infinity;
  let rearIn = -Infinity;
  let left = Infinity;
  let right = -Infinity;
  const tops: { name: string; heightIn: number }[] = [];
  for (const component of rig.components) {
    if (component.shapes.length === 0) continue;
    for (const { box } of component.shapes) {
      frontIn = Math.min(frontIn, box.x0);
      rearIn = Math.max(rearIn, box.x1);
      left = Math.min(left, box.y0);
      right = Math.max(right, box.y1);
    }
    tops.push({ name: component.id === 'chassis' ? 'Cab roof' : component.id === 'body' ? 'Hose bed sides' : component.name, heightIn: topOf(component) });
  }
  tops.sort((a, b) => b.heightIn - a.heightIn);
  const highest = tops[0]!;
  return {
    lengthIn: rearIn - frontIn, widthIn: right - left, heightIn: highest.heightIn, frontIn, rearIn, highest, nextHighest: tops[1] ?? null,
  };
}
