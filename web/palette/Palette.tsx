import { Modal } from '@mantine/core';
import { Command } from 'cmdk';
import { useState } from 'react';
import { matches } from './matches';
import classes from './palette.module.css';

/** Something that can be found by name and done. */
export interface Entry {
  id: string;
  group: string;
  name: string;
  /** What stands beside it: its keys, its step, its weight. */
  note?: string;
  run: () => void;
  /** What is asked before it is done, such as into which compartment; each answer runs. */
  asks?: { question: string; answers: () => Entry[] };
}

interface Props {
  entries: Entry[];
  /** What was typed before it was there. */
  begun: string;
  onClose: () => void;
}

/** Finds a part, a component, a finding, a screen or an action by name. */
export function Palette({ entries: all, begun, onClose }: Props) {
  const [asked, setAsked] = useState<{ question: string; answers: Entry[] } | null>(null);
  const [words, setWords] = useState(begun);
  const entries = asked?.answers ?? all;
  const groups = [...new Set(entries.map(({ group }) => group))];
  const take = ({ asks, run }: Entry) => {
    if (asks) {
      setAsked({ question: asks.question, answers: asks.answers() });
      setWords('');
      return;
    }
    onClose();
    run();
  };
  /** Back from a question to what was found. */
  const back = () => {
    setAsked(null);
    setWords('');
  };
  return (
    <Modal
      opened
      onClose={onClose}
      title="Find anything"
      withCloseButton={false}
      size="lg"
      padding={0}
      yOffset="12vh"
      styles={{ header: { display: 'none' } }}
    >
      <Command
        key={asked?.question ?? ''}
        label={asked?.question ?? 'Find anything'}
        className={classes.palette}
        loop
        filter={matches}
        onKeyDown={(event) => {
          if (asked && event.key === 'Backspace' && words === '') back();
        }}
      >
        <Command.Input
          className={classes.input}
          value={words}
          onValueChange={setWords}
          placeholder={asked ? asked.question : 'Find a part, a component, a check, a screen…'}
          autoFocus
          data-autofocus
        />
        <Command.List className={classes.list}>
          <Command.Empty className={classes.empty}>Nothing by that name.</Command.Empty>
          {groups.map((group) => (
            <Command.Group key={group} heading={group}>
              {entries
                .filter((entry) => entry.group === group)
                .map((entry) => (
                  <Command.Item
                    key={entry.id}
                    value={`${entry.name} ${entry.id}`}
                    keywords={[group]}
                    onSelect={() => take(entry)}
                  >
                    <span>{entry.name}</span>
                    {entry.note && <span className={classes.note}>{entry.note}</span>}
                  </Command.Item>
                ))}
            </Command.Group>
          ))}
        </Command.List>
      </Command>
    </Modal>
  );
}
