import { ActionIcon, Button, NativeSelect, NumberInput, Select } from '@mantine/core';
import { IconX } from '@tabler/icons-react';
import { useMemo, useState } from 'react';
import { partOf, partsFor } from '#core/catalogue';
import { changeOf, measure } from '#core/review';
import type { Evaluation, Measure } from '#core/review';
import { withEquipment, withEquipmentLine } from '#core/spec';
import type { BuildSpec } from '#core/spec';
import { formatLb } from '#core/units';
import classes from './bench.module.css';
import { DeltaHeads, Deltas } from './Deltas';
import type { Bench } from './history';

const PLACES = ['L1', 'L2', 'L3', 'R1', 'R2', 'R3', 'B1'];

interface Props { spec: BuildSpec; evaluation: Evaluation; now: Measure; bench: Bench; pointAt: (ids: string[]) => void }

/** What is carried and where: one line a piece, added with its consequence in sight. */
export function EquipmentPanel({ spec, evaluation, now, bench, pointAt }: Props) {
  const here = evaluation.rig.layout.compartments.map((compartment) => compartment.id);
  const places = [...here, 'cab'];
  const [part, setPart] = useState<string | null>(null);
  const [chosen, setPlace] = useState(places[0]!);
  const place = places.includes(chosen) ? chosen : places[0]!;
  const parts = partsFor('equipment', spec.type);
  const groups = useMemo(() => [...new Set(parts.map((p) => p.group))].map((group) => ({
    group: group[0]!.toUpperCase() + group.slice(1),
    items: parts.filter((p) => p.group === group).map((p) => ({ value: p.id, label: `${p.name}, ${formatLb(p.weightLb)}` })),
  })), [parts]);
  const added = part ? withEquipment(spec, part, place) : null;
  const allowance = evaluation.rig.components.filter((c) => c.role === 'allowance').reduce((sum, c) => sum + c.weightLb, 0);

  return (
    <>
      <DeltaHeads />
      <fieldset className={classes.group}>
        <legend>Add a piece</legend>
        <Select size="xs" aria-label="Piece" placeholder="Find a piece of equipment" searchable clearable data={groups} value={part} onChange={setPart} maxDropdownHeight={340} nothingFoundMessage="No such piece" />
        <div style={{ display: 'flex', gap: 8, marginTop: 6 }}>
          <NativeSelect size="xs" aria-label="Into" data={places} value={place} onChange={(event) => setPlace(event.currentTarget.value)} style={{ flex: 1 }} />
          <Button size="xs" disabled={!added} onClick={() => added && part && bench.change({ spec: added, words: `Added ${partOf('equipment', part).name} to ${place}` })}>Add</Button>
        </div>
        {added && <Deltas change={changeOf(now, measure(added))} />}
      </fieldset>
      {allowance > 0 && <p className={classes.note}>The list is {formatLb(allowance)} lighter than the profile’s allowance for loose equipment; the difference is weighed in the compartments until it is listed.</p>}
      {spec.equipment.length > 0 && (
        <table className={classes.lines}>
          <caption className="unseen">Equipment carried</caption>
          <thead><tr><th>Piece</th><th>Count</th><th>In</th><th style={{ textAlign: 'right' }}>lb</th><th><span className="unseen">Take off</span></th></tr></thead>
          <tbody>
            {spec.equipment.map((line, i) => {
              const piece = partOf('equipment', line.partId);
              return (
                <tr key={`${line.partId}-${line.compartmentId}-${i}`} onMouseEnter={() => pointAt([`equipment-${i + 1}`])} onMouseLeave={() => pointAt([])}>
                  <td>{piece.name}</td>
                  <td style={{ width: 46 }}>
                    <NumberInput size="xs" aria-label={`Count of ${piece.name}`} min={1} max={200} allowDecimal={false} allowNegative={false} hideControls value={line.count} clampBehavior="blur"
                      onChange={(count) => typeof count === 'number' && count >= 1 && count <= 200 && count !== line.count && bench.change({ spec: withEquipmentLine(spec, i, { count }), words: `${piece.name}: ${count}`, control: `count-${i}` })} onBlur={bench.settle} />
                  </td>
                  <td style={{ width: 62 }}>
                    <NativeSelect size="xs" rightSectionWidth={18} styles={{ input: { paddingInlineStart: 6, paddingInlineEnd: 16 } }} aria-label={`Place of ${piece.name}`} value={line.compartmentId} data={[...new Set([...places, ...PLACES.filter((id) => id === line.compartmentId)])]}
                      onChange={(event) => bench.change({ spec: withEquipmentLine(spec, i, { compartmentId: event.currentTarget.value }), words: `${piece.name} to ${event.currentTarget.value}` })} />
                  </td>
                  <td className={`${classes.number} figures`}>{piece.weightLb * line.count}</td>
                  <td style={{ width: 24 }}>
                    <ActionIcon size="sm" variant="subtle" color="gray" c="var(--ink)" aria-label={`Take off ${piece.name}`} onClick={() => bench.change({ spec: withEquipmentLine(spec, i, null), words: `Took off ${piece.name}` })}><IconX size={14} /></ActionIcon>
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      )}
    </>
  );
}
