import { Button, NumberInput, Select, TextInput } from '@mantine/core';
import { useState } from 'react';
import { BASES } from '#core/catalogue';
import type { Basis } from '#core/catalogue';
import type { Evaluation } from '#core/review';
import { withItem } from '#core/spec';
import type { BuildSpec, OwnItem } from '#core/spec';
import { freshId } from '#core/study';
import { formatMoney, inches, lb } from '#core/units';
import type { Quantity } from '#core/units';
import { useUnits } from '../common';
import type { Bench } from '../session';
import classes from './bench.module.css';

type Field = { key: 'weightLb' | 'xIn' | 'yIn' | 'zIn'; title: string; unit: Quantity; min: number; max: number };
const FIELDS: Field[] = [
  { key: 'weightLb', title: 'Weight', unit: 'lb', min: 0, max: 20_000 },
  { key: 'xIn', title: 'Aft of the front axle', unit: 'in', min: -150, max: 700 },
  { key: 'yIn', title: 'To the officer’s side', unit: 'in', min: -60, max: 60 },
  { key: 'zIn', title: 'Above the ground', unit: 'in', min: 0, max: 170 },
];

function ItemForm({ item, bench }: { item: OwnItem; bench: Bench }) {
  const { show, read, unit, decimals } = useUnits();
  const take = (change: Partial<OwnItem>, what: string) => bench.change({ spec: withItem(bench.spec, item.id, { ...item, ...change }), words: `${item.name}: ${what}`, control: `item-${item.id}-${Object.keys(change).join()}` });
  return (
    <div className={classes.pieceOpen}>
      <TextInput size="xs" label="Name" value={item.name} maxLength={80} onChange={(event) => { if (event.currentTarget.value) take({ name: event.currentTarget.value }, 'renamed'); }} />
      <div className={classes.itemFields}>
        {FIELDS.map(({ key, title, unit: of, min, max }) => (
          <NumberInput
            key={key} size="xs" label={title} value={Number(show(of, item[key]).toFixed(decimals(of) + 1))} min={show(of, min)} max={show(of, max)} suffix={` ${unit(of)}`} thousandSeparator="," decimalScale={decimals(of) + 1} classNames={{ input: 'figures' }}
            onChange={(to) => {
              if (typeof to === 'number' && read(of, to) >= min && read(of, to) <= max) take({ [key]: read(of, to) }, of === 'lb' ? lb(read(of, to)) : inches(read(of, to)));
            }}
            onBlur={bench.settle}
          />
        ))}
        <NumberInput size="xs" label="Price" prefix="$" value={item.priceCents / 100} min={0} max={1_000_000} thousandSeparator="," decimalScale={2} classNames={{ input: 'figures' }} onChange={(to) => { if (typeof to === 'number' && to >= 0 && to <= 1_000_000) take({ priceCents: Math.round(to * 100) }, formatMoney(Math.round(to * 100))); }} onBlur={bench.settle} />
        <Select size="xs" label="Basis" data={[...BASES]} value={item.basis} allowDeselect={false} onChange={(basis) => { if (basis) take({ basis: basis as Basis }, basis); }} />
      </div>
      <Button size="compact-xs" variant="default" mt={8} onClick={() => bench.change({ spec: withItem(bench.spec, item.id, null), words: `Took off ${item.name}` })}>Take off {item.name}</Button>
    </div>
  );
}

/** What no list has: its name, weight and place, moved here or on the drawing. */
export function OwnItems({ spec, evaluation, bench, pointAt }: { spec: BuildSpec; evaluation: Evaluation; bench: Bench; pointAt: (ids: string[]) => void }) {
  const { say } = useUnits();
  const [open, setOpen] = useState<string | null>(null);
  const add = () => {
    const id = freshId(spec);
    const { bodyFront, bodyEnd, bodyTop } = evaluation.rig.layout;
    const item: OwnItem = { id, name: 'New item', weightLb: 100, xIn: Math.round((bodyFront + bodyEnd) / 2), yIn: 0, zIn: Math.round(bodyTop / 2), basis: 'estimated', priceCents: 0 };
    bench.change({ spec: withItem(spec, id, item), words: 'Added an item of its own' });
    setOpen(id);
  };
  return (
    <section className={classes.group} aria-label="Own items">
      <h3 className={classes.groupTitle}>Own items</h3>
      <ul className={classes.pieces}>
        {(spec.items ?? []).map((item) => (
          <li key={item.id} className={classes.piece}>
            <button type="button" className={classes.pieceHead} aria-expanded={open === item.id} onClick={() => setOpen(open === item.id ? null : item.id)} onMouseEnter={() => pointAt([`item-${item.id}`])} onMouseLeave={() => pointAt([])} onFocus={() => pointAt([`item-${item.id}`])} onBlur={() => pointAt([])}>
              <span>{item.name}</span><span /><span /><span className="figures">{say(lb(item.weightLb))}</span>
            </button>
            {open === item.id && <ItemForm item={item} bench={bench} />}
          </li>
        ))}
      </ul>
      <Button size="compact-xs" variant="default" mt={6} onClick={add}>Add an item of no list</Button>
    </section>
  );
}
