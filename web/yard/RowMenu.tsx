import { ActionIcon, Menu } from '@mantine/core';
import { IconDots } from '@tabler/icons-react';
import { useState } from 'react';
import type { ReactNode } from 'react';

/** What else can be done with a row. The menu is made when it is first opened: a yard has hundreds of rows. */
export function RowMenu({ label, children }: { label: string; children: ReactNode }) {
  const [made, setMade] = useState(false);
  const button = (open?: () => void) => (
    <ActionIcon
      variant="subtle"
      color="gray"
      c="var(--ink)"
      aria-label={label}
      {...(open ? { onClick: open, 'aria-haspopup': 'menu', 'aria-expanded': false } : {})}
    >
      <IconDots size={18} />
    </ActionIcon>
  );
  if (!made) return button(() => setMade(true));
  return (
    <Menu position="bottom-end" withinPortal defaultOpened>
      <Menu.Target>{button()}</Menu.Target>
      <Menu.Dropdown>{children}</Menu.Dropdown>
    </Menu>
  );
}
