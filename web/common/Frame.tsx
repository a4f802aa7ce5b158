import { ActionIcon, Group, useComputedColorScheme, useMantineColorScheme } from '@mantine/core';
import { IconMoon, IconSun } from '../icons';
import { createContext, use, useState } from 'react';
import { createPortal } from 'react-dom';
import type { ReactNode } from 'react';
import { Link, Outlet } from 'react-router';
import classes from './frame.module.css';
import { useKeptFocus } from './kept-focus';
import { UnitSwitch } from './units';
import { WhoSwitch } from './who';

const Bar = createContext<HTMLElement | null>(null);

const Skips = createContext<HTMLElement | null>(null);

/** Leads a keyboard past what stands before a part of the screen. */
function SkipLink({ to, children }: { to: string; children: string }) {
  return (
    <a
      className={classes.skip}
      href={`#${to}`}
      onClick={(event) => {
        event.preventDefault();
        document.getElementById(to)?.focus();
      }}
    >
      {children}
    </a>
  );
}

/** A screen's own link past its bar, right behind the one to the screen. */
export function Skip(props: { to: string; children: string }) {
  const skips = use(Skips);
  return skips && createPortal(<SkipLink {...props} />, skips);
}

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
  const [skips, setSkips] = useState<HTMLElement | null>(null);
  useKeptFocus();
  return (
    <Bar value={bar}>
      <Skips value={skips}>
        <SkipLink to="screen">To the screen</SkipLink>
        <span ref={setSkips} />
        <header className={classes.bar}>
          <Link to="/" className={classes.name} aria-label="Baros, all departments">
            Baros
          </Link>
          <Group ref={setBar} className={classes.own} gap="sm" wrap="nowrap" />
          <WhoSwitch />
          <UnitSwitch />
          <NightSwitch />
        </header>
        <main id="screen" tabIndex={-1} className={classes.screen}>
          <Outlet />
        </main>
      </Skips>
    </Bar>
  );
}
