import { lazy, Suspense, useLayoutEffect, useMemo, useRef, useState } from 'react';
import type { ReactNode } from 'react';
import { PAPERS } from '#core/papers';
import { useUnits } from '../common';
import { useSession } from '../session';
import { download, fileName } from './download';
import { orderPaper, useUnderway } from './orders';

const SheetImport = lazy(async () => ({ default: (await import('./SheetImport')).SheetImport }));
const DrawingSheet = lazy(async () => ({ default: (await import('./DrawingSheet')).DrawingSheet }));

/** One way for a build to go out or come in. */
export interface FileAction {
  id: string;
  name: string;
  run: () => void;
}

/**
 * What goes out of the open build and comes in: its file, its weight sheet, its drawings; and the dialogs
 * that this needs.
 */
export function useFiles(): { actions: FileAction[]; dialogs: ReactNode } {
  const { id: of, view, bench, evaluation, whenSaved } = useSession();
  const { system } = useUnits();
  const isUnderway = useUnderway(of);
  const printing = PAPERS.filter(({ id }) => isUnderway(id))
    .map(({ id }) => id)
    .join(' ');
  const [open, setOpen] = useState<'sheet' | 'drawing' | null>(null);
  // What goes out is the build as it is at the press; the menu need not be made anew for every edit.
  const now = useRef(evaluation);
  useLayoutEffect(() => {
    now.current = evaluation;
  }, [evaluation]);
  const actions = useMemo((): FileAction[] => {
    const named = (rest: string) => `${fileName(now.current.build.name)}${rest}`;
    return [
      {
        id: 'build-file',
        name: 'Build file',
        run: () =>
          download(
            named('.baros.json'),
            `${JSON.stringify(now.current.build, null, 2)}\n`,
            'application/json',
          ),
      },
      ...PAPERS.map(({ id, title }) => ({
        id: `paper-${id}`,
        name: printing.split(' ').includes(id) ? `${title} as PDF: it is being made` : `${title} as PDF`,
        run: () => void orderPaper({ id: of, name: now.current.build.name, paper: id, system, whenSaved }),
      })),
      {
        id: 'sheet-out',
        name: 'Weight sheet as CSV',
        run: () =>
          void import('./sheet-out').then(({ sheetCsv }) =>
            download(named('-weights.csv'), sheetCsv(now.current, system), 'text/csv'),
          ),
      },
      { id: 'sheet-in', name: 'Read a weight sheet…', run: () => setOpen('sheet') },
      { id: 'drawings', name: 'Drawings as SVG…', run: () => setOpen('drawing') },
    ];
  }, [of, system, printing, whenSaved]);
  const close = () => setOpen(null);
  const dialogs = (
    <>
      {open === 'sheet' && (
        <Suspense>
          <SheetImport bench={bench} evaluation={evaluation} onClose={close} />
        </Suspense>
      )}
      {open === 'drawing' && (
        <Suspense>
          <DrawingSheet view={view} evaluation={evaluation} onClose={close} />
        </Suspense>
      )}
    </>
  );
  return { actions, dialogs };
}
