import { notifications } from '@mantine/notifications';
import { useCallback, useEffect, useState } from 'react';
import { askFile } from '../api';
import { useUnits } from '../common';
import { useSession } from '../session';
import { download, fileName } from './download';

const refuse = (message: string) => notifications.show({ withBorder: true, color: 'red', title: 'The paper could not be made', message });

/** The weight sheet as a PDF: the server makes it of what is saved, so it is asked for as soon as everything is. */
export function usePaper(): { print: () => void; printing: boolean } {
  const { id, bench, saving } = useSession();
  const { system } = useUnits();
  const [wanted, setWanted] = useState(false);
  const { name } = bench.spec;
  useEffect(() => {
    if (!wanted || saving.kind === 'saving') return undefined;
    if (saving.kind !== 'saved') {
      refuse(saving.kind === 'offline' ? 'The server makes it, and does not answer. What you changed is kept here.' : 'It is made of what is saved, and this build is not: settle that first.');
      setWanted(false);
      return undefined;
    }
    let left = false;
    askFile(`builds/${id}/papers/weights?units=${system}`).then(
      (pdf) => { if (!left) download(`${fileName(name)}-weights.pdf`, pdf, 'application/pdf'); },
      (error: Error) => { if (!left) refuse(error.message); },
    ).finally(() => { if (!left) setWanted(false); });
    return () => { left = true; };
  }, [wanted, saving.kind, id, system, name]);
  return { print: useCallback(() => setWanted(true), []), printing: wanted };
}
