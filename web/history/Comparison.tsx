import { ActionIcon, Loader, Table } from '@mantine/core';
import { IconX } from '../icons';
import { useMemo } from 'react';
import { differencesOf } from '#core/compare';
import { changeOf, saidMoves } from '#core/kernel';
import { house } from '#core/subjects';
import { useRevision } from '../api';
import { useUnits } from '../common';
import classes from './history.module.css';

/** Two revisions side by side: what was chosen otherwise, and what that came to. */
export function Comparison({
  buildId,
  older,
  newer,
  onClose,
}: {
  buildId: string;
  older: number;
  newer: number;
  onClose: () => void;
}) {
  const { say } = useUnits();
  const before = useRevision(buildId, older);
  const after = useRevision(buildId, newer);
  const differences = useMemo(
    () => (before.data && after.data ? differencesOf(before.data.build, after.data.build) : []),
    [before.data, after.data],
  );
  const error = before.error ?? after.error;
  if (error)
    return (
      <p role="alert" className={classes.failed}>
        The revisions could not be read: {error.message}
      </p>
    );
  if (!before.data || !after.data) return <Loader color="var(--ink)" aria-label="Reading two revisions" />;
  const effect = changeOf(before.data.figures, after.data.figures);
  const name = ({ revision, label }: { revision: number; label: string }) =>
    `Revision ${revision}${label && `, ${label}`}`;
  return (
    <section className={classes.comparison} aria-label={`Revision ${older} against ${newer}`}>
      <div className={classes.comparisonHead}>
        <h3>
          {name(before.data)} → {name(after.data)}
        </h3>
        <span>{say(saidMoves(house.mainFigures, effect)) || 'It weighs, measures and costs the same'}</span>
        <ActionIcon
          variant="subtle"
          color="gray"
          c="var(--ink)"
          aria-label="Close the comparison"
          onClick={onClose}
        >
          <IconX size={18} />
        </ActionIcon>
      </div>
      {differences.length === 0 ? (
        <p>No choice differs.</p>
      ) : (
        <Table.ScrollContainer minWidth={460}>
          <Table verticalSpacing={4} fz="sm">
            <Table.Thead>
              <Table.Tr>
                <Table.Th>Choice</Table.Th>
                <Table.Th>{name(before.data)}</Table.Th>
                <Table.Th>{name(after.data)}</Table.Th>
              </Table.Tr>
            </Table.Thead>
            <Table.Tbody>
              {differences.map(({ id, title, before: was, after: is }) => (
                <Table.Tr key={id}>
                  <Table.Td>{say(title)}</Table.Td>
                  <Table.Td>{say(was)}</Table.Td>
                  <Table.Td>{say(is)}</Table.Td>
                </Table.Tr>
              ))}
            </Table.Tbody>
          </Table>
        </Table.ScrollContainer>
      )}
    </section>
  );
}
