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

/** What a component is called where it is the highest. */
const highName = ({ id, name }: Component): string => (id === 'chassis' ? 'Cab roof' : id === 'body' ? 'Hose bed sides' : name);

/** Overall length, width and height from the components' shapes. Mirrors are not counted in the width. */
export function envelopeOf(rig: Rig): Envelope {
  let frontIn = Infinity;
  let rearIn = -Infinity;
  let left = Infinity;
  let right = -Infinity;
  const tops: { component: Component; heightIn: number }[] = [];
  for (const component of rig.components) {
    let heightIn = 0;
    for (const { box, kind } of component.shapes) {
      if (kind === 'stowed' || kind === 'ownItem') continue;
      frontIn = Math.min(frontIn, box.x0);
      rearIn = Math.max(rearIn, box.x1);
      left = Math.min(left, box.y0);
      right = Math.max(right, box.y1);
      heightIn = Math.max(heightIn, box.z1);
    }
    if (heightIn > 0) tops.push({ component, heightIn });
  }
  tops.sort((a, b) => b.heightIn - a.heightIn);
  const named = ({ component, heightIn }: (typeof tops)[number]) => ({ name: highName(component), heightIn });
  const highest = tops[0]!;
  return {
    lengthIn: rearIn - frontIn, widthIn: right - left, heightIn: highest.heightIn, frontIn, rearIn,
    highest: named(highest), nextHighest: tops[1] ? named(tops[1]) : null,
  };
}
