import { Button, NativeSelect } from '@mantine/core';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { sectionClasses } from '../common';
import { useSession } from '../session';
import classes from './site.module.css';
import type { useTrial } from './useTrial';

/** Which place is shown, and whether something of it was dragged. */
export function Place({
  label,
  of,
  children,
}: {
  label: string;
  of: Pick<ReturnType<typeof useTrial>, 'lines' | 'picked' | 'isTried' | 'pick' | 'back'>;
  children?: ReactNode;
}) {
  return (
    <div className={classes.place}>
      <NativeSelect
        size="xs"
        w={230}
        label={label}
        value={of.picked?.id ?? ''}
        onChange={(event) => of.pick(event.currentTarget.value)}
        data={of.lines.map(({ id, name }) => ({ value: id, label: name ?? id }))}
      />
      {children}
      {of.isTried && (
        <span className={classes.tried}>
          What if: dragged, and not the brief’s.
          <Button size="compact-xs" variant="default" onClick={of.back}>
            Back to the brief
          </Button>
        </span>
      )}
    </div>
  );
}

/** Where the brief says nothing of such a place. */
export function NothingSaid({ of }: { of: string }) {
  const { view, bench } = useSession();
  return (
    <p className={sectionClasses.says}>
      The brief of this build says nothing of {of}.{' '}
      <Link className={classes.link!} to={`/departments/${view.departmentId}/brief`}>
        The brief of {bench.build.department.name}
      </Link>
    </p>
  );
}
