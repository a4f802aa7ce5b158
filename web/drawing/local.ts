import type { Box, Shape } from '#core/kernel';

/** A cab is drawn about the front axle, which never moves; the others from their foremost point. */
export const frontOf = (shape: Shape): number => (shape.kind === 'cab' ? 0 : shape.box.x0);

/** A shape moved along the truck so that it begins at zero: what is only moved is then the same as before. */
export function fromItsFront(shape: Shape): Shape {
  const by = frontOf(shape);
  if (by === 0) return shape;
  const moved = <T extends { x0: number; x1: number }>(place: T): T => ({
    ...place,
    x0: rounded(place.x0 - by),
    x1: rounded(place.x1 - by),
  });
  const box: Box = moved(shape.box);
  switch (shape.kind) {
    case 'body':
      return { ...shape, box, wheelCut: moved(shape.wheelCut) };
    case 'flatbed':
      return { ...shape, box, wells: shape.wells && moved(shape.wells) };
    case 'preconnects':
    case 'pumpHouse':
      return { ...shape, box, slots: shape.slots.map(moved) };
    case 'turntable':
      return { ...shape, box, pedestal: shape.pedestal.map(moved) };
    case 'compartment':
      return { ...shape, box, room: shape.room.map(moved) };
    case 'tank':
      return { ...shape, box, boxes: shape.boxes.map((b) => ({ ...b, frontIn: rounded(b.frontIn - by) })) };
    default:
      return { ...shape, box };
  }
}

/** A millionth of an inch is no difference. */
const rounded = (inches: number): number => Math.round(inches * 1e6) / 1e6;
