import { Button } from '@mantine/core';
import { useState } from 'react';
import type { Build } from '#core/build';
import {
  lineChoices,
  lineInWords,
  LINES_CHOICE,
  minutesInWords,
  OWN_LINES,
  tankTime,
  truckLines,
  withLineSaid,
  withoutLine,
  withOwnLine,
} from '#core/subjects/lines';
import { gpm, psi } from '#core/units';
import { useUnits } from '../../common';
import { classes, DeltaHeads, ListedLine, useTakenOff } from '../../panel';
import type { PanelProps } from '../face';

/** Every line with its hose and nozzle; what each asks of the pump. */
export function LinesPanel({ evaluation, bench }: PanelProps) {
  const { build } = evaluation;
  const { say } = useUnits();
  const [opened, setOpened] = useState<string | null>(null);
  const { takeOff, withRoom } = useTakenOff(bench);
  const all = evaluation.read(truckLines);
  const time = evaluation.read(tankTime);
  const change = (next: Build, words: string) => bench.change({ build: next, words, choice: LINES_CHOICE });
  const gone = build.lines.lines.filter(({ off, sourceId }) => off && sourceId);
  return (
    <section className={classes.group} aria-label="Lines of this truck">
      <h3 className={classes.groupTitle}>Lines of this truck</h3>
      <p className={classes.note}>
        Those from its beds and monitors come with usual nozzles until one is chosen.
        {time && Number.isFinite(time.emptyMin)
          ? ` The tank lasts ${minutesInWords(time.emptyMin)} with those that run.`
          : ''}
      </p>
      <DeltaHeads />
      <ul className={classes.pieces}>
        {withRoom(
          all.map((line, at) => [
            line.id,
            <ListedLine
              key={line.id}
              evaluation={evaluation}
              bench={bench}
              title={line.name}
              says={say(`${gpm(line.asked.flowGpm)} · ${psi(line.asked.pumpPressurePsi)}`)}
              note={say(lineInWords(line))}
              rename={{
                name: line.name,
                most: 60,
                take: (name) => change(withLineSaid(build, line.id, { name }), `${line.name} called ${name}`),
              }}
              choicesOf={(on) => lineChoices(on, line.id)}
              takeOff={{
                words: `Remove ${line.name}`,
                press: (button) =>
                  takeOff(
                    button,
                    { id: line.id, name: line.name, at },
                    {
                      build: withoutLine(build, line.id),
                      words: `Took off ${line.name}`,
                      choice: LINES_CHOICE,
                    },
                  ),
              }}
              open={opened === line.id}
              onOpen={() => setOpened(opened === line.id ? null : line.id)}
            />,
          ]),
        )}
      </ul>
      {all.length === 0 && <p className={classes.note}>None: lay attack hose in a bed, or add one here.</p>}
      <div style={{ display: 'flex', flexWrap: 'wrap', gap: 8, marginTop: 8 }}>
        {OWN_LINES.map(({ title, line }) => (
          <Button
            key={title}
            size="compact-xs"
            variant="default"
            onClick={() => {
              const next = withOwnLine(build, line);
              change(next, `Added: ${title.toLowerCase()}`);
              setOpened(next.lines.lines.at(-1)!.id);
            }}
          >
            Add {title.toLowerCase()}
          </Button>
        ))}
        {gone.length > 0 && (
          <Button
            size="compact-xs"
            variant="default"
            onClick={() =>
              change(
                gone.reduce((on, { sourceId }) => withLineSaid(on, sourceId!, { off: undefined }), build),
                'All lines of its beds and monitors',
              )
            }
          >
            Bring back those taken off
          </Button>
        )}
      </div>
    </section>
  );
}
