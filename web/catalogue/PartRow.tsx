import { Checkbox, Table } from '@mantine/core';
import { flexRender } from '@tanstack/react-table';
import type { Row } from '@tanstack/react-table';
import { memo, useRef } from 'react';
import { useSeen, useUnits } from '../common';
import type { FEATURES } from './features';
import type { ShownPart } from './shown';

interface Props {
  row: Row<typeof FEATURES, ShownPart>;
  /** The columns as they stand: other units are other columns. */
  columns: readonly unknown[];
  picked: boolean;
  onPick: (id: string) => void;
}

/** One part of the catalog. Its cells are made when it comes near to what is in sight. */
export const PartRow = memo(function PartRow({ row, columns, picked, onPick }: Props) {
  const { say } = useUnits();
  const line = useRef<HTMLTableRowElement>(null);
  const seen = useSeen(line);
  const { id, name } = row.original;
  if (!seen)
    return (
      <Table.Tr ref={line}>
        <Table.Td />
        <Table.Td colSpan={columns.length}>{say(name)}</Table.Td>
      </Table.Tr>
    );
  return (
    <Table.Tr ref={line} data-picked={picked}>
      <Table.Td>
        <Checkbox
          size="xs"
          aria-label={say(`Compare ${name}`)}
          checked={picked}
          onChange={() => onPick(id)}
        />
      </Table.Td>
      {row.getAllCells().map((cell) => (
        <Table.Td
          key={cell.id}
          ta={cell.column.columnDef.meta ? 'right' : 'left'}
          className={cell.column.columnDef.meta ? 'figures' : ''}
        >
          {flexRender(cell.column.columnDef.cell, cell.getContext())}
        </Table.Td>
      ))}
    </Table.Tr>
  );
});
