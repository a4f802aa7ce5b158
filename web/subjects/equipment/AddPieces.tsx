import { Button, MultiSelect, NativeSelect } from '@mantine/core';
import { useMemo, useState } from 'react';
import { EQUIPMENT_CHOICE, equipmentShelf, placeName, withPieces } from '#core/subjects/equipment';
import { capital, counted, lb } from '#core/units';
import { useUnits } from '../../common';
import { classes, Deltas, useDelta } from '../../panel';
import type { PanelProps } from '../face';
import { placeLabel } from './places';
import look from './equipment.module.css';

/** Adds pieces to a compartment, one or many at once, with their consequence in sight. */
export function AddPieces({
  evaluation,
  bench,
  places,
}: Pick<PanelProps, 'evaluation' | 'bench'> & { places: string[] }) {
  const { build } = evaluation;
  const { say } = useUnits();
  const [parts, setParts] = useState<string[]>([]);
  const [chosen, setPlace] = useState(places[0]!);
  const place = places.includes(chosen) ? chosen : places[0]!;
  const stock = equipmentShelf.in(build);
  const groups = useMemo(() => {
    const usual = stock.usualFirst(build.type);
    return [...new Set(usual.map(({ group }) => group))].map((group) => ({
      group: capital(group),
      items: usual
        .filter((part) => part.group === group)
        .map((part) => ({ value: part.id, label: say(`${part.name}, ${lb(part.weightLb)}`) })),
    }));
  }, [stock, build.type, say]);
  const added = useMemo(
    () => (parts.length > 0 ? withPieces(build, parts, place) : null),
    [build, parts, place],
  );
  const delta = useDelta(evaluation, added);
  const add = () => {
    if (!added) return;
    const what = parts.length === 1 ? stock.part(parts[0]!).name : counted(parts.length, 'piece');
    bench.change({
      build: added,
      words: `Added ${what} to ${placeName(place, build)}`,
      choice: EQUIPMENT_CHOICE,
    });
    setParts([]);
  };
  return (
    <fieldset className={classes.group}>
      <legend>Add pieces</legend>
      {/* Above the list that opens, which would cover it. */}
      <div className={look.into}>
        <NativeSelect
          size="xs"
          aria-label="Into"
          data={places.map((id) => ({ value: id, label: `Into ${placeLabel(id, build)}` }))}
          value={place}
          onChange={(event) => setPlace(event.currentTarget.value)}
        />
        <Button size="xs" disabled={!added} onClick={add}>
          {parts.length > 1 ? `Add ${parts.length}` : 'Add'}
        </Button>
      </div>
      <MultiSelect
        size="xs"
        aria-label="Pieces"
        placeholder={parts.length === 0 ? 'Find one or more pieces of equipment' : undefined}
        searchable
        clearable
        clearSearchOnChange={false}
        data={groups}
        value={parts}
        onChange={setParts}
        comboboxProps={{ keepMounted: false }}
        nothingFoundMessage="No such piece"
      />
      {added && <Deltas change={delta} />}
    </fieldset>
  );
}
