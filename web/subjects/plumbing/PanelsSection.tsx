import { Button } from '@mantine/core';
import { useState } from 'react';
import {
  connectionChoices,
  connections,
  CONNECTIONS_CHOICE,
  panelSheets,
  plumbing,
  withConnectionAt,
} from '#core/subjects/plumbing';
import { sectionClasses } from '../../common';
import { ChoicesOf, classes as panelClasses, DeltaHeads } from '../../panel';
import { useSession } from '../../session';
import { PanelPicture } from '../../pump-panel';
import { Checks } from '../../site';
import classes from './plumbing.module.css';
import { Swatch } from './Swatch';

/** Every panel with its openings, controls and instruments to scale; what is pressed is chosen beside it. */
export function PanelsSection() {
  const { evaluation, bench } = useSession();
  const [opened, setOpened] = useState<string | null>(null);
  const sheets = evaluation.read(panelSheets);
  const one = evaluation.read(connections).find(({ id }) => id === opened);
  if (sheets.length === 0)
    return <p className={sectionClasses.says}>There is no pump, and so no panel: choose one on the bench.</p>;
  const move = (id: string, at: { u: number; v: number } | null, words: string) =>
    bench.change({ build: withConnectionAt(evaluation, id, at), words, choice: CONNECTIONS_CHOICE });
  return (
    <>
      <p className={sectionClasses.caution}>{plumbing.caution}</p>
      <p className={sectionClasses.says}>
        Arrow keys go from one thing to the next, Enter opens it. Drag an opening, or move it with Shift and
        the arrow keys.
      </p>
      <div className={one ? classes.beside : undefined}>
        <div className={classes.sheets}>
          {[...sheets]
            .sort((a, b) => Number(b.operator) - Number(a.operator))
            .map((sheet) => (
              <PanelPicture
                key={sheet.face.face}
                sheet={sheet}
                opened={opened}
                onOpen={(id) => setOpened(opened === id ? null : id)}
                onMove={(id, at, label) => move(id, at, `${label} moved on its panel`)}
              />
            ))}
        </div>
        {one && (
          <section className={classes.chosen} aria-label={one.label}>
            <h3 className={panelClasses.groupTitle}>
              <Swatch color={one.color} /> {one.label}
            </h3>
            {one.alongIn !== undefined && (
              <Button
                size="compact-xs"
                variant="default"
                onClick={() => move(one.id, null, `${one.label} where the panel has room`)}
              >
                Back to where the panel has room for it
              </Button>
            )}
            <DeltaHeads />
            <ChoicesOf evaluation={evaluation} bench={bench} of={(on) => connectionChoices(on, one.id)} />
          </section>
        )}
      </div>
      <Checks ids={['panelRoom', 'handleColors', 'instruments', 'largeOutlet', 'openingHigh']} />
    </>
  );
}
