import { ActionIcon, Group, useComputedColorScheme, useMantineColorScheme } from '@mantine/core';
import { IconMoon, IconSun } from '@tabler/icons-react';
import { createContext, use, useState } from 'react';
import { createPortal } from 'react-dom';
import type { ReactNode } from 'react';
import { Link, Outlet } from 'react-router';
import classes from './frame.module.css';
import { UnitSwitch } from './units';
import { WhoSwitch } from './who';

const Bar = createContext<HTMLElement | null>(null);

/** Puts a screen's own controls into the bar at the top. */
export function InBar({ children }: { children: ReactNode }) {
  const bar = use(Bar);
  return bar && createPortal(children, bar);
}

function NightSwitch() {
  const { setColorScheme } = useMantineColorScheme();
  const night = useComputedColorScheme('light') === 'dark';
  const label = night ? 'Day colors' : 'Night colors';
  return (
    <ActionIcon
      variant="subtle"
      color="gray"
      c="var(--ink)"
      aria-label={label}
      title={label}
      onClick={() => setColorScheme(night ? 'light' : 'dark')}
    >
      {night ? <IconSun size={18} /> : <IconMoon size={18} />}
    </ActionIcon>
  );
}

/** What every screen stands in: the bar with the name, and the screen. */
export function Frame() {
  const [bar, setBar] = useState<HTMLElement | null>(null);
  return (
    <Bar value={bar}>
      <a className={classes.skip} href="#screen">
        To the screen
      </a>
      <header className={classes.bar}>
        <Link to="/" className={classes.name} aria-label="Baros, all departments">
          Baros
        </Link>
        <Group ref={setBar} className={classes.own} gap="sm" wrap="nowrap" />
        <WhoSwitch />
        <UnitSwitch />
        <NightSwitch />
      </header>
      <main id="screen" className={classes.screen}>
        <Outlet />
      </main>
    </Bar>
  );
}
