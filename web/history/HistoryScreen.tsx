import { Button, Checkbox, Loader, Table, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { RevisionDetail, RevisionView } from '#core/exchange';
import { changeOf, saidChange } from '#core/kernel';
import { house } from '#core/subjects';
import type { Figures } from '#core/kernel';
import { bare } from '#core/units';
import { ask, useNameRevision, useRevisions } from '../api';
import { useTitle, useUnits } from '../common';
import { useSession } from '../session';
import { Comparison } from './Comparison';
import classes from './history.module.css';

const when = new Intl.DateTimeFormat('en-US', { dateStyle: 'medium', timeStyle: 'short' });

/** A revision's name, such as «as bid», and the way to give it one. */
function Label({ buildId, revision }: { buildId: string; revision: RevisionView }) {
  const naming = useNameRevision(buildId);
  const [typed, setTyped] = useState<string | null>(null);
  if (typed === null) {
    return revision.label ? (
      <button
        type="button"
        className={classes.label}
        onClick={() => setTyped(revision.label)}
        aria-label={`Rename “${revision.label}”, revision ${revision.revision}`}
      >
        {revision.label}
      </button>
    ) : (
      <button
        type="button"
        className={classes.toName}
        onClick={() => setTyped('')}
        aria-label={`Name revision ${revision.revision}`}
      >
        name it
      </button>
    );
  }
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        naming.mutate(
          { revision: revision.revision, label: typed.trim() },
          { onSuccess: () => setTyped(null) },
        );
      }}
    >
      <TextInput
        size="xs"
        autoFocus
        maxLength={40}
        aria-label={`Name of revision ${revision.revision}`}
        placeholder="as bid"
        value={typed}
        onChange={(event) => setTyped(event.currentTarget.value)}
        onKeyDown={(event) => {
          if (event.key === 'Escape') setTyped(null);
        }}
        error={naming.error?.message}
      />
    </form>
  );
}

/** The figures that have a column: loads and money, not lengths. */
const COLUMNS = house.mainFigures.filter(({ unit }) => unit === 'lb' || unit === '$');

/** What a revision did to the axles and the price, against the one before it. */
function Effect({ change: of }: { change: Figures | null }) {
  const { say } = useUnits();
  const cells = COLUMNS.map((figure) =>
    of && of[figure.id] !== undefined
      ? say(
          figure.unit === '$' ? saidChange(figure, of[figure.id]!) : bare(saidChange(figure, of[figure.id]!)),
        )
      : '',
  );
  return cells.map((text, i) => (
    <Table.Td key={i} ta="right" className="figures" c={text.startsWith('±') ? 'var(--pencil)' : undefined}>
      {text}
    </Table.Td>
  ));
}

/**
 * Every saved change of the build: what, who, when, what it did; any two compared; any of them restored as a
 * new one.
 */
export function HistoryScreen() {
  const { id, bench } = useSession();
  const { say, unit } = useUnits();
  useTitle(`${bench.build.name}, history`);
  const { data, error, refetch, hasNextPage, fetchNextPage, isFetchingNextPage } = useRevisions(id);
  const revisions = data?.pages.flat();
  const [picked, setPicked] = useState<number[]>([]);
  const [failed, setFailed] = useState<string | null>(null);
  const newest = revisions?.[0]?.revision;
  const pick = (revision: number) =>
    setPicked(
      picked.includes(revision)
        ? picked.filter((other) => other !== revision)
        : [...picked.slice(-1), revision],
    );
  const restore = async (revision: RevisionView) => {
    try {
      const { build } = await ask<RevisionDetail>('GET', `builds/${id}/revisions/${revision.revision}`);
      bench.change({
        build: { ...build, name: bench.build.name, department: bench.build.department },
        words: `Restored revision ${revision.revision}${revision.label && `, ${revision.label}`}`,
      });
      setFailed(null);
    } catch (reason) {
      setFailed(`Revision ${revision.revision} could not be restored: ${(reason as Error).message}`);
    }
  };
  return (
    <div className={classes.history}>
      <div className={classes.head}>
        <h2>History of {bench.build.name}</h2>
        <p>
          Nothing is overwritten. Pick two revisions to compare them; a restored one becomes a new revision,
          and can be undone.
        </p>
      </div>
      {error && (
        <p role="alert" className={classes.failed}>
          The history could not be read: {error.message}{' '}
          <Button size="compact-sm" variant="default" onClick={() => void refetch()}>
            Try again
          </Button>
        </p>
      )}
      {failed && (
        <p role="alert" className={classes.failed}>
          {failed}
        </p>
      )}
      {!revisions && !error && <Loader color="var(--ink)" aria-label="Reading the history" />}
      {picked.length === 2 && (
        <Comparison
          buildId={id}
          older={Math.min(...picked)}
          newer={Math.max(...picked)}
          onClose={() => setPicked([])}
        />
      )}
      {revisions && (
        <Table.ScrollContainer minWidth={720}>
          <Table verticalSpacing={6} className={classes.table}>
            <Table.Thead>
              <Table.Tr>
                <Table.Th>Compare</Table.Th>
                <Table.Th>Revision</Table.Th>
                <Table.Th>Change</Table.Th>
                <Table.Th>Who</Table.Th>
                <Table.Th>When</Table.Th>
                {COLUMNS.map(({ id: of, title, short, unit: inUnit }) => (
                  <Table.Th key={of} ta="right">
                    {short ?? title}
                    <br />
                    {inUnit !== '$' && unit(inUnit as 'lb')}
                  </Table.Th>
                ))}
                <Table.Th>
                  <span className="unseen">Restore</span>
                </Table.Th>
              </Table.Tr>
            </Table.Thead>
            <Table.Tbody>
              {revisions.map((revision) => (
                <Table.Tr key={revision.revision}>
                  <Table.Td>
                    <Checkbox
                      size="xs"
                      aria-label={`Compare revision ${revision.revision}`}
                      checked={picked.includes(revision.revision)}
                      onChange={() => pick(revision.revision)}
                    />
                  </Table.Td>
                  <Table.Td>
                    <span className="figures">{revision.revision}</span>{' '}
                    <Label buildId={id} revision={revision} />
                  </Table.Td>
                  <Table.Td maw={340} miw={170}>
                    {say(revision.words)}
                  </Table.Td>
                  <Table.Td>{revision.who || <span className="quiet">no name</span>}</Table.Td>
                  <Table.Td miw={104}>{when.format(new Date(revision.savedAt))}</Table.Td>
                  <Effect change={revision.before ? changeOf(revision.before, revision.figures) : null} />
                  <Table.Td>
                    {revision.revision !== newest && (
                      <Button
                        size="compact-xs"
                        variant="default"
                        onClick={() => void restore(revision)}
                        aria-label={`Restore revision ${revision.revision}`}
                      >
                        Restore
                      </Button>
                    )}
                  </Table.Td>
                </Table.Tr>
              ))}
            </Table.Tbody>
          </Table>
        </Table.ScrollContainer>
      )}
      {hasNextPage && (
        <Button mt="md" variant="default" loading={isFetchingNextPage} onClick={() => void fetchNextPage()}>
          Show older revisions
        </Button>
      )}
    </div>
  );
}
