import { Button, FileButton, Group, NativeSelect } from '@mantine/core';
import { useState } from 'react';
import { equipmentCsv, readEquipmentCsv } from '#core/exchange';
import type { BuildView } from '#core/exchange';
import type { Build } from '#core/build';
import {
  EQUIPMENT_CHOICE,
  equipmentShelf,
  missingOf,
  withListOf,
  withMissing,
} from '#core/subjects/equipment';
import { counted, listed, within } from '#core/units';
import { ask, useYard } from '../../api';
import { sayFailed, sayWithUndo, sectionClasses, useUnits } from '../../common';
import { download, fileName, NotTaken } from '../../files';
import { useSession } from '../../session';

/** So many of the missing pieces are named. */
const NAMED = 6;

/** Where a list of equipment comes from: a CSV, another truck, or what such trucks usually carry. */
export function ListFrom() {
  const { bench, id } = useSession();
  const { build } = bench;
  const { say, system } = useUnits();
  const [problems, setProblems] = useState<string[]>([]);
  const [how, setHow] = useState<'after' | 'instead'>('instead');
  const { data } = useYard({ archived: false });
  const others = (data?.pages ?? []).flatMap(({ builds }) => builds).filter((other) => other.id !== id);
  const missing = missingOf(build);
  const stock = equipmentShelf.in(build);
  const take = (next: Build, words: string) => {
    bench.change({ build: next, words, choice: EQUIPMENT_CHOICE });
    sayWithUndo(`${words}.`, bench.undo);
  };
  const read = async (file: File | null) => {
    if (!file) return;
    const taken = readEquipmentCsv(build, await file.text(), system, how);
    setProblems(taken.problems);
    if (taken.problems.length > 0) return;
    const assumed = taken.assumed > 0 ? `, ${counted(taken.assumed, 'line')} with assumed figures` : '';
    take(taken.build, `Equipment list: ${counted(taken.pieces, 'piece')} from a file${assumed}`);
  };
  const from = async (otherId: string) => {
    const other = others.find((one) => one.id === otherId);
    if (!other) return;
    try {
      const { build: theirs } = await ask<BuildView>('GET', `builds/${otherId}`);
      take(withListOf(build, theirs), `Equipment list of ${other.name} added`);
    } catch (error) {
      sayFailed('The list of that truck')(error as Error);
    }
  };
  return (
    <>
      <Group gap={8} my={8} align="end">
        <FileButton accept=".csv,text/csv" onChange={(file) => void read(file)}>
          {(props) => (
            <Button {...props} size="xs" variant="default">
              Read a CSV
            </Button>
          )}
        </FileButton>
        <NativeSelect
          size="xs"
          aria-label="A list that is read comes"
          value={how}
          onChange={(event) => setHow(event.currentTarget.value as typeof how)}
          data={[
            { value: 'instead', label: 'in place of this one' },
            { value: 'after', label: 'after this one' },
          ]}
        />
        <Button
          size="xs"
          variant="default"
          disabled={build.equipment.lines.length === 0}
          onClick={() =>
            download(`${fileName(build.name)}-equipment.csv`, equipmentCsv(build, system), 'text/csv')
          }
        >
          Save as CSV
        </Button>
        <NativeSelect
          size="xs"
          aria-label="From another truck"
          value=""
          onChange={(event) => void from(event.currentTarget.value)}
          data={[
            { value: '', label: 'From another truck…' },
            ...others.map(({ id: other, name }) => ({ value: other, label: name })),
          ]}
        />
        <Button
          size="xs"
          variant="default"
          disabled={missing.length === 0}
          onClick={() =>
            take(withMissing(build), `Equipment list: ${counted(missing.length, 'missing piece')} added`)
          }
        >
          List what is missing
        </Button>
      </Group>
      <p className={sectionClasses.says}>
        {missing.length === 0
          ? 'Everything is listed that such a truck usually carries at the least.'
          : `Such a truck usually carries at the least, and this list has not: ${say(listed(missing.slice(0, NAMED).map(({ partId }, i) => (i === 0 ? stock.part(partId).name : within(stock.part(partId).name)))))}${missing.length > NAMED ? `, and ${counted(missing.length - NAMED, 'piece')} more` : ''}. The adopted standard decides.`}
      </p>
      <NotTaken problems={problems} />
    </>
  );
}
