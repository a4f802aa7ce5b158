import { reading } from '../../kernel/index.js';
import type { ChartOf, Row, TableOf } from '../../kernel/index.js';
import { components } from '../../truck/index.js';
import { bare, formatPct, lb } from '../../units/index.js';
import { axles } from '../chassis/index.js';
import { grandTotal, groupTotals, sheetRows } from './sheet.js';
import { inService, LOAD_STATES } from './states.js';

/** Which groups make up the load of each axle in service, what loads the front axle most first. */
export const contributionChart = reading('weights', [sheetRows], (rows): ChartOf => {
  const totals = groupTotals(rows).sort((a, b) => b.frontLb - a.frontLb);
  const [first] = totals;
  return {
    kind: 'bars',
    words: `What makes up each axle in service: most of the front axle is ${first!.group.toLowerCase()}, ${lb(first!.frontLb)}; the weight sheet has the figures`,
    x: { title: 'Group', at: totals.map(({ group }) => group) },
    y: { title: 'Load', unit: 'lb' },
    series: [
      { label: 'On the front axle', tone: 'ink', values: totals.map(({ frontLb }) => frontLb) },
      { label: 'On the rear axle', tone: 'water', dash: [4, 2], values: totals.map(({ rearLb }) => rearLb) },
    ],
  };
});

/**
 * Where the reserve of each rating goes: from the truck as delivered to what is left in service, group by
 * group.
 */
export const reserveTable = reading(
  'weights',
  [sheetRows, components, axles, inService],
  (rows, all, on, { weights }): TableOf => {
    const {
      front: { gawrLb: frontLb },
      rear: { gawrLb: rearLb },
      gvwrLb,
    } = on;
    const { front, rear, gvwrMarginLb } = weights;
    const { share } = LOAD_STATES.find(({ id }) => id === 'delivery')!;
    // The reserve for growth counts in every state, but no truck is delivered with it.
    const comesLater = new Set(
      all
        .filter(
          (component) => component.role === 'water' || component.role === 'growth' || share(component) === 0,
        )
        .map(({ id }) => id),
    );
    const delivered = grandTotal(rows.filter(({ id }) => !comesLater.has(id)));
    const row = (
      id: string,
      name: string,
      onFront: number,
      onRear: number,
      gross: number,
      more: Partial<Row> = {},
    ): Row => ({
      id,
      ...more,
      cells: [
        name,
        bare(lb(onFront)),
        formatPct((onFront / frontLb) * 100),
        bare(lb(onRear)),
        formatPct((onRear / rearLb) * 100),
        bare(lb(gross)),
        formatPct((gross / gvwrLb) * 100),
      ],
    });
    return {
      title: 'Where the reserve goes',
      columns: [
        { head: 'What' },
        { head: 'Front', unit: 'lb', figure: true },
        { head: 'of rating', figure: true },
        { head: 'Rear', unit: 'lb', figure: true },
        { head: 'of rating', figure: true },
        { head: 'Gross', unit: 'lb', figure: true },
        { head: 'of rating', figure: true },
      ],
      rows: [
        row('rating', 'Rating', frontLb, rearLb, gvwrLb, { strong: true }),
        row('delivery', 'Truck as delivered', delivered.frontLb, delivered.rearLb, delivered.weightLb),
        ...groupTotals(rows.filter(({ id }) => comesLater.has(id))).map((total) =>
          row(total.group, total.group, total.frontLb, total.rearLb, total.weightLb),
        ),
        row('left', 'Left in service', front.marginLb, rear.marginLb, gvwrMarginLb, {
          strong: true,
          over: [
            ...(front.marginLb < 0 ? [1] : []),
            ...(rear.marginLb < 0 ? [3] : []),
            ...(gvwrMarginLb < 0 ? [5] : []),
          ],
        }),
      ],
    };
  },
);
