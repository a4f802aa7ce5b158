import { Button } from '@mantine/core';
import { outdated, withOwnPart } from '#core/spec';
import type { BuildSpec, OwnPartView } from '#core/spec';
import type { Bench } from '../session';
import classes from './bench.module.css';

/** Says where the department has since given other figures for a part that this build carries, and takes them on a press. */
export function OwnPartNews({ spec, parts, bench }: { spec: BuildSpec; parts: OwnPartView[] | undefined; bench: Bench }) {
  const news = outdated(spec, parts?.map(({ part }) => part) ?? []);
  return news.map((own) => (
    <p key={`${own.kind}/${own.id}`} className={classes.news} role="status">
      {own.name} has other figures in your department’s list now.
      <Button size="compact-xs" variant="default" ml="xs" onClick={() => bench.change({ spec: withOwnPart(spec, own), words: `Took the newer figures of ${own.name}` })}>Take them</Button>
    </p>
  ));
}
