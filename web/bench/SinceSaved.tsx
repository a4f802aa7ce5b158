import { Button } from '@mantine/core';
import { useMemo, useState } from 'react';
import { reckonedOtherwise } from '#core/compare';
import type { BuildView } from '#core/exchange';
import { useUnits } from '../common';
import { evaluated } from '../session';
import classes from './news.module.css';

const when = new Intl.DateTimeFormat('en-US', { dateStyle: 'medium' });

/** Says where this Baros reckons or judges otherwise than the one that saved the build, before and after. */
export function SinceSaved({ view }: { view: BuildView }) {
  const { say } = useUnits();
  const [seen, setSeen] = useState(false);
  const news = useMemo(
    () => (view.asSaved ? reckonedOtherwise(view.asSaved, evaluated(view.build)) : []),
    [view],
  );
  if (seen || news.length === 0) return null;
  return (
    <section className={classes.news} aria-label="Figures that changed since it was saved">
      Baros now works out some figures of this build differently than when it was saved on{' '}
      {when.format(new Date(view.savedAt))}; its history keeps the figures of then.
      <ul>
        {news.map(({ title, before, after }) => (
          <li key={`${title} ${before}`}>
            {title}: {say(before)} → {say(after)}
          </li>
        ))}
      </ul>
      <Button size="compact-xs" variant="default" onClick={() => setSeen(true)}>
        Seen
      </Button>
    </section>
  );
}
