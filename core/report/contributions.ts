import type { Evaluation } from '../review/index.js';
import { sheetOf } from '../study/index.js';
import { bare, formatPct, lb } from '../units/index.js';
import { LOAD_STATES } from '../weights/index.js';
import { grandTotal, groupTotals } from './components.js';
import type { ChartOf, Row, TableOf } from './kinds.js';

/** Which groups make up the load of each axle in service, what loads the front axle most first. */
export function contributionChart(evaluation: Evaluation): ChartOf {
  const totals = groupTotals(sheetOf(evaluation)).sort((a, b) => b.frontLb - a.frontLb);
  const [first] = totals;
  return {
    kind: 'bars', words: `What makes up each axle in service: most of the front axle is ${first!.group.toLowerCase()}, ${lb(first!.frontLb)}; the weight sheet has the figures`,
    x: { title: 'Group', at: totals.map(({ group }) => group) }, y: { title: 'Load', unit: 'lb' },
    series: [
      { label: 'On the front axle', tone: 'ink', values: totals.map(({ frontLb }) => frontLb) },
      { label: 'On the rear axle', tone: 'water', dash: [4, 2], values: totals.map(({ rearLb }) => rearLb) },
    ],
  };
}

/** Where the reserve of each rating goes: from the truck as delivered to what is left in service, group by group. */
export function reserveTable(evaluation: Evaluation): TableOf {
  const { rig, states } = evaluation;
  const { front: { gawrLb: frontLb }, rear: { gawrLb: rearLb }, gvwrLb } = rig.axles;
  const { front, rear, gvwrMarginLb } = states[0]!.weights;
  const { share } = LOAD_STATES.find(({ id }) => id === 'delivery')!;
  // The reserve for growth counts in every state, but no truck is delivered with it.
  const comesLater = new Set(rig.components.filter((component) => component.role === 'water' || component.role === 'growth' || share(component) === 0).map(({ id }) => id));
  const rows = sheetOf(evaluation);
  const delivered = grandTotal(rows.filter(({ id }) => !comesLater.has(id)));
  const row = (id: string, name: string, onFront: number, onRear: number, gross: number, more: Partial<Row> = {}): Row => ({
    id, ...more, cells: [name, bare(lb(onFront)), formatPct((onFront / frontLb) * 100), bare(lb(onRear)), formatPct((onRear / rearLb) * 100), bare(lb(gross)), formatPct((gross / gvwrLb) * 100)],
  });
  return {
    title: 'Where the reserve goes',
    columns: [{ head: 'What' }, { head: 'Front', unit: 'lb', figure: true }, { head: 'of rating', figure: true }, { head: 'Rear', unit: 'lb', figure: true }, { head: 'of rating', figure: true }, { head: 'Gross', unit: 'lb', figure: true }, { head: 'of rating', figure: true }],
    rows: [
      row('rating', 'Rating', frontLb, rearLb, gvwrLb, { strong: true }),
      row('delivery', 'Truck as delivered', delivered.frontLb, delivered.rearLb, delivered.weightLb),
      ...groupTotals(rows.filter(({ id }) => comesLater.has(id))).map((total) => row(total.group, total.group, total.frontLb, total.rearLb, total.weightLb)),
      row('left', 'Left in service', front.marginLb, rear.marginLb, gvwrMarginLb, { strong: true, over: [...(front.marginLb < 0 ? [1] : []), ...(rear.marginLb < 0 ? [3] : []), ...(gvwrMarginLb < 0 ? [5] : [])] }),
    ],
  };
}
