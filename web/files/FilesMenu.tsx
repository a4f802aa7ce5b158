import { ActionIcon, Menu } from '@mantine/core';
import { IconFiles } from '../icons';
import { memo } from 'react';
import type { FileAction } from './useFiles';

/** What goes out of a build and comes in. */
export const FilesMenu = memo(({ actions }: { actions: FileAction[] }) => (
  <Menu position="bottom-end" withinPortal returnFocus transitionProps={{ duration: 0 }}>
    <Menu.Target>
      <ActionIcon
        variant="subtle"
        color="gray"
        c="var(--ink)"
        aria-label="Files"
        title="Files: export and import"
      >
        <IconFiles size={19} />
      </ActionIcon>
    </Menu.Target>
    <Menu.Dropdown>
      {actions.map(({ id, name, run }) => (
        <Menu.Item key={id} onClick={run}>
          {name}
        </Menu.Item>
      ))}
    </Menu.Dropdown>
  </Menu>
));
