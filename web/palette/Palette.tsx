import { Modal } from '@mantine/core';
import { Command } from 'cmdk';
import classes from './palette.module.css';

/** Something that can be found by name and done. */
export interface Entry {
  id: string;
  group: string;
  name: string;
  /** What stands beside it: its keys, its step, its weight. */
  note?: string;
  run: () => void;
}

/** Every word that was typed stands in the name; those that begin with it come first. */
const hasAll = (value: string, search: string): number => {
  const name = value.toLowerCase();
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  return words.every((word) => name.includes(word)) ? (name.startsWith(search.toLowerCase()) ? 1 : 0.5) : 0;
};

/** Finds a part, a component, a finding, a screen or an action by name. */
export function Palette({ entries, onClose }: { entries: Entry[]; onClose: () => void }) {
  const groups = [...new Set(entries.map(({ group }) => group))];
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
      <Command label="Find anything" className={classes.palette} loop filter={hasAll}>
        <Command.Input
          className={classes.input}
          placeholder="Find a part, a component, a finding, a screen…"
          autoFocus
          data-autofocus
        />
        <Command.List className={classes.list}>
          <Command.Empty className={classes.empty}>Nothing of that name.</Command.Empty>
          {groups.map((group) => (
            <Command.Group key={group} heading={group}>
              {entries
                .filter((entry) => entry.group === group)
                .map(({ id, name, note, run }) => (
                  <Command.Item
                    key={id}
                    value={`${name} ${id}`}
                    keywords={[group]}
                    onSelect={() => {
                      onClose();
                      run();
                    }}
                  >
                    <span>{name}</span>
                    {note && <span className={classes.note}>{note}</span>}
                  </Command.Item>
                ))}
            </Command.Group>
          ))}
        </Command.List>
      </Command>
    </Modal>
  );
}
