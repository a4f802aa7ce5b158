import { Button, FileButton, Group, Modal, Table, Text } from '@mantine/core';
import { useState } from 'react';
import { readSheet } from '#core/exchange';
import type { SheetReading } from '#core/exchange';
import type { Evaluation } from '#core/kernel';
import { lb } from '#core/units';
import { useUnits } from '../common';
import type { Bench } from '../session';
import { RefusedRows } from './RefusedRows';

/**
 * Reads a weight sheet and shows what it would change, and which of its rows are refused, before anything is
 * changed.
 */
export function SheetImport({
  bench,
  evaluation,
  onClose,
}: {
  bench: Bench;
  evaluation: Evaluation;
  onClose: () => void;
}) {
  const { say, system } = useUnits();
  const [reading, setReading] = useState<(SheetReading & { file: string }) | null>(null);
  const read = async (file: File | null) => {
    if (file) setReading({ ...readSheet(evaluation, await file.text(), system), file: file.name });
  };
  return (
    <Modal opened onClose={onClose} title="Weight sheet from CSV" size="lg" centered>
      <Text size="sm">
        Corrected weights of what the truck has, and extra items with their place. The first row names the
        columns: id, name, count, weight (lb), x (in), y (in), z (in), basis, tolerance (%); a column without
        a unit is in the units on your screen. A row is matched by its id, and its name and count must be the
        truck’s. A sheet that Baros wrote comes back in as it is.
      </Text>
      <Group mt="sm">
        <FileButton onChange={(file) => void read(file)} accept=".csv,text/csv">
          {(props) => (
            <Button variant="default" {...props}>
              Choose a CSV file
            </Button>
          )}
        </FileButton>
      </Group>
      {reading && (
        <>
          <Text size="sm" mt="md" role="status">
            {reading.file}: {reading.changes.length} {reading.changes.length === 1 ? 'change' : 'changes'},{' '}
            {reading.unchanged} as they are, {reading.refused.length} refused.
          </Text>
          {reading.changes.length > 0 && (
            <Table.ScrollContainer minWidth={380} mah="34vh">
              <Table verticalSpacing={3} fz="sm" aria-label="What would change">
                <Table.Thead>
                  <Table.Tr>
                    <Table.Th>What</Table.Th>
                    <Table.Th ta="right">Now</Table.Th>
                    <Table.Th ta="right">Then</Table.Th>
                  </Table.Tr>
                </Table.Thead>
                <Table.Tbody>
                  {reading.changes.map((change) => (
                    <Table.Tr key={change.id}>
                      <Table.Td>
                        {say(change.name)}{' '}
                        <Text span size="xs" c="var(--pencil)">
                          {change.what}
                        </Text>
                      </Table.Td>
                      <Table.Td ta="right" className="figures">
                        {change.beforeLb === null ? '' : say(lb(change.beforeLb))}
                      </Table.Td>
                      <Table.Td ta="right" className="figures">
                        {say(lb(change.afterLb))}
                      </Table.Td>
                    </Table.Tr>
                  ))}
                </Table.Tbody>
              </Table>
            </Table.ScrollContainer>
          )}
          <RefusedRows refused={reading.refused} />
        </>
      )}
      <Group mt="md" justify="flex-end">
        <Button variant="default" onClick={onClose}>
          Cancel
        </Button>
        <Button
          disabled={!reading || reading.changes.length === 0}
          onClick={() => {
            if (reading)
              bench.change({
                build: reading.build,
                words: `Read ${reading.changes.length} weights from ${reading.file}`,
              });
            onClose();
          }}
        >
          Take these changes
        </Button>
      </Group>
    </Modal>
  );
}
