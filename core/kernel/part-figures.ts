import type { Quantity } from '../units/index.js';
import { saidFigure } from './figure.js';

/** One figure of a kind of part: what it is, its unit, what is believable, and where it stands in the part. */
export interface PartFigureField<P> {
  id: string;
  title: string;
  unit: Quantity | 'cents';
  min: number;
  max: number;
  /** Whether the part's weight, and so its certainty, rests on it. */
  weight?: boolean;
  /** What nothing says, where it is no figure: "not stated". */
  none?: string;
  /** Of several that a part allows or not: 1 is yes and 0 is no, and one of them is always yes. */
  yesNo?: true;
  read: (part: P) => number;
  write: (part: P, value: number) => P;
}

/** A figure of a part in words, with its quantity in place. */
export const saidPartFigure = <P>(
  { unit, none, yesNo: isYesNo }: Pick<PartFigureField<P>, 'unit' | 'none' | 'yesNo'>,
  value: number,
): string => {
  if (none !== undefined && !Number.isFinite(value)) return none;
  if (isYesNo) return value === 1 ? 'yes' : 'no';
  return saidFigure({ unit: unit === 'cents' ? '$' : unit }, value);
};

/** A figure that is a field of the part itself. */
export const plain = <P>(
  id: keyof P & string,
  title: string,
  unit: PartFigureField<P>['unit'],
  min: number,
  max: number,
  weight = false,
): PartFigureField<P> => ({
  id,
  title,
  unit,
  min,
  max,
  weight,
  read: (part) => part[id] as number,
  write: (part, value) => ({ ...part, [id]: value }),
});

/** A figure that stands deeper in the part. */
export const within = <P>(
  id: string,
  title: string,
  unit: PartFigureField<P>['unit'],
  [min, max]: [number, number],
  read: (part: P) => number,
  write: (part: P, value: number) => P,
  { weight: isWeight = false, none }: { weight?: boolean; none?: string } = {},
): PartFigureField<P> => ({
  id,
  title,
  unit,
  min,
  max,
  read,
  write,
  ...(isWeight ? { weight: true } : {}),
  ...(none ? { none } : {}),
});

/** Whether a part allows one of several things, where it may. */
export const yesNo = <P>(
  id: string,
  title: string,
  allows: (part: P) => boolean,
  allow: (part: P, yes: boolean) => P,
): PartFigureField<P> => ({
  id,
  title,
  unit: 'count',
  min: 0,
  max: 1,
  yesNo: true,
  read: (part) => Number(allows(part)),
  write: (part, value) => allow(part, value === 1),
});

export const price = <P extends { priceCents: number }>(): PartFigureField<P> =>
  plain<P>('priceCents', 'Price', 'cents', -100_000_000, 500_000_000);

export const weight = <P extends { weightLb: number }>(max: number): PartFigureField<P> =>
  plain<P>('weightLb', 'Weight', 'lb', 0, max, true);

export const size = <
  P extends { lengthIn: number; widthIn: number; heightIn: number },
>(): PartFigureField<P>[] => [
  plain<P>('lengthIn', 'Length', 'in', 0.5, 400),
  plain<P>('widthIn', 'Width', 'in', 0.5, 120),
  plain<P>('heightIn', 'Height', 'in', 0.5, 160),
];
