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
import { KeptText, useUnits } from '../../common';
import { ChoiceList, classes, DeltaHeads, useTakenOff } from '../../panel';
import type { PanelProps } from '../face';

/** One compartment: what is left of it; opened, everything that can be chosen of it. */
function Line({
  evaluation,
  bench,
  line,
  open,
  onOpen,
  onTakeOff,
}: PanelProps & {
  line: CompartmentLine;
  open: boolean;
  onOpen: () => void;
  onTakeOff: (button: HTMLElement) => void;
}) {
  const { say } = useUnits();
  const there = evaluation.read(compartments).find(({ id }) => id === line.id);
  const change = (build: typeof evaluation.build, words: string) =>
    bench.change({
      build: evaluation.house.settle(build, evaluation.build),
      words,
      choice: COMPARTMENTS_CHOICE,
    });
  return (
    <li className={classes.piece}>
      <button
        type="button"
        className={classes.pieceHead}
        style={{ gridTemplateColumns: '1fr auto' }}
        aria-expanded={open}
        onClick={onOpen}
      >
        <span>
          {line.name}, {FACE_NAMES[line.face].toLowerCase()}
        </span>
        <span className="figures" style={{ whiteSpace: 'nowrap' }}>
          {there ? say(`${inches(there.lowerDepthIn)} deep, ${cubicFeet(there.volumeFt3)}`) : 'no room left'}
        </span>
      </button>
      {open && (
        <div className={classes.pieceOpen}>
          {!there && (
            <p className={classes.note}>Other things take all of its room: move it, or what stands there.</p>
          )}
          <KeptText
            size="xs"
            label="Name"
            maxLength={20}
            value={line.name}
            onTake={(name) =>
              change(
                withCompartment(evaluation, line.id, { name }),
                `Compartment ${line.name} called ${name}`,
              )
            }
          />
          <ChoiceList
            evaluation={evaluation}
            bench={bench}
            choices={compartmentChoices(evaluation, line.id)}
            again={(build) => compartmentChoices(evaluation.with(build), line.id)}
          />
          <Button size="compact-xs" variant="default" onClick={(event) => onTakeOff(event.currentTarget)}>
            Remove {line.name}
          </Button>
        </div>
      )}
    </li>
  );
}

/** The compartments one by one: sized, renamed, added and removed; or as the body's family makes them. */
export function CompartmentsPanel(props: PanelProps) {
  const { evaluation, bench } = props;
  const { build } = evaluation;
  const [opened, setOpened] = useState<string | null>(null);
  const { takeOff, withRoom } = useTakenOff(bench);
  const own = build.body.compartments !== undefined;
  const lines = compartmentLines(evaluation);
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
            <Line
              key={line.id}
              {...props}
              line={line}
              open={opened === line.id}
              onOpen={() => setOpened(opened === line.id ? null : line.id)}
              onTakeOff={(button) =>
                takeOff(
                  button,
                  { id: line.id, name: line.name, at },
                  {
                    build: evaluation.house.settle(withCompartment(evaluation, line.id, null), build),
                    words: `Took off compartment ${line.name}`,
                    choice: COMPARTMENTS_CHOICE,
                  },
                )
              }
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
