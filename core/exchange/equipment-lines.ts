import { freshId } from '../build/index.js';
import type { Build } from '../build/index.js';
import { equipmentShelf, YET } from '../subjects/equipment/index.js';
import type { EquipmentLine, Need } from '../subjects/equipment/index.js';
import { IN3_PER_FT3 } from '../units/index.js';
import { OTHER } from './equipment-columns.js';
import type { Listed } from './equipment-columns.js';

/** Where a list does not say how large a piece is: loose gear weighs about so much a cubic foot, as a box of 3 by 2 by 1½. */
const LB_PER_FT3 = 15;
const SHAPE = [3, 2, 1.5] as const;

/** The size of a piece of which only the weight is known, in; to the half inch. */
export function assumedSize(weightLb: number): { lengthIn: number; widthIn: number; heightIn: number } {
  const volume = (weightLb / LB_PER_FT3) * IN3_PER_FT3;
  const side = Math.cbrt(volume / (SHAPE[0] * SHAPE[1] * SHAPE[2]));
  const [lengthIn, widthIn, heightIn] = SHAPE.map((share) => Math.max(1, Math.round(side * share * 2) / 2));
  return { lengthIn: lengthIn!, widthIn: widthIn!, heightIn: heightIn! };
}

/** What of a line is as the catalog has it need not be said. */
export function lineOf(listed: Partial<Listed>, build: Build): EquipmentLine {
  const {
    partId = OTHER,
    count = 1,
    compartmentId = YET,
    weightLb,
    lengthIn,
    widthIn,
    heightIn,
    ...rest
  } = listed;
  const part = equipmentShelf.in(build).part(partId);
  const own = partId === OTHER;
  const sized = lengthIn !== undefined && widthIn !== undefined && heightIn !== undefined;
  const pounds = weightLb ?? part.weightLb;
  const size =
    own && !sized
      ? { ...assumedSize(pounds), ...clean({ lengthIn, widthIn, heightIn }) }
      : { lengthIn, widthIn, heightIn };
  const guessed = own
    ? !sized && weightLb === undefined
      ? 'both'
      : !sized
        ? 'size'
        : weightLb === undefined
          ? 'weight'
          : undefined
    : undefined;
  const known = clean({ weightLb, ...size });
  const differs = Object.fromEntries(
    Object.entries(known).filter(([key, value]) => own || !isAlike(part[key as 'weightLb'], value as number)),
  );
  const { group, often, needs, stacks, assumed, ...others } = rest;
  return {
    id: freshId(),
    partId,
    count,
    compartmentId,
    ...clean(others),
    ...differs,
    ...(stacks !== undefined && stacks !== part.stacks ? { stacks } : {}),
    ...(group !== undefined && group !== part.group ? { group } : {}),
    ...(often !== undefined && often !== (part.often ?? 'yearly') ? { often } : {}),
    ...(needs !== undefined && !sameNeeds(needs, part.needs ?? []) ? { needs } : {}),
    ...((assumed ?? guessed) ? { assumed: assumed ?? guessed } : {}),
  } as EquipmentLine;
}

/** Alike but for what going there and back through another unit leaves. */
const isAlike = (a: number, b: number): boolean => Math.abs(a - b) <= 1e-9 * Math.max(1, Math.abs(a));

const clean = <T extends object>(of: T): Partial<T> =>
  Object.fromEntries(Object.entries(of).filter(([, value]) => value !== undefined)) as Partial<T>;
const sameNeeds = (a: readonly Need[], b: readonly Need[]): boolean =>
  a.length === b.length && a.every((need) => b.includes(need));

/** A build with another list. */
export const withLinesOf = (build: Build, lines: EquipmentLine[]): Build => ({
  ...build,
  equipment: { ...build.equipment, lines },
});
