import { Button, Loader, NativeSelect, Switch } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { IconBooks, IconFileImport, IconPlus } from '../icons';
import { Suspense, useState } from 'react';
import { Link } from 'react-router';
import type { BuildType } from '#core/build';
import type { DepartmentView, YardOrder } from '#core/exchange';
import { counted } from '#core/units';
import { useDepartments, useYard } from '../api';
import { Filter, useTitle } from '../common';
import { BuildRow } from './BuildRow';
import { DepartmentSection } from './DepartmentSection';
import { ArchiveImport, DepartmentDialog, NewBuildDialog, Unsent } from './later';
import { Whereabouts } from './Whereabouts';
import { ORDER_WORDS, TYPE_WORDS } from './words';
import classes from './yard.module.css';

const PAUSE_MS = 200;

/** The yard: the departments and their builds, each with its drawing in small, its margins and its last change. */
export function YardScreen() {
  useTitle('Departments and builds');
  const departments = useDepartments();
  const [archived, setArchived] = useState(false);
  const [typed, setTyped] = useState('');
  const [type, setType] = useState<BuildType | ''>('');
  const [order, setOrder] = useState<YardOrder>('department');
  const [text] = useDebouncedValue(typed.trim(), PAUSE_MS);
  const yard = useYard({ archived, order, ...(text ? { text } : {}), ...(type ? { type } : {}) });
  const [adding, setAdding] = useState(false);
  const [reading, setReading] = useState(false);
  const [unsent, setUnsent] = useState<readonly string[]>([]);
  const [startingFor, setStartingFor] = useState<DepartmentView | null>(null);
  const error = departments.error ?? yard.error;
  const cards = yard.data?.pages.flatMap(({ builds }) => builds) ?? [];
  const total = yard.data?.pages.at(-1)?.total ?? 0;
  const searching = Boolean(text || type);
  const inDepartments = order === 'department';
  const all = departments.data?.filter((department) => archived || !department.archived) ?? [];
  const buildsOf = (id: string) => cards.filter((card) => card.departmentId === id);
  const sections = searching ? all.filter(({ id }) => buildsOf(id).length > 0) : all;
  const ready = departments.data && yard.data;
  return (
    <div className={classes.yard}>
      <div className={classes.head}>
        <h1>The yard</h1>
        <Button component={Link} to="/catalogue" variant="default" leftSection={<IconBooks size={16} />}>
          Catalog
        </Button>
        <Button variant="default" leftSection={<IconFileImport size={16} />} onClick={() => setReading(true)}>
          Open a department file
        </Button>
        <Button leftSection={<IconPlus size={16} />} onClick={() => setAdding(true)}>
          New department
        </Button>
      </div>
      <div className={classes.asked} role="search">
        <Filter
          w={260}
          type="search"
          label="Search builds and departments"
          placeholder="Search builds, departments, pieces"
          maxLength={80}
          value={typed}
          onType={setTyped}
        />
        <NativeSelect
          size="xs"
          aria-label="Type"
          value={type}
          onChange={(event) => setType(event.currentTarget.value as BuildType | '')}
          data={[
            { value: '', label: 'All types' },
            ...Object.entries(TYPE_WORDS).map(([value, { name }]) => ({ value, label: `${name}s` })),
          ]}
        />
        <NativeSelect
          size="xs"
          aria-label="Order"
          value={order}
          onChange={(event) => setOrder(event.currentTarget.value as YardOrder)}
          data={Object.entries(ORDER_WORDS).map(([value, label]) => ({ value, label }))}
        />
        <Switch
          size="sm"
          label="Show archived"
          checked={archived}
          onChange={(event) => setArchived(event.currentTarget.checked)}
          color="var(--spruce)"
        />
        <span role="status" className={classes.found}>
          {ready && (total > cards.length ? `${cards.length} of ${total} builds` : counted(total, 'build'))}
        </span>
      </div>
      {error && (
        <p role="alert" className={classes.failed}>
          The yard could not be read: {error.message}{' '}
          <Button
            size="compact-sm"
            variant="default"
            ml="sm"
            onClick={() => {
              void departments.refetch();
              void yard.refetch();
            }}
          >
            Try again
          </Button>
        </p>
      )}
      {!error && !ready && <Loader my="xl" color="var(--ink)" aria-label="Reading the yard" />}
      {ready && !searching && all.length === 0 && (
        <p className={classes.none}>
          No departments yet. Start with one: its name and a line about its district.
        </p>
      )}
      <Whereabouts text={text} />
      {ready && searching && cards.length === 0 && (
        <p className={classes.none}>No build has that in its name or its department’s name.</p>
      )}
      {ready &&
        inDepartments &&
        sections.map((department) => (
          <DepartmentSection
            key={department.id}
            department={department}
            onStart={() => setStartingFor(department)}
            cards={buildsOf(department.id)}
            unsent={unsent}
            of={yard.data!.pages.at(-1)!.ofDepartments[department.id] ?? 0}
          />
        ))}
      {ready && !inDepartments && (
        <ul className={classes.builds} aria-label="Builds">
          {cards.map((card) => (
            <BuildRow key={card.id} card={card} unsent={unsent.includes(card.id)} />
          ))}
        </ul>
      )}
      {yard.hasNextPage && (
        <div className={classes.more}>
          <Button
            variant="default"
            loading={yard.isFetchingNextPage}
            onClick={() => void yard.fetchNextPage()}
          >
            Show more builds
          </Button>
        </div>
      )}
      <Suspense>
        <Unsent told={setUnsent} />
        {reading && <ArchiveImport onClose={() => setReading(false)} />}
        {adding && <DepartmentDialog onClose={() => setAdding(false)} />}
        {startingFor && <NewBuildDialog department={startingFor} onClose={() => setStartingFor(null)} />}
      </Suspense>
    </div>
  );
}
