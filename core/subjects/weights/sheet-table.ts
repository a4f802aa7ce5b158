import { BASIS_NAMES } from '../../build/index.js';
import { reading } from '../../kernel/index.js';
import type { Row, TableOf } from '../../kernel/index.js';
import { bare, inches, lb } from '../../units/index.js';
import { grandTotal, groupTotals, sheetRows } from './sheet.js';
import type { GroupTotal } from './sheet.js';

const totalRow = ({ group, weightLb, frontLb, rearLb }: GroupTotal): Row => ({
  id: `total-${group}`,
  strong: true,
  cells: [group, bare(lb(weightLb)), '', '', '', '', '', bare(lb(frontLb)), bare(lb(rearLb))],
});

/** The whole weight sheet: each group with its total, then its components. */
export const componentsTable = reading('weights', [sheetRows], (rows): TableOf => {
  return {
    title: 'Weight sheet',
    columns: [
      { head: 'Component' },
      { head: 'Weight', unit: 'lb', figure: true },
      { head: 'x, aft', unit: 'in', figure: true },
      { head: 'y, officer’s side', unit: 'in', figure: true },
      { head: 'z, up', unit: 'in', figure: true },
      { head: 'Basis' },
      { head: '± %', figure: true },
      { head: 'On front', unit: 'lb', figure: true },
      { head: 'On rear', unit: 'lb', figure: true },
    ],
    rows: [
      ...groupTotals(rows).flatMap((total) => [
        totalRow(total),
        ...rows
          .filter(({ group }) => group === total.group)
          .map((row): Row => ({
            id: row.id,
            cells: [
              row.name,
              bare(lb(row.weightLb)),
              bare(inches(row.xIn)),
              bare(inches(row.yIn)),
              bare(inches(row.zIn)),
              row.corrected ? `${BASIS_NAMES[row.basis]}, corrected` : BASIS_NAMES[row.basis],
              String(Number(row.tolerancePct.toFixed(1))),
              bare(lb(row.frontLb)),
              bare(lb(row.rearLb)),
            ],
          })),
      ]),
      totalRow(grandTotal(rows)),
    ],
  };
});
