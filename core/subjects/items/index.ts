import { BASES, BASIS_NAMES, block, clamped, field, linesIn, withLine } from '../../build/index.js';
import type { BlockOf, Build } from '../../build/index.js';
import { boxAt, component, fromBuild, reading } from '../../kernel/index.js';
import type { Direction, Evaluation, Grip, Shape, Subject } from '../../kernel/index.js';
import { bodyPlace } from '../../truck/index.js';
import { feetInches, inches, lb } from '../../units/index.js';

/** The fields of an item that no list has: forms, sheets and grips keep within them. */
export const ITEM_FIELDS = {
  name: field.text('Name', 1, 80),
  weightLb: field.amount('Weight', 'lb', { min: 0, max: 20_000 }),
  /** Aft of the front axle. */
  xIn: field.amount('Aft of the front axle', 'in', { min: -150, max: 700 }),
  /** To the officer's side. */
  yIn: field.amount('To the officer’s side', 'in', { min: -60, max: 60 }),
  /** Above the ground. */
  zIn: field.amount('Above the ground', 'in', { min: 0, max: 170 }),
  /** How large it is; where one is left out it is a mark on the drawing, without an outside. */
  lengthIn: field.optional(field.amount('Length', 'in', { min: 0.5, max: 600 })),
  widthIn: field.optional(field.amount('Width', 'in', { min: 0.5, max: 120 })),
  heightIn: field.optional(field.amount('Height', 'in', { min: 0.5, max: 160 })),
  basis: field.oneOf('Basis', BASES, BASIS_NAMES),
  /** ± at 95 %; the usual one of its basis where left out. */
  tolerancePct: field.optional(field.amount('Tolerance', '%', { min: 0, max: 100 })),
  priceCents: field.amount('Price', 'cents', { min: -100_000_000, max: 100_000_000, whole: true }),
};

export const itemsBlock = block({
  id: 'items',
  title: 'Extra items',
  version: 1,
  fields: {
    lines: field.lines('Extra items', 'Extra item', 200, ITEM_FIELDS, (item) => ({
      title: item.name,
      words: `${item.name}, ${lb(item.weightLb)} at ${inches(item.xIn)}, ${inches(item.yIn)}, ${inches(item.zIn)}`,
    })),
  },
  empty: { lines: [] },
  fromVersion2: (file) => ({ lines: linesIn(file, 'items') }) as never,
});

declare module '../../build/build.js' {
  interface Blocks {
    items: BlockOf<typeof itemsBlock>;
  }
}

export type OwnItem = Build['items']['lines'][number];

/** One more extra item, or one in place of the item of the same id; gone where there is none. */
export const withItem = (build: Build, id: string, item: OwnItem | null): Build => ({
  ...build,
  items: { ...build.items, lines: withLine(build.items.lines, id, item) },
});

/** The component that an item is, and the item that a component is; null where it is none. */
export const componentOfItem = (id: string): string => `items.${id}`;
export const itemOf = (build: Build, componentId: string): OwnItem | null =>
  build.items.lines.find(({ id }) => componentOfItem(id) === componentId) ?? null;

/** Where a new item stands until its place is given: in the middle of the body. */
export function placeOfNewItem(evaluation: Evaluation): Pick<OwnItem, 'xIn' | 'yIn' | 'zIn'> {
  const { frontIn, endIn, topIn } = evaluation.read(bodyPlace);
  return { xIn: Math.round((frontIn + endIn) / 2), yIn: 0, zIn: Math.round(topIn / 2) };
}

/** Size at which an item without a size of its own is drawn, in. */
const MARK_IN = 14;

/** An item as it stands: a solid where its size is known, otherwise a mark. */
function shapeOf({ xIn, yIn, zIn, lengthIn, widthIn, heightIn }: OwnItem): Shape {
  if (lengthIn === undefined || widthIn === undefined || heightIn === undefined)
    return { kind: 'mark', box: boxAt(xIn, yIn, zIn, MARK_IN, MARK_IN, MARK_IN) };
  return { kind: 'ownItem', box: boxAt(xIn, yIn, zIn, lengthIn, widthIn, heightIn) };
}

const components = reading('items', [fromBuild(({ items }) => items)], ({ lines }) =>
  lines.map((item) => {
    const { id, name, weightLb, xIn, yIn, zIn, basis, tolerancePct, priceCents } = item;
    return component({
      id: componentOfItem(id),
      name,
      group: 'Extra items',
      step: 'equipment',
      role: 'item',
      weightLb,
      xIn,
      yIn,
      zIn,
      basis,
      priceCents,
      ...(tolerancePct === undefined ? {} : { tolerancePct }),
      shapes: [shapeOf(item)],
    });
  }),
);

const DIRECTIONS: Direction[] = ['x', 'y', 'z'];

const grips = ({ build }: Evaluation): Grip[] =>
  build.items.lines.map((item) => ({
    id: componentOfItem(item.id),
    title: item.name,
    box: shapeOf(item).box,
    directions: DIRECTIONS,
    choice: 'items',
    atIn: item.xIn,
    at: `${feetInches(item.xIn)} behind the front axle`,
    ends: ITEM_FIELDS.xIn,
    moved: ({ x = 0, y = 0, z = 0 }) => {
      const to = (key: 'xIn' | 'yIn' | 'zIn', by: number) =>
        clamped(ITEM_FIELDS[key], Math.round(item[key] + by));
      return withItem(build, item.id, { ...item, xIn: to('xIn', x), yIn: to('yIn', y), zIn: to('zIn', z) });
    },
  }));

/** What no list has: its name, weight and place. */
export const items: Subject = {
  id: 'items',
  title: 'Extra items',
  under: 'equipment',
  block: itemsBlock,
  components,
  grips,
};
