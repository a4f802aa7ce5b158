import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import type { Build } from '#core/build';
import type { BuildView } from '#core/exchange';
import { ask, askAfresh } from '../api';
import { keeper } from './kept';
import type { Opened } from './open-build';
import { makeSaver, savingOf } from './saver';
import type { Saving } from './saver';
import { sendBuild } from './send';
import { holdOpen } from './unsent';

/** Saves the build of this screen as it changes, and once more when the screen or the page is left. */
export function useSaving(opened: Opened, build: Build, words: string) {
  const client = useQueryClient();
  const [saving, setSaving] = useState<Saving>(() => savingOf(opened));
  const [{ keep, flush }] = useState(keeper);
  const [saver] = useState(() =>
    makeSaver(opened, {
      send: sendBuild,
      look: (id) => ask<BuildView>('GET', `builds/${id}`),
      keep,
      told: setSaving,
      saved: (view) => {
        void askAfresh(client, [['builds'], ['revisions', view.id]]);
      },
    }),
  );

  useEffect(() => saver.edit(build, words), [saver, build, words]);

  useEffect(() => {
    const letGo = holdOpen(saver.base().id);
    const leave = () => {
      flush();
      void saver.send(true);
    };
    const back = () => void saver.send();
    window.addEventListener('pagehide', leave);
    window.addEventListener('online', back);
    return () => {
      window.removeEventListener('pagehide', leave);
      window.removeEventListener('online', back);
      saver.leave();
      flush();
      letGo();
    };
  }, [saver, flush]);

  // An edit is told as unsaved in the very render that shows it, not when its effect has run.
  const shown: Saving = saving.kind === 'saved' && build !== saver.base().build ? { kind: 'saving' } : saving;
  return { saving: shown, adopt: saver.adopt, whenSaved: saver.whenSaved };
}
