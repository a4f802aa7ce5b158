import type { NotificationData } from '@mantine/notifications';

/** Says something at the foot of whatever screen is open; gives the way to take it back. */
export async function notify(said: NotificationData): Promise<() => void> {
  const { notifications } = await import('@mantine/notifications');
  const id = notifications.show({
    withBorder: true,
    closeButtonProps: { 'aria-label': 'Close this message' },
    ...said,
  });
  return () => void notifications.hide(id);
}
