import { Button, Group, Modal, TextInput } from '@mantine/core';
import { useLocalStorage } from '@mantine/hooks';
import { IconUser } from '../icons';
import { useState } from 'react';
import classes from './frame.module.css';

const KEY = 'baros-who';
const MOST = 60;

/** The name under which this person's changes stand in the history; empty until they give one. */
export function whoAmI(): string {
  try {
    return (JSON.parse(localStorage.getItem(KEY) ?? '""') as string).slice(0, MOST);
  } catch {
    return '';
  }
}

/** Says who is at work, and lets them say it. */
export function WhoSwitch() {
  const [who, setWho] = useLocalStorage({ key: KEY, defaultValue: '', getInitialValueInEffect: false });
  const [asking, setAsking] = useState(false);
  const [name, setName] = useState(who);
  const keep = () => {
    setWho(name.trim());
    setAsking(false);
  };
  return (
    <>
      <button
        type="button"
        className={classes.who}
        onClick={() => {
          setName(who);
          setAsking(true);
        }}
        aria-label={who ? `You are ${who}; change your name` : 'Say who you are'}
        title={who || 'Say who you are, for the history'}
      >
        <IconUser size={17} aria-hidden="true" />
        {who && (
          <span>
            {who
              .split(/\s+/)
              .map((word) => word[0])
              .join('')
              .slice(0, 3)
              .toUpperCase()}
          </span>
        )}
      </button>
      <Modal opened={asking} onClose={() => setAsking(false)} title="Your name" centered size="sm">
        <form
          onSubmit={(event) => {
            event.preventDefault();
            keep();
          }}
        >
          <TextInput
            label="Name"
            description="Stands beside your changes in the history of a build"
            data-autofocus
            maxLength={MOST}
            value={name}
            onChange={(event) => setName(event.currentTarget.value)}
          />
          <Group justify="flex-end" mt="md">
            <Button variant="default" onClick={() => setAsking(false)}>
              Cancel
            </Button>
            <Button type="submit">Keep</Button>
          </Group>
        </form>
      </Modal>
    </>
  );
}
