import { Badge, Button, Menu } from '@mantine/core';
import { IconClipboardText, IconPlus } from '../icons';
import { Suspense, useState } from 'react';
import { Link } from 'react-router';
import type { BuildCard, DepartmentView } from '#core/exchange';
import { counted } from '#core/units';
import { useDepartmentChange } from '../api';
import { sayFailed, sayWithUndo } from '../common';
import { BuildRow } from './BuildRow';
import { BuildImport, DepartmentDialog } from './later';
import { RowMenu } from './RowMenu';

import classes from './yard.module.css';

/** One department with its builds. */
export function DepartmentSection({
  department,
  cards,
  of,
  unsent,
  onStart,
}: {
  department: DepartmentView;
  cards: BuildCard[];
  /** How many builds it has. */
  of: number;
  /** Builds of which something is not yet saved. */
  unsent: readonly string[];
  onStart: () => void;
}) {
  const change = useDepartmentChange();
  const [editing, setEditing] = useState(false);
  const [reading, setReading] = useState(false);
  const { id, name, district, archived } = department;
  const setArchived = (to: boolean) =>
    change.mutate({ id, archived: to }, { onError: sayFailed(`${name} could not be changed`) });
  return (
    <section className={classes.department} aria-label={name}>
      <div className={classes.departmentHead}>
        <h2>{name}</h2>
        {archived && (
          <Badge variant="outline" color="gray" c="var(--pencil)">
            Archived
          </Badge>
        )}
        <span className={classes.district}>{district}</span>
        <Button
          variant="default"
          size="xs"
          leftSection={<IconClipboardText size={14} />}
          component={Link}
          to={`/departments/${id}/brief`}
          aria-label={`Brief of ${name}`}
        >
          Brief
        </Button>
        <Button
          variant="default"
          size="xs"
          leftSection={<IconPlus size={14} />}
          onClick={onStart}
          aria-label={`New build for ${name}`}
        >
          New build
        </Button>
        <RowMenu label={`More for ${name}`}>
          <Menu.Item onClick={() => setEditing(true)}>Rename or describe</Menu.Item>
          <Menu.Item component={Link} to={`/departments/${id}/parts`}>
            Own parts
          </Menu.Item>
          <Menu.Item onClick={() => setReading(true)}>Read a build file…</Menu.Item>
          <Menu.Item component="a" href={`/api/departments/${id}/archive`} download>
            Everything in one file
          </Menu.Item>
          {archived ? (
            <Menu.Item onClick={() => setArchived(false)}>Bring back</Menu.Item>
          ) : (
            <Menu.Item
              onClick={() => {
                setArchived(true);
                sayWithUndo(`${name} is archived.`, () => setArchived(false));
              }}
            >
              Archive
            </Menu.Item>
          )}
        </RowMenu>
      </div>
      {of === 0 && <p className={classes.none}>No builds yet.</p>}
      {cards.length > 0 && (
        <ul className={classes.builds}>
          {cards.map((card) => (
            <BuildRow key={card.id} card={card} unsent={unsent.includes(card.id)} inDepartment />
          ))}
        </ul>
      )}
      {of > cards.length && (
        <p className={classes.none}>
          {cards.length > 0 ? `${of - cards.length} more` : counted(of, 'build')}, not shown yet.
        </p>
      )}
      <Suspense>
        {reading && <BuildImport department={department} onClose={() => setReading(false)} />}
        {editing && <DepartmentDialog department={department} onClose={() => setEditing(false)} />}
      </Suspense>
    </section>
  );
}
