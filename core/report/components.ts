import type { Evaluation } from '../review/index.js';
import { sheetOf } from '../study/index.js';
import type { SheetRow } from '../study/index.js';
import { bare, inches, lb } from '../units/index.js';
import type { Row, TableOf } from './kinds.js';

export interface GroupTotal {
  group: string;
  weightLb: number;
  frontLb: number;
  rearLb: number;
}

const totalOf = (group: string, rows: SheetRow[]): GroupTotal =>
  rows.reduce<GroupTotal>((sum, row) => ({ group, weightLb: sum.weightLb + row.weightLb, frontLb: sum.frontLb + row.frontLb, rearLb: sum.rearLb + row.rearLb }), { group, weightLb: 0, frontLb: 0, rearLb: 0 });

/** What each group weighs and puts on each axle in service, in the order in which the groups first appear; lb. */
export const groupTotals = (rows: SheetRow[]): GroupTotal[] => [...new Set(rows.map(({ group }) => group))].map((group) => totalOf(group, rows.filter((row) => row.group === group)));

/** What everything weighs together, lb. */
export const grandTotal = (rows: SheetRow[]): GroupTotal => totalOf('In service', rows);

const totalRow = ({ group, weightLb, frontLb, rearLb }: GroupTotal): Row => ({
  id: `total-${group}`, strong: true, cells: [group, bare(lb(weightLb)), '', '', '', '', '', bare(lb(frontLb)), bare(lb(rearLb))],
});

/** The whole weight sheet: each group with its total, then its components. */
export function componentsTable(evaluation: Evaluation): TableOf {
  const rows = sheetOf(evaluation);
  return {
    title: 'Weight sheet',
    columns: [
      { head: 'Component' }, { head: 'Weight', unit: 'lb', figure: true }, { head: 'x, aft', unit: 'in', figure: true }, { head: 'y, officer’s side', unit: 'in', figure: true }, { head: 'z, up', unit: 'in', figure: true },
      { head: 'Basis' }, { head: '± %', figure: true }, { head: 'On front', unit: 'lb', figure: true }, { head: 'On rear', unit: 'lb', figure: true },
    ],
    rows: [
      ...groupTotals(rows).flatMap((total) => [
        totalRow(total),
        ...rows.filter(({ group }) => group === total.group).map((row): Row => ({
          id: row.id,
          cells: [
            row.name, bare(lb(row.weightLb)), bare(inches(row.xIn)), bare(inches(row.yIn)), bare(inches(row.zIn)), row.corrected ? `${row.basis}, written over` : row.basis,
            String(Number(row.tolerancePct.toFixed(1))), bare(lb(row.frontLb)), bare(lb(row.rearLb)),
          ],
        })),
      ]),
      totalRow(grandTotal(rows)),
    ],
  };
}
