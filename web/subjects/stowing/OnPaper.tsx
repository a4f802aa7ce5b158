import { Button, Group } from '@mantine/core';
import { placesCsv } from '#core/exchange';
import type { Evaluation } from '#core/kernel';
import { useUnits } from '../../common';
import { download, fileName, PaperButtons } from '../../files';

/** What goes out of the lockers: for the crew, for whoever loads them, and for their builder. */
export function OnPaper({ evaluation }: { evaluation: Evaluation }) {
  const { system } = useUnits();
  return (
    <Group gap={8} my={12}>
      <PaperButtons ids={['lockers', 'labels', 'picking', 'mounting']} />
      <Button
        size="xs"
        variant="default"
        onClick={() =>
          download(`${fileName(evaluation.build.name)}-places.csv`, placesCsv(evaluation, system), 'text/csv')
        }
      >
        Places as CSV
      </Button>
    </Group>
  );
}
