import { Button, NativeSelect, Select } from '@mantine/core';
import { useMemo, useState } from 'react';
import { allowanceLeftLb, changeOf, equipmentByGroup, measure } from '#core/review';
import type { Evaluation, Measure } from '#core/review';
import { catalogueOf, withEquipment, withEquipmentLine } from '#core/spec';
import type { BuildSpec } from '#core/spec';
import { EQUIPMENT_CHOICE, equipmentChoices } from '#core/study';
import { lb } from '#core/units';
import { useUnits } from '../common';
import classes from './bench.module.css';
import { ChoiceView } from './Choices';
import { DeltaHeads, Deltas } from './Deltas';
import type { Bench } from '../session';

interface Props { spec: BuildSpec; evaluation: Evaluation; now: Measure; bench: Bench; pointAt: (ids: string[]) => void }

const titled = (group: string) => group[0]!.toUpperCase() + group.slice(1);

/** Adds a piece to a compartment, with its consequence in sight. */
function AddPiece({ spec, now, bench, places }: Pick<Props, 'spec' | 'now' | 'bench'> & { places: string[] }) {
  const { say } = useUnits();
  const [part, setPart] = useState<string | null>(null);
  const [chosen, setPlace] = useState(places[0]!);
  const place = places.includes(chosen) ? chosen : places[0]!;
  const groups = useMemo(() => {
    const parts = catalogueOf(spec).for('equipment', spec.type);
    return [...new Set(parts.map((p) => p.group))].map((group) => ({
      group: titled(group), items: parts.filter((p) => p.group === group).map((p) => ({ value: p.id, label: say(`${p.name}, ${lb(p.weightLb)}`) })),
    }));
  }, [spec, say]);
  const added = part ? withEquipment(spec, part, place) : null;
  return (
    <fieldset className={classes.group}>
      <legend>Add a piece</legend>
      <Select size="xs" aria-label="Piece" placeholder="Find a piece of equipment" searchable clearable data={groups} value={part} onChange={setPart} maxDropdownHeight={340} nothingFoundMessage="No such piece" />
      <div style={{ display: 'flex', gap: 8, marginTop: 6 }}>
        <NativeSelect size="xs" aria-label="Into" data={places} value={place} onChange={(event) => setPlace(event.currentTarget.value)} style={{ flex: 1 }} />
        <Button size="xs" disabled={!added} onClick={() => added && part && bench.change({ spec: added, words: `Added ${catalogueOf(spec).part('equipment', part).name} to ${place}`, choice: EQUIPMENT_CHOICE })}>Add</Button>
      </div>
      {added && <Deltas change={changeOf(now, measure(added))} />}
    </fieldset>
  );
}

/** One line of the list; opened, its count and place with what each would change. */
function Line({ spec, index, places, now, bench, open, onOpen, pointAt }: Omit<Props, 'evaluation'> & { index: number; places: string[]; open: boolean; onOpen: () => void }) {
  const { say } = useUnits();
  const line = spec.equipment[index]!;
  const piece = catalogueOf(spec).part('equipment', line.partId);
  const point = () => pointAt([`equipment-${index + 1}`]);
  const without = open ? withEquipmentLine(spec, index, null) : null;
  return (
    <li className={classes.piece}>
      <button type="button" className={classes.pieceHead} aria-expanded={open} onClick={onOpen} onMouseEnter={point} onMouseLeave={() => pointAt([])} onFocus={point} onBlur={() => pointAt([])}>
        <span>{say(piece.name)}</span>
        <span className="figures">{line.count > 1 ? `× ${line.count}` : ''}</span>
        <span className="figures">{line.compartmentId}</span>
        <span className="figures">{say(lb(piece.weightLb * line.count))}</span>
      </button>
      {open && (
        <div className={classes.pieceOpen}>
          {equipmentChoices(spec, index, places).map((choice) => <ChoiceView key={choice.id} choice={choice} now={now} bench={bench} />)}
          <div className={classes.group}>
            <Button size="compact-xs" variant="default" onClick={() => without && bench.change({ spec: without, words: `Took off ${piece.name}`, choice: EQUIPMENT_CHOICE })}>Take off {say(piece.name.toLowerCase())}</Button>
            {without && <Deltas change={changeOf(now, measure(without))} />}
          </div>
        </div>
      )}
    </li>
  );
}

/** What is carried and where, by group. */
export function EquipmentPanel(props: Props) {
  const { say } = useUnits();
  const { spec, evaluation } = props;
  const places = [...evaluation.rig.layout.compartments.map((compartment) => compartment.id), 'cab'];
  const [opened, setOpened] = useState<number | null>(null);
  const allowance = allowanceLeftLb(evaluation.rig);
  return (
    <>
      <DeltaHeads />
      <AddPiece {...props} places={places} />
      {allowance > 0 && <p className={classes.note}>The list is {say(lb(allowance))} lighter than the profile’s allowance for loose equipment; the difference is weighed in the compartments until it is listed.</p>}
      {equipmentByGroup(spec).map(({ group, indexes, weightLb }) => (
        <section key={group} className={classes.group} aria-label={titled(group)}>
          <h3 className={classes.groupTitle}>{titled(group)} <span className="quiet figures" style={{ fontSize: 12 }}>{say(lb(weightLb))}</span></h3>
          <ul className={classes.pieces}>
            {indexes.map((index) => (
              <Line key={index} {...props} index={index} places={places} open={opened === index} onOpen={() => setOpened(opened === index ? null : index)} />
            ))}
          </ul>
        </section>
      ))}
    </>
  );
}
