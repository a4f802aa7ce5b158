import { Button, NativeSelect } from '@mantine/core';
import { useState } from 'react';
import {
  fittedAsUsual,
  fittedChoices,
  fittedComponents,
  fittedShelf,
  SHELVING_CHOICE,
  withFittedIn,
  withFittedLine,
} from '#core/subjects/shelving';
import { compartmentName } from '#core/subjects/body';
import { compartments } from '#core/truck';
import { counted, inches, lb } from '#core/units';
import { useUnits } from '../../common';
import { classes, DeltaHeads, ListedLine, useTakenOff } from '../../panel';
import type { PanelProps } from '../face';
import look from './shelving.module.css';

/** What stands, slides and swings inside the compartments, compartment by compartment. */
export function ShelvingPanel(props: PanelProps) {
  const { evaluation, bench } = props;
  const { build } = evaluation;
  const { say } = useUnits();
  const [opened, setOpened] = useState<string | null>(null);
  const [into, setInto] = useState<string | null>(null);
  const { takeOff, withRoom } = useTakenOff(bench);
  const all = evaluation.read(compartments);
  const place = all.find(({ id }) => id === into)?.id ?? all[0]?.id;
  const stock = fittedShelf.in(build);
  const { lines } = build.shelving;
  const weighed = evaluation.read(fittedComponents);
  const usual = fittedAsUsual(evaluation);
  const weightOf = (id: string) =>
    weighed.find((component) => component.id === `shelving.${id}`)?.weightLb ?? 0;
  const places = [
    ...new Set([...all.map(({ id }) => id), ...lines.map(({ compartmentId }) => compartmentId)]),
  ];
  return (
    <section className={classes.group} aria-label="Shelves, trays and boards">
      <h3 className={classes.groupTitle}>Shelves, trays and boards</h3>
      {lines.length === 0 ? (
        <p className={classes.note}>
          Nothing is fitted yet: everything would lie on the floors of the compartments.
        </p>
      ) : (
        <DeltaHeads />
      )}
      {places.map((id) => {
        const mine = lines.filter(({ compartmentId }) => compartmentId === id);
        if (mine.length === 0) return null;
        return (
          <section key={id} aria-label={`In ${compartmentName(id, build)}`}>
            <h4 className={look.place}>
              {compartmentName(id, build)}
              <span>
                {counted(mine.length, 'fitting')} ·{' '}
                <span className="figures">
                  {say(lb(mine.reduce((sum, line) => sum + weightOf(line.id), 0)))}
                </span>
              </span>
            </h4>
            <ul className={classes.pieces}>
              {withRoom(
                mine.map((line, at) => [
                  line.id,
                  <ListedLine
                    key={line.id}
                    evaluation={evaluation}
                    bench={bench}
                    title={say(stock.part(line.partId).name)}
                    says={say(`${inches(line.upIn)} up, ${lb(weightOf(line.id))}`)}
                    note={null}
                    choicesOf={(on) => fittedChoices(on, line.id)}
                    takeOff={{
                      words: 'Take it out',
                      press: (button) =>
                        takeOff(
                          button,
                          { id: line.id, name: say(stock.part(line.partId).name), at },
                          {
                            build: withFittedLine(build, line.id, null),
                            words: `Took out ${stock.part(line.partId).name}`,
                            choice: SHELVING_CHOICE,
                          },
                        ),
                    }}
                    open={opened === line.id}
                    onOpen={() => setOpened(opened === line.id ? null : line.id)}
                  />,
                ]),
              )}
            </ul>
          </section>
        );
      })}
      {place !== undefined && (
        <div className={look.add}>
          <NativeSelect
            size="xs"
            label="Into"
            value={place}
            data={all.map(({ id, name }) => ({ value: id, label: name }))}
            onChange={(event) => setInto(event.currentTarget.value)}
          />
          <NativeSelect
            size="xs"
            label="Fit"
            value=""
            onChange={(event) => {
              const part = stock.find(event.currentTarget.value);
              if (!part) return;
              const next = withFittedIn(evaluation, part.id, place);
              bench.change({
                build: next,
                words: `Fitted in ${compartmentName(place, build)}: ${part.name}`,
                choice: SHELVING_CHOICE,
              });
              setOpened(next.shelving.lines.at(-1)!.id);
            }}
            data={[
              { value: '', label: 'Choose what…' },
              ...stock.all().map(({ id, name }) => ({ value: id, label: say(name) })),
            ]}
          />
        </div>
      )}
      {usual !== build && (
        <Button
          size="xs"
          variant="default"
          mt={8}
          onClick={() =>
            bench.change({
              build: usual,
              words: 'Empty compartments fitted as usual',
              choice: SHELVING_CHOICE,
            })
          }
        >
          Fit the empty compartments as usual
        </Button>
      )}
    </section>
  );
}
