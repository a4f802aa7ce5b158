import { reading } from '../kernel/index.js';
import type { Component } from '../kernel/index.js';
import { INSIDE, outside } from './truck.js';

/** Outside dimensions of the truck in travel position, in, and what makes it as high as it is. */
export interface Envelope {
  lengthIn: number;
  widthIn: number;
  heightIn: number;
  frontIn: number;
  rearIn: number;
  /** Its outermost on the driver's and on the officer's side, as y. */
  leftIn: number;
  rightIn: number;
  highest: { name: string; heightIn: number };
  nextHighest: { name: string; heightIn: number } | null;
}

/** What of a component is the highest, where that has a name of its own. */
export const TOPS: Partial<Record<string, string>> = {
  cab: 'Cab roof',
  bed: 'Hose bed sides',
  cover: 'Hose bed cover',
};

/** Overall length, width and height from the components' shapes. Mirrors are not counted in the width. */
export function envelopeOf(all: Component[]): Envelope {
  let [frontIn, rearIn, leftIn, rightIn] = [Infinity, -Infinity, Infinity, -Infinity];
  let highest: Envelope['highest'] = { name: 'nothing', heightIn: 0 };
  let nextHighest: Envelope['nextHighest'] = null;
  for (const { name, shapes } of all) {
    let top = 0;
    let kindOfTop = '';
    for (const { box, kind } of shapes) {
      if (INSIDE.has(kind)) continue;
      frontIn = Math.min(frontIn, box.x0);
      rearIn = Math.max(rearIn, box.x1);
      leftIn = Math.min(leftIn, box.y0);
      rightIn = Math.max(rightIn, box.y1);
      if (box.z1 > top) {
        top = box.z1;
        kindOfTop = kind;
      }
    }
    if (top <= (nextHighest?.heightIn ?? 0)) continue;
    const found = { name: TOPS[kindOfTop] ?? name, heightIn: top };
    if (top > highest.heightIn) {
      nextHighest = highest.heightIn > 0 ? highest : null;
      highest = found;
    } else nextHighest = found;
  }
  return {
    lengthIn: rearIn - frontIn,
    widthIn: rightIn - leftIn,
    heightIn: highest.heightIn,
    frontIn,
    rearIn,
    leftIn,
    rightIn,
    highest,
    nextHighest,
  };
}

export const envelope = reading('truck', [outside], envelopeOf);
