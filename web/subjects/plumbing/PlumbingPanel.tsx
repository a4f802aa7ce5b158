import { Button, NativeSelect } from '@mantine/core';
import { useState } from 'react';
import {
  connectionChoices,
  connections,
  CONNECTION_FIELDS,
  CONNECTION_KINDS,
  CONNECTIONS_CHOICE,
  fed,
  KIND_NAMES,
  PLACE_NAMES,
  PLACES,
  withConnection,
  withConnections,
  withNewConnections,
  withNoConnections,
  withOwnConnections,
} from '#core/subjects/plumbing';
import { hoseSize } from '#core/units';
import type { Build } from '#core/build';
import { useUnits } from '../../common';
import { classes, DeltaHeads, ListedLine, useTakenOff } from '../../panel';
import type { PanelProps } from '../face';
import own from './plumbing.module.css';
import { Swatch } from './Swatch';

/** Every intake and discharge by where it opens: chosen one by one, added and removed. */
export function PlumbingPanel({ evaluation, bench }: PanelProps) {
  const { build } = evaluation;
  const { say } = useUnits();
  const [opened, setOpened] = useState<string | null>(null);
  const { takeOff, withRoom } = useTakenOff(bench);
  const all = evaluation.read(connections);
  const isOwn = build.plumbing.connections !== undefined;
  const names = new Map(evaluation.read(fed).map(({ id, name }) => [id, name]));
  const change = (next: Build, words: string) =>
    bench.change({ build: evaluation.house.settle(next, build), words, choice: CONNECTIONS_CHOICE });
  if (build.pump.partId === undefined)
    return <p className={classes.note}>Without a pump there is nothing to plumb: choose one in its step.</p>;
  return (
    <section className={classes.group} aria-label="Intakes and discharges">
      <h3 className={classes.groupTitle}>Intakes and discharges</h3>
      <p className={classes.note}>
        {isOwn
          ? 'They are this build’s own. What is beyond the usual set of such a pump weighs, with its pipe; what is missing comes off the pump’s weight.'
          : 'Assumed: as such a pump usually has them, within its weight. The first change makes them this build’s own.'}
      </p>
      <DeltaHeads />
      {PLACES.map((place) => {
        const here = all.filter(({ at }) => at === place);
        return (
          here.length > 0 && (
            <section key={place} aria-label={PLACE_NAMES[place]}>
              <h4 className={classes.groupTitle}>{PLACE_NAMES[place]}</h4>
              <ul className={classes.pieces}>
                {withRoom(
                  here.map((one, at) => [
                    one.id,
                    <ListedLine
                      key={one.id}
                      evaluation={evaluation}
                      bench={bench}
                      mark={
                        one.kind === 'discharge' ? (
                          <Swatch color={one.color} />
                        ) : (
                          <span className={own.noSwatch} />
                        )
                      }
                      title={one.label}
                      says={say(`${hoseSize(one.sizeIn)} ${KIND_NAMES[one.kind].toLowerCase()}`)}
                      note={one.feedsId ? `Feeds: ${names.get(one.feedsId) ?? one.feedsId}` : null}
                      rename={{
                        name: one.label,
                        most: CONNECTION_FIELDS.label.most,
                        take: (label) =>
                          change(
                            withConnection(evaluation, one.id, { label }),
                            `${one.label} labeled ${label}`,
                          ),
                      }}
                      choicesOf={(on) => connectionChoices(on, one.id)}
                      takeOff={{
                        words: `Remove ${one.label}`,
                        press: (button) =>
                          takeOff(
                            button,
                            { id: one.id, name: one.label, at },
                            {
                              build: evaluation.house.settle(withConnection(evaluation, one.id, null), build),
                              words: `Took off ${one.label}`,
                              choice: CONNECTIONS_CHOICE,
                            },
                          ),
                      }}
                      open={opened === one.id}
                      onOpen={() => setOpened(opened === one.id ? null : one.id)}
                    />,
                  ]),
                )}
              </ul>
            </section>
          )
        );
      })}
      {all.length === 0 && <p className={classes.note}>None yet.</p>}
      <div className={own.adds}>
        <NativeSelect
          size="xs"
          label="Add an intake or a discharge"
          style={{ flex: 1 }}
          value=""
          onChange={(event) => {
            const kind = CONNECTION_KINDS.find(({ id }) => id === event.currentTarget.value);
            if (!kind) return;
            const next = withNewConnections(evaluation, kind.said);
            change(next, `Added: ${kind.title.toLowerCase()}`);
            setOpened(next.plumbing.connections!.at(-1)!.id);
          }}
          data={[
            { value: '', label: 'Choose what…' },
            ...CONNECTION_KINDS.map(({ id, title }) => ({ value: id, label: title })),
          ]}
        />
        {isOwn ? (
          <Button
            size="xs"
            variant="default"
            onClick={() =>
              change(withConnections(build, undefined), 'Plumbing as such a pump usually has it')
            }
          >
            As usual
          </Button>
        ) : (
          <Button
            size="xs"
            variant="default"
            onClick={() => change(withOwnConnections(evaluation), 'The usual plumbing confirmed')}
          >
            Confirm as usual
          </Button>
        )}
        {all.length > 0 && (
          <Button
            size="xs"
            variant="default"
            onClick={() => change(withNoConnections(build), 'All intakes and discharges taken off')}
          >
            Begin from nothing
          </Button>
        )}
      </div>
    </section>
  );
}
