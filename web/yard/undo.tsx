import { Button } from '@mantine/core';
import { notifications } from '@mantine/notifications';

/** Says what was done, with the way back. */
export function sayWithUndo(message: string, undo: () => void) {
  const id = notifications.show({
    withBorder: true,
    autoClose: 9000,
    color: 'spruce',
    message: (
      <span style={{ display: 'flex', alignItems: 'center', gap: 12 }}>
        <span style={{ flex: 1 }}>{message}</span>
        <Button
          size="compact-sm"
          variant="default"
          onClick={() => {
            notifications.hide(id);
            undo();
          }}
        >
          Undo
        </Button>
      </span>
    ),
  });
}

/** Says what could not be done. */
export const sayFailed = (what: string) => (error: Error) => {
  notifications.show({ withBorder: true, color: 'red', title: what, message: error.message });
};
