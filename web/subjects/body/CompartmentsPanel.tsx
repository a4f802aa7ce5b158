import { Button, NativeSelect } from '@mantine/core';
import { useState } from 'react';
import {
  compartmentChoices,
  compartmentLines,
  COMPARTMENTS_CHOICE,
  FACE_NAMES,
  COMPARTMENT_KINDS,
  withCompartment,
  withCompartments,
  withNewCompartment,
} from '#core/subjects/body';
import type { CompartmentLine } from '#core/subjects/body';
import { compartments } from '#core/truck';
import { cubicFeet, inches } from '#core/units';
import { useUnits } from '../../common';
import { classes, DeltaHeads, ListedLine, useTakenOff } from '../../panel';
import type { PanelProps } from '../face';

/** The compartments one by one: sized, renamed, added and removed; or as the body's family makes them. */
export function CompartmentsPanel(props: PanelProps) {
  const { evaluation, bench } = props;
  const { build } = evaluation;
  const [opened, setOpened] = useState<string | null>(null);
  const { takeOff, withRoom } = useTakenOff(bench);
  const own = build.body.compartments !== undefined;
  const lines = compartmentLines(evaluation);
  const { say } = useUnits();
  const there = ({ id }: CompartmentLine) => evaluation.read(compartments).find((one) => one.id === id);
  const left = (line: CompartmentLine): string => {
    const of = there(line);
    return of ? say(`${inches(of.lowerDepthIn)} deep, ${cubicFeet(of.volumeFt3)}`) : 'no room left';
  };
  return (
    <section className={classes.group} aria-label="Compartments one by one">
      <h3 className={classes.groupTitle}>Compartments one by one</h3>
      <p className={classes.note}>
        {own
          ? 'They are this build’s own. Depth and room are what is left of each beside everything else.'
          : 'As this body is usually made; the first change makes them this build’s own. Depth and room are what is left of each beside everything else.'}
      </p>
      <DeltaHeads />
      <ul className={classes.pieces}>
        {withRoom(
          lines.map((line, at) => [
            line.id,
            <ListedLine
              key={line.id}
              evaluation={evaluation}
              bench={bench}
              title={`${line.name}, ${FACE_NAMES[line.face].toLowerCase()}`}
              says={left(line)}
              note={there(line) ? null : 'Other things take all of its room: move it, or what stands there.'}
              rename={{
                name: line.name,
                most: 20,
                take: (name) =>
                  bench.change({
                    build: evaluation.house.settle(withCompartment(evaluation, line.id, { name }), build),
                    words: `Compartment ${line.name} called ${name}`,
                    choice: COMPARTMENTS_CHOICE,
                  }),
              }}
              choicesOf={(on) => compartmentChoices(on, line.id)}
              takeOff={{
                words: `Remove ${line.name}`,
                press: (button) =>
                  takeOff(
                    button,
                    { id: line.id, name: line.name, at },
                    {
                      build: evaluation.house.settle(withCompartment(evaluation, line.id, null), build),
                      words: `Took off compartment ${line.name}`,
                      choice: COMPARTMENTS_CHOICE,
                    },
                  ),
              }}
              open={opened === line.id}
              onOpen={() => setOpened(opened === line.id ? null : line.id)}
            />,
          ]),
        )}
      </ul>
      <div style={{ display: 'flex', gap: 8, alignItems: 'end', marginTop: 8 }}>
        <NativeSelect
          size="xs"
          label="Add a compartment"
          style={{ flex: 1 }}
          value=""
          onChange={(event) => {
            const kind = COMPARTMENT_KINDS.find(({ id }) => id === event.currentTarget.value);
            if (!kind) return;
            const next = withNewCompartment(evaluation, kind.id);
            bench.change({
              build: next,
              words: `Compartment added: ${kind.title.toLowerCase()}`,
              choice: COMPARTMENTS_CHOICE,
            });
            setOpened(next.body.compartments!.at(-1)!.id);
          }}
          data={[
            { value: '', label: 'Choose what kind…' },
            ...COMPARTMENT_KINDS.map(({ id, title }) => ({ value: id, label: title })),
          ]}
        />
        {own && (
          <Button
            size="xs"
            variant="default"
            onClick={() =>
              bench.change({
                build: evaluation.house.settle(withCompartments(build, undefined), build),
                words: 'Compartments as the body is usually made',
                choice: COMPARTMENTS_CHOICE,
              })
            }
          >
            As usually made
          </Button>
        )}
      </div>
    </section>
  );
}
