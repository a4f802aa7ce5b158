import type { QueryClient, QueryKey } from '@tanstack/react-query';

/**
 * Asks anew after a change. What was already being asked was asked before the change and is let go: a first
 * answer that is still on its way would otherwise be taken for the new one.
 */
export const askAfresh = (client: QueryClient, keys: readonly QueryKey[]): Promise<void[]> =>
  Promise.all(
    keys.map(async (queryKey) => {
      await client.cancelQueries({ queryKey });
      await client.invalidateQueries({ queryKey });
    }),
  );
