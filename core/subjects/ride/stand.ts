/** Ground along a way: its height at a place, in. */
export type Ground = (at: number) => number;

/** A truck on uneven ground: where its front axle touches it, how high, and how far the truck is tipped. */
export interface Stand {
  frontIn: number;
  frontZIn: number;
  /** Of the truck's frame, more than 0 where the tail is higher; radians. */
  tipped: number;
}

/**
 * A truck whose tail lies to the right of its nose, standing on ground with its front axle at a place; flat enough that
 * its wheelbase is as long on a slope as on the level (formulas: station).
 */
export function standOn(ground: Ground, frontIn: number, wheelbaseIn: number): Stand {
  const front = ground(frontIn);
  return { frontIn, frontZIn: front, tipped: Math.atan2(ground(frontIn + wheelbaseIn) - front, wheelbaseIn) };
}
