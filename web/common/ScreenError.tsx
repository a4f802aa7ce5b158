import { Button, Text, Title } from '@mantine/core';
import { Link, useRouteError } from 'react-router';
import classes from './frame.module.css';

/** A page that is not there, or a screen that failed; what was saved is safe. */
export function ScreenError({ missing = false }: { missing?: boolean }) {
  const error = useRouteError() as { message?: string } | undefined;
  return (
    <div className={classes.message}>
      <Title order={1} size="h2">{missing ? 'There is nothing at this address' : 'This screen could not be shown'}</Title>
      <Text my="md">{missing ? 'The build may have been opened from an old link.' : `What was saved is safe. ${error?.message ?? ''}`}</Text>
      <Button component={Link} to="/" reloadDocument={!missing}>All departments</Button>
    </div>
  );
}
