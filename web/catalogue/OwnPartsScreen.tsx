import { Button, FileButton, Group, Loader, Modal, Text } from '@mantine/core';
import { IconFileExport, IconFileImport, IconPlus } from '../icons';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { partsCsv, readPartsCsv } from '#core/exchange';
import type { OwnPartView, PartsReading } from '#core/exchange';
import type { OwnPart } from '#core/kernel';
import { house } from '#core/subjects';
import { useDepartments, useKeepParts, useOwnParts, useRemovePart } from '../api';
import { InBar, useTitle, useUnits } from '../common';
import { download, fileName, RefusedRows } from '../files';
import classes from './catalogue.module.css';
import { OwnPartDialog } from './OwnPartDialog';
import { figureText } from './shown';

/** One own part: its figures with their sources, what it is like, and where it is used. */
function Part({
  view,
  departmentId,
  onEdit,
}: {
  view: OwnPartView;
  departmentId: string;
  onEdit: () => void;
}) {
  const { say } = useUnits();
  const remove = useRemovePart(departmentId);
  const [asking, setAsking] = useState(false);
  const { part, usedIn } = view;
  const like = house.shelf(part.kind).shipped.find(part.likeId);
  return (
    <li className={classes.ownPart}>
      <div>
        <h3>{part.name}</h3>
        <div className="quiet" style={{ fontSize: 13 }}>
          {part.id === part.likeId ? 'corrects' : 'like'} {say(like?.name ?? part.likeId)}
        </div>
        <ul className={classes.ownFigures}>
          {part.figures.map(({ field, value, source }) => {
            const known = house.shelf(part.kind).figures.find(({ id }) => id === field);
            return known ? (
              <li key={field}>
                {known.title} <span className="figures">{say(figureText(value, known))}</span>{' '}
                <span className="quiet">({source})</span>
              </li>
            ) : null;
          })}
        </ul>
        <p className={classes.ownUse}>
          {usedIn.length === 0 ? (
            'In no build yet.'
          ) : (
            <>
              In{' '}
              {usedIn.map(({ id, name }, i) => (
                <span key={id}>
                  {i > 0 && ', '}
                  <Link to={`/builds/${id}`}>{name}</Link>
                </span>
              ))}
              .
            </>
          )}
        </p>
      </div>
      <Group gap={6} align="flex-start">
        <Button size="compact-xs" variant="default" onClick={onEdit} aria-label={`Change ${part.name}`}>
          Change
        </Button>
        <Button
          size="compact-xs"
          variant="default"
          onClick={() => setAsking(true)}
          aria-label={`Remove ${part.name}`}
        >
          Remove
        </Button>
      </Group>
      <Modal
        opened={asking}
        onClose={() => setAsking(false)}
        title={`Remove ${part.name}`}
        centered
        size="sm"
      >
        <Text size="sm">
          {usedIn.length === 0
            ? 'No build uses it.'
            : `It is used in ${usedIn.map(({ name }) => name).join(', ')}. ${usedIn.length === 1 ? 'That build carries its own copy and stays' : 'Those builds carry their own copies and stay'} as they are; it can no longer be chosen for others.`}
        </Text>
        {remove.isError && (
          <Text size="sm" c="var(--signal)" role="alert">
            {remove.error.message}
          </Text>
        )}
        <Group justify="flex-end" mt="md">
          <Button variant="default" onClick={() => setAsking(false)}>
            Cancel
          </Button>
          <Button
            loading={remove.isPending}
            onClick={() => remove.mutate(part, { onSuccess: () => setAsking(false) })}
          >
            Remove from the list
          </Button>
        </Group>
      </Modal>
    </li>
  );
}

