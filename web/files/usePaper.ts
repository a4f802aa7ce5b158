import { notifications } from '@mantine/notifications';
import { useEffect, useState } from 'react';
import { askFile } from '../api';
import { useUnits } from '../common';
import { useSession } from '../session';
import { download, fileName } from './download';

const refuse = (message: string) =>
  notifications.show({ withBorder: true, color: 'red', title: 'The paper could not be made', message });

/** A paper as a PDF: the server makes it of what is saved, so it is asked for as soon as everything is. */
export function usePaper(): { print: (paper: string) => void; printing: string | null } {
  const { id, bench, saving } = useSession();
  const { system } = useUnits();
  const [wanted, setWanted] = useState<string | null>(null);
  const { name } = bench.build;
  useEffect(() => {
    if (!wanted || saving.kind === 'saving') return undefined;
    if (saving.kind !== 'saved') {
      refuse(
        saving.kind === 'offline'
          ? 'The server makes it, and does not answer. What you changed is kept here.'
          : 'It is made of what is saved, and this build is not: settle that first.',
      );
      setWanted(null);
      return undefined;
    }
    let left = false;
    askFile(`builds/${id}/papers/${wanted}?units=${system}`)
      .then(
        (pdf) => {
          if (!left) download(`${fileName(name)}-${wanted}.pdf`, pdf, 'application/pdf');
        },
        (error: Error) => {
          if (!left) refuse(error.message);
        },
      )
      .finally(() => {
        if (!left) setWanted(null);
      });
    return () => {
      left = true;
    };
  }, [wanted, saving.kind, id, system, name]);
  return { print: setWanted, printing: wanted };
}
