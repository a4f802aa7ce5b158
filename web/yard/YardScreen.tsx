import { Button, Loader, Switch } from '@mantine/core';
import { IconBooks, IconPlus } from '@tabler/icons-react';
import { useState } from 'react';
import { Link } from 'react-router';
import type { DepartmentView } from '#core/exchange';
import { useBuilds, useDepartments } from '../api';
import { ArchiveImport } from './imports';
import { DepartmentDialog, NewBuildDialog } from './dialogs';
import { DepartmentSection } from './DepartmentSection';
import classes from './yard.module.css';

/** The yard: the departments and their builds, each with its drawing in small, its margins and its last change. */
export function YardScreen() {
  const departments = useDepartments();
  const builds = useBuilds();
  const [archived, setArchived] = useState(false);
  const [adding, setAdding] = useState(false);
  const [startingFor, setStartingFor] = useState<DepartmentView | null>(null);
  const error = departments.error ?? builds.error;
  const shown = departments.data?.filter((department) => archived || !department.archived) ?? [];
  return (
    <div className={classes.yard}>
      <div className={classes.head}>
        <h1>The yard</h1>
        <Switch
          size="sm"
          label="Show archived"
          checked={archived}
          onChange={(event) => setArchived(event.currentTarget.checked)}
          color="var(--spruce)"
        />
        <Button component={Link} to="/catalogue" variant="default" leftSection={<IconBooks size={16} />}>
          Catalogue
        </Button>
        <ArchiveImport />
        <Button leftSection={<IconPlus size={16} />} onClick={() => setAdding(true)}>
          New department
        </Button>
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
              void builds.refetch();
            }}
          >
            Try again
          </Button>
        </p>
      )}
      {!error && (!departments.data || !builds.data) && (
        <Loader my="xl" color="var(--ink)" aria-label="Reading the yard" />
      )}
      {departments.data && builds.data && shown.length === 0 && (
        <p className={classes.none}>
          No departments yet. Start with one: its name and a line about its district.
        </p>
      )}
      {builds.data &&
        shown.map((department) => (
          <DepartmentSection
            key={department.id}
            department={department}
            onStart={() => setStartingFor(department)}
            builds={builds.data.filter(
              (build) => build.departmentId === department.id && (archived || !build.archived),
            )}
          />
        ))}
      {adding && <DepartmentDialog onClose={() => setAdding(false)} />}
      {startingFor && (
        <NewBuildDialog
          department={startingFor}
          builds={builds.data?.filter((build) => !build.archived) ?? []}
          onClose={() => setStartingFor(null)}
        />
      )}
    </div>
  );
}
