import { Button, Group, Modal, Table, Text } from '@mantine/core';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import type { Build } from '#core/build';
import { differencesOf, mergeBuilds } from '#core/compare';
import type { Difference } from '#core/compare';
import type { BuildView } from '#core/exchange';
import { useCopyBuild } from '../api';
import { useUnits } from '../common';
import type { Bench } from './history';

interface Props {
  /** The revision that the changes here were made on, and the newer one that is there. */
  base: BuildView;
  theirs: BuildView;
  bench: Bench;
  adopt: (theirs: BuildView, now: Build, why: string) => void;
}

function Differences({ differences, collisions }: { differences: Difference[]; collisions: Set<string> }) {
  const { say } = useUnits();
  return (
    <Table.ScrollContainer minWidth={420} mah="38vh">
      <Table verticalSpacing={4} fz="sm">
        <Table.Thead>
          <Table.Tr>
            <Table.Th>Choice</Table.Th>
            <Table.Th>There now</Table.Th>
            <Table.Th>Yours</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {differences.map(({ id, title, before, after }) => (
            <Table.Tr key={id}>
              <Table.Td>
                {say(title)}
                {collisions.has(id) && (
                  <Text span size="xs" c="var(--signal)" display="block">
                    changed by both
                  </Text>
                )}
              </Table.Td>
              <Table.Td>{say(before)}</Table.Td>
              <Table.Td>{say(after)}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
    </Table.ScrollContainer>
  );
}

/**
 * Two windows on one build: what differs, choice by choice, and what becomes of it. Nothing is lost by any of
 * the ways.
 */
export function ConflictDialog({ base, theirs, bench, adopt }: Props) {
  const { say } = useUnits();
  const mine = bench.build;
  const copy = useCopyBuild();
  const navigate = useNavigate();
  const differences = useMemo(() => differencesOf(theirs.build, mine), [theirs, mine]);
  const merged = useMemo(() => mergeBuilds(base.build, mine, theirs.build), [base, mine, theirs]);
  const collisions = new Set(merged.collisions.map(({ id }) => id));
  const take = (build: Build, words: string) => {
    adopt(theirs, build, words);
    if (build !== mine) bench.change({ build, words });
  };
  return (
    <Modal
      opened
      onClose={() => {}}
      withCloseButton={false}
      closeOnEscape={false}
      title="This build was changed elsewhere"
      centered
      size="lg"
    >
      <Text size="sm">
        Revision {theirs.revision} was saved in another window or by someone else: “{say(theirs.lastChange)}”.
        Your changes are kept here and were not saved over it. What differs:
      </Text>
      <Differences differences={differences} collisions={collisions} />
      {merged.problems.length > 0 && (
        <Text size="sm" c="var(--signal)">
          The two can’t be put together as they are: {merged.problems[0]!.message}.
        </Text>
      )}
      {copy.isError && (
        <Text size="sm" c="var(--signal)" role="alert" mt="xs">
          {copy.error.message}
        </Text>
      )}
      <Group mt="md" justify="flex-end" gap="xs">
        <Button variant="default" onClick={() => take(theirs.build, `Took revision ${theirs.revision}`)}>
          Take the newer one
        </Button>
        <Button
          variant="default"
          onClick={() => take(mine, `Kept over revision ${theirs.revision}: ${bench.did}`)}
        >
          Keep mine over it
        </Button>
        <Button
          variant="default"
          loading={copy.isPending}
          onClick={() =>
            copy.mutate(
              { id: base.id, name: `${mine.name.slice(0, 68)} (my copy)`, build: mine },
              {
                onSuccess: (kept) => {
                  take(theirs.build, `Took revision ${theirs.revision}`);
                  void navigate(`/builds/${kept.id}`);
                },
              },
            )
          }
        >
          Keep mine as a copy
        </Button>
        {merged.build && merged.mine.length > 0 && (
          <Button onClick={() => take(merged.build!, `Merged with revision ${theirs.revision}`)}>
            {collisions.size > 0 ? `Merge; theirs where both changed (${collisions.size})` : 'Merge both'}
          </Button>
        )}
      </Group>
    </Modal>
  );
}
