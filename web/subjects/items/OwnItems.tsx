import { Button, NumberInput, Select, TextInput } from '@mantine/core';
import { useState } from 'react';
import { BASES, freshId } from '#core/build';
import type { Basis, Build } from '#core/build';
import { componentOfItem, ITEM_FIELDS, placeOfNewItem, withItem } from '#core/subjects/items';
import type { OwnItem } from '#core/subjects/items';
import { formatMoney, inches, lb } from '#core/units';
import type { Quantity } from '#core/units';
import { useUnits } from '../../common';
import { classes } from '../../panel';
import type { Bench } from '../../session';
import type { PanelProps } from '../face';
import look from './items.module.css';

const FIELDS = (['weightLb', 'xIn', 'yIn', 'zIn'] as const).map((key) => ({
  key,
  ...ITEM_FIELDS[key],
  unit: ITEM_FIELDS[key].unit as Quantity,
}));
const SIZES = (['lengthIn', 'widthIn', 'heightIn'] as const).map((key) => ({ key, ...ITEM_FIELDS[key] }));
const [LEAST_DOLLARS, MOST_DOLLARS] = [ITEM_FIELDS.priceCents.min / 100, ITEM_FIELDS.priceCents.max / 100];

/** The item with one of its measures not known. */
function withoutSize(build: Build, of: OwnItem, key: (typeof SIZES)[number]['key']) {
  const { [key]: _gone, ...item } = of;
  return {
    build: withItem(build, item.id, item as OwnItem),
    words: `${item.name}: size not known`,
    control: `item-${item.id}-${key}`,
  };
}

function ItemForm({ item, bench }: { item: OwnItem; bench: Bench }) {
  const { show, read, unit, decimals } = useUnits();
  const take = (change: Partial<OwnItem>, what: string) =>
    bench.change({
      build: withItem(bench.build, item.id, { ...item, ...change }),
      words: `${item.name}: ${what}`,
      control: `item-${item.id}-${Object.keys(change).join()}`,
    });
  return (
    <div className={classes.pieceOpen}>
      <TextInput
        size="xs"
        label="Name"
        value={item.name}
        maxLength={ITEM_FIELDS.name.most}
        onChange={(event) => {
          if (event.currentTarget.value) take({ name: event.currentTarget.value }, 'renamed');
        }}
      />
      <div className={look.itemFields}>
        {FIELDS.map(({ key, title, unit: of, min, max }) => (
          <NumberInput
            key={key}
            size="xs"
            label={title}
            value={Number(show(of, item[key]).toFixed(decimals(of) + 1))}
            min={show(of, min)}
            max={show(of, max)}
            suffix={` ${unit(of)}`}
            thousandSeparator=","
            decimalScale={decimals(of) + 1}
            classNames={{ input: 'figures' }}
            onChange={(to) => {
              if (typeof to === 'number' && read(of, to) >= min && read(of, to) <= max)
                take({ [key]: read(of, to) }, of === 'lb' ? lb(read(of, to)) : inches(read(of, to)));
            }}
            onBlur={bench.settle}
          />
        ))}
        {SIZES.map(({ key, title, min, max }) => (
          <NumberInput
            key={key}
            size="xs"
            label={title}
            placeholder="not known"
            value={item[key] === undefined ? '' : Number(show('in', item[key]).toFixed(decimals('in') + 1))}
            min={show('in', min)}
            max={show('in', max)}
            suffix={` ${unit('in')}`}
            decimalScale={decimals('in') + 1}
            classNames={{ input: 'figures' }}
            onChange={(to) => {
              if (to === '') bench.change(withoutSize(bench.build, item, key));
              else if (typeof to === 'number' && read('in', to) >= min && read('in', to) <= max)
                take({ [key]: read('in', to) }, `${title.toLowerCase()} ${inches(read('in', to))}`);
            }}
            onBlur={bench.settle}
          />
        ))}
        <NumberInput
          size="xs"
          label="Price"
          prefix="$"
          value={item.priceCents / 100}
          min={LEAST_DOLLARS}
          max={MOST_DOLLARS}
          thousandSeparator=","
          decimalScale={2}
          classNames={{ input: 'figures' }}
          onChange={(to) => {
            if (typeof to === 'number' && to >= LEAST_DOLLARS && to <= MOST_DOLLARS)
              take({ priceCents: Math.round(to * 100) }, formatMoney(Math.round(to * 100)));
          }}
          onBlur={bench.settle}
        />
        <Select
          size="xs"
          label="Basis"
          data={[...BASES]}
          value={item.basis}
          allowDeselect={false}
          onChange={(basis) => {
            if (basis) take({ basis: basis as Basis }, basis);
          }}
        />
      </div>
      <Button
        size="compact-xs"
        variant="default"
        mt={8}
        onClick={() =>
          bench.change({ build: withItem(bench.build, item.id, null), words: `Took off ${item.name}` })
        }
      >
        Take off {item.name}
      </Button>
    </div>
  );
}

/** What a new item weighs until it is said, lb. */
const NEW_ITEM_LB = 100;

/** What no list has: its name, weight and place, moved here or on the drawing. */
export function OwnItems({ evaluation, bench, pointAt }: PanelProps) {
  const { say } = useUnits();
  const [open, setOpen] = useState<string | null>(null);
  const add = () => {
    const id = freshId();
    const item: OwnItem = {
      id,
      name: 'New item',
      weightLb: NEW_ITEM_LB,
      ...placeOfNewItem(evaluation),
      basis: 'estimated',
      priceCents: 0,
    };
    bench.change({ build: withItem(bench.build, id, item), words: 'Added an item of its own' });
    setOpen(id);
  };
  return (
    <section className={classes.group} aria-label="Own items">
      <h3 className={classes.groupTitle}>Own items</h3>
      <ul className={classes.pieces}>
        {bench.build.items.lines.map((item) => (
          <li key={item.id} className={classes.piece}>
            <button
              type="button"
              className={classes.pieceHead}
              aria-expanded={open === item.id}
              onClick={() => setOpen(open === item.id ? null : item.id)}
              onMouseEnter={() => pointAt([componentOfItem(item.id)])}
              onMouseLeave={() => pointAt([])}
              onFocus={() => pointAt([componentOfItem(item.id)])}
              onBlur={() => pointAt([])}
            >
              <span>{item.name}</span>
              <span />
              <span />
              <span className="figures">{say(lb(item.weightLb))}</span>
            </button>
            {open === item.id && <ItemForm item={item} bench={bench} />}
          </li>
        ))}
      </ul>
      <Button size="compact-xs" variant="default" mt={6} onClick={add}>
        Add an item of no list
      </Button>
    </section>
  );
}
