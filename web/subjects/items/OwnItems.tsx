import { Button, Select, TextInput } from '@mantine/core';
import { useState } from 'react';
import { BASES, BASIS_NAMES, freshId } from '#core/build';
import type { Basis, Build } from '#core/build';
import { componentOfItem, ITEM_FIELDS, placeOfNewItem, withItem } from '#core/subjects/items';
import type { OwnItem } from '#core/subjects/items';
import { amount, formatMoney, inches, lb } from '#core/units';
import { FigureField, useUnits } from '../../common';
import { classes, useTakenOff } from '../../panel';
import type { Bench } from '../../session';
import type { PanelProps } from '../face';
import look from './items.module.css';

const FIELDS = (['weightLb', 'xIn', 'yIn', 'zIn'] as const).map((key) => ({
  key,
  ...ITEM_FIELDS[key],
}));
const SIZES = (['lengthIn', 'widthIn', 'heightIn'] as const).map((key) => ({ key, ...ITEM_FIELDS[key] }));

/** The item with one of its measures not known. */
function withoutSize(build: Build, of: OwnItem, key: (typeof SIZES)[number]['key']) {
  const { [key]: _gone, ...item } = of;
  return {
    build: withItem(build, item.id, item as OwnItem),
    words: `${item.name}: size not known`,
    control: `item-${item.id}-${key}`,
  };
}

function ItemForm({
  item,
  bench,
  onTakeOff,
}: {
  item: OwnItem;
  bench: Bench;
  onTakeOff: (button: HTMLElement) => void;
}) {
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
        {FIELDS.map(({ key, title, unit, min, max }) => (
          <FigureField
            key={key}
            label={title}
            title={title}
            unit={unit}
            value={item[key]}
            min={min}
            max={max}
            onTake={(to) => take({ [key]: to }, amount(to, unit))}
            onBlur={bench.settle}
          />
        ))}
        {SIZES.map(({ key, title, min, max }) => (
          <FigureField
            key={key}
            label={title}
            title={title}
            unit="in"
            placeholder="not known"
            value={item[key]}
            min={min}
            max={max}
            onTake={(to) => take({ [key]: to }, `${title.toLowerCase()} ${inches(to)}`)}
            onEmpty={() => bench.change(withoutSize(bench.build, item, key))}
            onBlur={bench.settle}
          />
        ))}
        <FigureField
          label="Price"
          title="Price"
          unit="cents"
          value={item.priceCents}
          min={ITEM_FIELDS.priceCents.min}
          max={ITEM_FIELDS.priceCents.max}
          onTake={(cents) => {
            const priceCents = Math.round(cents);
            take({ priceCents }, formatMoney(priceCents));
            return priceCents;
          }}
          onBlur={bench.settle}
        />
        <Select
          size="xs"
          label="Basis"
          data={BASES.map((basis) => ({ value: basis, label: BASIS_NAMES[basis] }))}
          value={item.basis}
          allowDeselect={false}
          onChange={(basis) => {
            if (basis) take({ basis: basis as Basis }, BASIS_NAMES[basis as Basis]);
          }}
        />
      </div>
      <Button size="compact-xs" variant="default" mt={8} onClick={(event) => onTakeOff(event.currentTarget)}>
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
  const { takeOff, withRoom } = useTakenOff(bench);
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
    bench.change({ build: withItem(bench.build, id, item), words: 'Added an extra item' });
    setOpen(id);
  };
  return (
    <section className={classes.group} aria-label="Extra items">
      <h3 className={classes.groupTitle}>Extra items</h3>
      <ul className={classes.pieces}>
        {withRoom(
          bench.build.items.lines.map((item, at) => [
            item.id,
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
              {open === item.id && (
                <ItemForm
                  item={item}
                  bench={bench}
                  onTakeOff={(button) =>
                    takeOff(
                      button,
                      { id: item.id, name: item.name, at },
                      { build: withItem(bench.build, item.id, null), words: `Took off ${item.name}` },
                    )
                  }
                />
              )}
            </li>,
          ]),
        )}
      </ul>
      <Button size="compact-xs" variant="default" mt={6} onClick={add}>
        Add an extra item
      </Button>
    </section>
  );
}
