import { Button, Group, Modal } from '@mantine/core';
import { useMemo, useState } from 'react';
import { newsOf } from '#core/compare';
import type { PartNews } from '#core/compare';
import type { Evaluation } from '#core/kernel';
import { house } from '#core/subjects';
import { counted } from '#core/units';
import { useUnits } from '../common';
import type { Bench } from '../session';
import classes from './news.module.css';

/** One part with its newer figures, what they would change, and the way to take them. */
function News({ news, onTake }: { news: PartNews; onTake: () => void }) {
  const { say } = useUnits();
  const { name, edition, now, differences, moves, stands } = news;
  return (
    <li>
      <Group justify="space-between" wrap="nowrap" align="baseline">
        <strong>{say(name)}</strong>
        <Button
          size="compact-xs"
          variant="default"
          onClick={onTake}
          aria-label={`Take the newer figures of ${say(name)}`}
        >
          Take them
        </Button>
      </Group>
      <div className="quiet">
        Carried from the catalog of {edition}; the newest is of {now}.
      </div>
      <ul>
        {differences.map(({ title, before, after }) => (
          <li key={title}>
            {title}: {say(before)} → {say(after)}
          </li>
        ))}
        {differences.length === 0 && <li>Its place or its drawing is another.</li>}
      </ul>
      <div>{moves ? `It would move ${say(moves)}.` : 'It would move no load, length or price.'}</div>
      {stands.map(({ title, before, after }) => (
        <div key={title}>
          {title}: {before} → {after}
        </div>
      ))}
    </li>
  );
}

/** Offers the newest figures of the parts that the build carries; none is taken until a person says so. */
export function CatalogueNews({ evaluation, bench }: { evaluation: Evaluation; bench: Bench }) {
  const { build } = evaluation;
  const [open, setOpen] = useState(false);
  const many = useMemo(() => house.newerParts(build).length, [build]);
  const news = useMemo(() => (open ? newsOf(evaluation) : []), [open, evaluation]);
  if (many === 0) return null;
  const take = (parts: readonly PartNews[]) => {
    bench.change({
      build: house.withNewest(build, parts),
      words: `Took the newest figures of ${parts.length === 1 ? parts[0]!.name : counted(parts.length, 'part')}`,
    });
    if (parts.length === news.length) setOpen(false);
  };
  return (
    <p className={classes.news} role="status">
      {counted(many, 'part or limit', 'parts or limits')} of this build {many === 1 ? 'has' : 'have'} other
      figures in the newest catalog. It keeps those with which {many === 1 ? 'it was' : 'they were'} chosen.{' '}
      <Button size="compact-xs" variant="default" onClick={() => setOpen(true)}>
        See what would change
      </Button>
      <Modal
        opened={open}
        onClose={() => setOpen(false)}
        title="Newer figures of the catalog"
        centered
        size="lg"
      >
        <ul className={classes.newsList}>
          {news.map((one) => (
            <News key={`${one.kind}/${one.id}`} news={one} onTake={() => take([one])} />
          ))}
        </ul>
        <Group justify="flex-end" mt="md">
          <Button variant="default" onClick={() => setOpen(false)}>
            Keep as it is
          </Button>
          <Button onClick={() => take(news)}>Take all</Button>
        </Group>
      </Modal>
    </p>
  );
}
