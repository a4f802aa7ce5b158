import { BASIS_NAMES } from '#core/build';
import { SHEET_COLUMNS } from '#core/subjects/weights';
import type { SheetColumn, SheetRow } from '#core/subjects/weights';
import { bare, inches, lb } from '#core/units';

export type Column = SheetColumn | 'group' | 'frontLb' | 'rearLb';

/** The columns of the weight sheet on the screen, from left to right. */
export const COLUMNS: { key: Column; title: string; unit?: 'lb' | 'in' | '%'; figure?: boolean }[] = [
  { key: 'name', title: 'Component' },
  { key: 'weightLb', title: 'Weight', unit: 'lb', figure: true },
  { key: 'xIn', title: 'x, aft', unit: 'in', figure: true },
  { key: 'yIn', title: 'y, officer’s side', unit: 'in', figure: true },
  { key: 'zIn', title: 'z, up', unit: 'in', figure: true },
  { key: 'basis', title: 'Basis' },
  { key: 'tolerancePct', title: 'Tolerance', unit: '%', figure: true },
  { key: 'group', title: 'Group' },
  { key: 'frontLb', title: 'On front axle', unit: 'lb', figure: true },
  { key: 'rearLb', title: 'On rear axle', unit: 'lb', figure: true },
];

export const isWritten = (key: Column): key is SheetColumn =>
  (SHEET_COLUMNS as readonly string[]).includes(key);

/** What stands in a cell, with its figure in place. */
export function cellText(row: SheetRow, key: Column): string {
  const value = row[key];
  if (key === 'basis') return BASIS_NAMES[row.basis];
  if (typeof value !== 'number') return String(value);
  if (key === 'tolerancePct') return String(Number(value.toFixed(1)));
  return bare(key === 'xIn' || key === 'yIn' || key === 'zIn' ? inches(value) : lb(value));
}
