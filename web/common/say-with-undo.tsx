import { Button } from '@mantine/core';
import { notify } from './notify';

/** Says what was done, with the way back; gives the way to take what was said off the screen. */
export function sayWithUndo(message: string, undo: () => void): () => void {
  const hide = () => void said.then((off) => off());
  const back = () => {
    hide();
    undo();
  };
  const said = notify({
    autoClose: 9000,
    color: 'spruce',
    message: (
      <span style={{ display: 'flex', alignItems: 'center', gap: 12 }}>
        <span style={{ flex: 1, whiteSpace: 'pre-line' }}>{message}</span>
        <Button size="compact-sm" variant="default" onClick={back}>
          Undo
        </Button>
      </span>
    ),
  });
  return hide;
}

/** Says what could not be done. */
export const sayFailed =
  (what: string) =>
  (error: Error): void =>
    void notify({ color: 'red', title: what, message: error.message });
