import { Button } from '@mantine/core';
import type { Build } from '#core/build';
import type { OwnPartView } from '#core/exchange';
import { house } from '#core/subjects';
import type { Bench } from '../session';
import classes from './news.module.css';

/**
 * Says where the department has since given other figures for a part that this build carries, and takes them
 * on a press.
 */
export function OwnPartNews({
  build,
  parts,
  bench,
}: {
  build: Build;
  parts: OwnPartView[] | undefined;
  bench: Bench;
}) {
  const news = house.outdated(build, parts?.map(({ part }) => part) ?? []);
  return news.map((own) => (
    <p key={`${own.kind}/${own.id}`} className={classes.news} role="status">
      {own.name} has other figures in your department’s list now.
      <Button
        size="compact-xs"
        variant="default"
        ml="xs"
        onClick={() =>
          bench.change({
            build: house.withOwnPart(build, own),
            words: `Took the newer figures of ${own.name}`,
          })
        }
      >
        Take them
      </Button>
    </p>
  ));
}
