import { useRouteError } from 'react-router';
import { Message } from './Message';

/** A page that is not there, or a screen that failed; what was saved is safe. */
export function ScreenError({ missing = false }: { missing?: boolean }) {
  const error = useRouteError() as { message?: string } | undefined;
  if (missing)
    return (
      <Message title="There is nothing at this address">
        The build may have been opened from an old link.
      </Message>
    );
  return (
    <Message title="This screen could not be shown" reload>
      What was saved is safe. {error?.message}
    </Message>
  );
}
