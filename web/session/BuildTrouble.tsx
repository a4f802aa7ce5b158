import { Button, Group } from '@mantine/core';
import { useState } from 'react';
import { useParams, useRouteError } from 'react-router';
import type { BuildView, RevisionDetail, RevisionView } from '#core/exchange';
import { ask, useRevisions } from '../api';
import { Message, whoAmI } from '../common';

/** So many earlier revisions are offered. */
const OFFERED = 5;
const when = new Intl.DateTimeFormat('en-US', { dateStyle: 'medium', timeStyle: 'short' });

/** Puts an earlier revision in place of the newest, as a revision of its own. */
async function restore(id: string, newest: number, { revision }: RevisionView): Promise<BuildView> {
  const { build } = await ask<RevisionDetail>('GET', `builds/${id}/revisions/${revision}`);
  return ask<BuildView>('PUT', `builds/${id}`, {
    revision: newest,
    words: `Restored revision ${revision}`,
    build,
    who: whoAmI(),
  });
}

/**
 * A build that can't be shown, whatever screen looks at it: what is wrong, its file to take away, and the way
 * back to an earlier revision. Others go on.
 */
export function BuildTrouble() {
  const { id = '' } = useParams();
  const error = useRouteError() as { message?: string } | undefined;
  const revisions = useRevisions(id).data?.pages[0] ?? [];
  const [failed, setFailed] = useState<string | null>(null);
  const [newest, ...earlier] = revisions;
  return (
    <Message title="This build can’t be shown" reload>
      Something in it is not what it should be: {error?.message ?? 'no reason was given'}. What was saved is
      safe, and no other build is touched.
      <Group my="md">
        <Button component="a" href={`/api/builds/${id}/file`} download={`${id}.baros.json`} variant="default">
          Download its file
        </Button>
      </Group>
      {newest &&
        earlier.slice(0, OFFERED).map((revision) => (
          <Button
            key={revision.revision}
            variant="subtle"
            c="var(--ink)"
            onClick={() =>
              void restore(id, newest.revision, revision).then(
                () => window.location.reload(),
                (reason: Error) => setFailed(reason.message),
              )
            }
          >
            Restore revision {revision.revision}, {when.format(new Date(revision.savedAt))}
          </Button>
        ))}
      {failed && <span role="alert">It could not be restored: {failed}</span>}
    </Message>
  );
}
