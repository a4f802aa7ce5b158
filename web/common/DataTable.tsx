import { Table } from '@mantine/core';
import { markAt } from '#core/kernel';
import type { TableOf } from '#core/kernel';
import classes from './table.module.css';
import { useUnits } from './units';

/** A table of the core, its figures in the person's units. What is over its limit, or short of it, says so in words too. */
export function DataTable({ table, minWidth }: { table: TableOf; minWidth?: number }) {
  const { say, unit } = useUnits();
  const body = (
    <Table className={classes.table} verticalSpacing={4} aria-label={say(table.title)}>
      <Table.Thead>
        <Table.Tr>
          {table.columns.map(({ head, unit: of, figure }, i) => (
            <Table.Th key={i} ta={figure ? 'right' : 'left'}>
              {say(head)}
              {of ? `, ${unit(of)}` : ''}
            </Table.Th>
          ))}
        </Table.Tr>
      </Table.Thead>
      <Table.Tbody>
        {table.rows.map((row) => (
          <Table.Tr key={row.id} data-strong={row.strong}>
            {row.cells.map((cell, i) => {
              const figure = table.columns[i]?.figure;
              const mark = markAt(row, i);
              return (
                <Table.Td
                  key={i}
                  ta={figure ? 'right' : 'left'}
                  fw={i === 0 ? 500 : 400}
                  className={figure ? 'figures' : ''}
                  data-over={mark !== null}
                >
                  {i === 0 && row.swatch && (
                    <span className={classes.swatch} style={{ background: row.swatch }} aria-hidden="true" />
                  )}
                  {say(cell)}
                  {mark}
                </Table.Td>
              );
            })}
          </Table.Tr>
        ))}
      </Table.Tbody>
    </Table>
  );
  return minWidth ? <Table.ScrollContainer minWidth={minWidth}>{body}</Table.ScrollContainer> : body;
}
