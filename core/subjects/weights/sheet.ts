import type { Basis, Build } from '../../build/index.js';
import { reading } from '../../kernel/index.js';
import type { Component } from '../../kernel/index.js';
import { components, rearShareAt } from '../../truck/index.js';
import { cutText } from '../../units/index.js';
import { axles } from '../chassis/index.js';
import { withWeighed } from './block.js';
import type { WeighedWeight } from './block.js';

/** One line of the weight sheet. Lb and in; its share on each axle in service. */
export interface SheetRow {
  id: string;
  name: string;
  /** How many of its part weigh together. */
  count: number;
  group: string;
  weightLb: number;
  /** What one of several weighs, lb; null where it is one. */
  eachLb: number | null;
  xIn: number;
  yIn: number;
  zIn: number;
  basis: Basis;
  tolerancePct: number;
  frontLb: number;
  rearLb: number;
  /** Why its weight can't be given here; null where it can. */
  fixed: string | null;
  corrected: boolean;
  /** Whether it is an item of the department's own. */
  item: boolean;
}

/** Every component of a build with its place, its certainty and what it puts on each axle. */
export const sheetRows = reading('weights', [components, axles], (all, on): SheetRow[] =>
  all.map((c) => {
    const rearShare = rearShareAt(on, c.xIn);
    return {
      id: c.id,
      name: c.name,
      count: c.made.count,
      group: c.group,
      weightLb: c.weightLb,
      eachLb: c.made.count > 1 ? c.weightLb / c.made.count : null,
      xIn: c.xIn,
      yIn: c.yIn,
      zIn: c.zIn,
      basis: c.basis,
      tolerancePct: c.tolerancePct,
      rearLb: c.weightLb * rearShare,
      frontLb: c.weightLb * (1 - rearShare),
      fixed: c.follows ?? null,
      corrected: c.catalogued !== undefined,
      item: c.role === 'item',
    };
  }),
);

export interface GroupTotal {
  group: string;
  weightLb: number;
  frontLb: number;
  rearLb: number;
}

const totalOf = (group: string, rows: readonly SheetRow[]): GroupTotal =>
  rows.reduce<GroupTotal>(
    (sum, row) => ({
      group,
      weightLb: sum.weightLb + row.weightLb,
      frontLb: sum.frontLb + row.frontLb,
      rearLb: sum.rearLb + row.rearLb,
    }),
    { group, weightLb: 0, frontLb: 0, rearLb: 0 },
  );

/** What each group weighs and puts on each axle in service, in the order in which the groups first appear; lb. */
export const groupTotals = (rows: readonly SheetRow[]): GroupTotal[] =>
  [...new Set(rows.map(({ group }) => group))].map((group) =>
    totalOf(
      group,
      rows.filter((row) => row.group === group),
    ),
  );

/** What everything weighs together, lb. */
export const grandTotal = (rows: readonly SheetRow[]): GroupTotal => totalOf('In service', rows);

/** The most letters that are kept of what was weighed. */
const MOST_NAME = 200;

/** A build with a better weight for a component: of this part, in this number and size. */
export function withWeighedOf(
  build: Build,
  of: Component,
  weight: Pick<WeighedWeight, 'weightLb' | 'basis' | 'tolerancePct'>,
): Build {
  const { part: partId, count, size } = of.made;
  const { tolerancePct, ...rest } = weight;
  return withWeighed(build, of.id, {
    id: of.id,
    partId,
    count,
    ...(size === null ? {} : { size }),
    name: cutText(of.name, MOST_NAME),
    ...rest,
    ...(tolerancePct === undefined ? {} : { tolerancePct }),
  });
}
