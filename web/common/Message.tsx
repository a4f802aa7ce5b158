import { Button, Text, Title } from '@mantine/core';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import classes from './frame.module.css';

/** A screen that has only something to say, and the way back to the yard. */
export function Message({
  title,
  children,
  reload = false,
}: {
  title: string;
  children: ReactNode;
  reload?: boolean;
}) {
  return (
    <div className={classes.message}>
      <Title order={1} size="h2">
        {title}
      </Title>
      <Text component="div" my="md">
        {children}
      </Text>
      <Button component={Link} to="/" reloadDocument={reload}>
        All departments
      </Button>
    </div>
  );
}