/** What a CSV of parts would bring, before it is kept. */
function Preview({
  reading,
  file,
  departmentId,
  onClose,
}: {
  reading: PartsReading;
  file: string;
  departmentId: string;
  onClose: () => void;
}) {
  const { say } = useUnits();
  const keep = useKeepParts(departmentId);
  return (
    <Modal opened onClose={onClose} title={`Parts from ${file}`} centered size="lg">
      <Text size="sm" role="status">
        {reading.parts.length} {reading.parts.length === 1 ? 'part' : 'parts'} to keep,{' '}
        {reading.refused.length} {reading.refused.length === 1 ? 'line' : 'lines'} refused.
      </Text>
      <ul className={classes.ownFigures} style={{ display: 'block' }}>
        {reading.parts.map((part) => (
          <li key={`${part.kind}/${part.id}`}>
            {part.name}{' '}
            <span className="quiet">
              ({part.kind}, like {say(house.shelf(part.kind).shipped.find(part.likeId)?.name ?? part.likeId)})
            </span>
            :{' '}
            {part.figures
              .map(({ field, value, source }) => {
                const known = house.shelf(part.kind).figures.find(({ id }) => id === field)!;
                return `${known.title.toLowerCase()} ${say(figureText(value, known))}, ${source}`;
              })
              .join('; ') || 'no figures of its own'}
          </li>
        ))}
      </ul>
      <RefusedRows refused={reading.refused} />
      {keep.isError && (
        <Text size="sm" c="var(--signal)" role="alert">
          {keep.error.message}
        </Text>
      )}
      <Group justify="flex-end" mt="md">
        <Button variant="default" onClick={onClose}>
          Cancel
        </Button>
        <Button
          disabled={reading.parts.length === 0}
          loading={keep.isPending}
          onClick={() => keep.mutate(reading.parts, { onSuccess: onClose })}
        >
          Keep these parts
        </Button>
      </Group>
    </Modal>
  );
}

/**
 * A department's own parts: its builder's real chassis, pump, body, ladders, equipment, each figure with its
 * source.
 */
export function OwnPartsScreen() {
  const { id = '' } = useParams();
  const { system } = useUnits();
  const department = useDepartments().data?.find((candidate) => candidate.id === id);
  useTitle(`${department ? `${department.name}, own` : 'Own'} parts`);
  const parts = useOwnParts(id);
  const [editing, setEditing] = useState<OwnPart | 'new' | null>(null);
  const [reading, setReading] = useState<{ reading: PartsReading; file: string } | null>(null);
  const name = department?.name ?? 'this department';
  return (
    <div className={classes.own}>
      <InBar>
        <h1 className={classes.barTitle}>Own parts of {name}</h1>
      </InBar>
      <div className={classes.ownHead}>
        <h2>Own parts</h2>
        <FileButton
          accept=".csv,text/csv"
          onChange={(file) => {
            if (file)
              void file.text().then((text) => setReading({ reading: readPartsCsv(text), file: file.name }));
          }}
        >
          {(props) => (
            <Button variant="default" size="xs" leftSection={<IconFileImport size={15} />} {...props}>
              From CSV
            </Button>
          )}
        </FileButton>
        <Button
          variant="default"
          size="xs"
          leftSection={<IconFileExport size={15} />}
          disabled={!parts.data?.length}
          onClick={() =>
            download(
              `${fileName(name)}-parts.csv`,
              partsCsv(
                parts.data!.map(({ part }) => part),
                system,
              ),
              'text/csv',
            )
          }
        >
          To CSV
        </Button>
        <Button size="xs" leftSection={<IconPlus size={15} />} onClick={() => setEditing('new')}>
          New part
        </Button>
      </div>
      <p className={classes.ownWords}>
        What your builder really offers, or better figures for a part that ships with Baros. Each figure says
        where it comes from: a scale beats a plate, a plate a brochure, a brochure an estimate. Own parts are
        chosen on the bench like any other, and travel with the build.
      </p>
      {parts.error && (
        <p role="alert" className={classes.failed}>
          The parts could not be read: {parts.error.message}
        </p>
      )}
      {!parts.data && !parts.error && <Loader color="var(--ink)" aria-label="Reading the parts" />}
      {parts.data?.length === 0 && (
        <p>
          None yet. Add one by hand, or read a CSV with the columns kind, id, like, name, figure, value, unit,
          source.
        </p>
      )}
      <ul style={{ listStyle: 'none', margin: 0, padding: 0 }}>
        {parts.data?.map((view) => (
          <Part
            key={`${view.part.kind}/${view.part.id}`}
            view={view}
            departmentId={id}
            onEdit={() => setEditing(view.part)}
          />
        ))}
      </ul>
      {editing && (
        <OwnPartDialog
          departmentId={id}
          part={editing === 'new' ? null : editing}
          taken={parts.data?.map(({ part }) => part) ?? []}
          onClose={() => setEditing(null)}
        />
      )}
      {reading && <Preview {...reading} departmentId={id} onClose={() => setReading(null)} />}
    </div>
  );
}
