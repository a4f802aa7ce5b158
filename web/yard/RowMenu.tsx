import { ActionIcon, Menu } from '@mantine/core';
import { IconDots } from '../icons';
import type { ReactNode } from 'react';

/** What else can be done with a row. */
export const RowMenu = ({ label, children }: { label: string; children: ReactNode }) => (
  <Menu position="bottom-end" withinPortal returnFocus transitionProps={{ duration: 0 }}>
    <Menu.Target>
      <ActionIcon variant="subtle" color="gray" c="var(--ink)" aria-label={label}>
        <IconDots size={18} />
      </ActionIcon>
    </Menu.Target>
    <Menu.Dropdown>{children}</Menu.Dropdown>
  </Menu>
);
