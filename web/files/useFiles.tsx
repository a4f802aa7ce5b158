import { lazy, Suspense, useMemo, useState } from 'react';
import type { ReactNode } from 'react';
import { sheetCsv } from '#core/exchange';
import { PAPERS } from '#core/papers';
import { useUnits } from '../common';
import { useSession } from '../session';
import { download, fileName } from './download';
import { SheetImport } from './SheetImport';
import { usePaper } from './usePaper';

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
  const { view, bench, evaluation } = useSession();
  const { system } = useUnits();
  const { print, printing } = usePaper();
  const [open, setOpen] = useState<'sheet' | 'drawing' | null>(null);
  const { build } = bench;
  const actions = useMemo((): FileAction[] => {
    const name = fileName(build.name);
    return [
      {
        id: 'build-file',
        name: 'Build file',
        run: () => download(`${name}.baros.json`, `${JSON.stringify(build, null, 2)}\n`, 'application/json'),
      },
      ...PAPERS.map(({ id, title }) => ({
        id: `paper-${id}`,
        name: printing === id ? `${title} as PDF: it is being made` : `${title} as PDF`,
        run: () => print(id),
      })),
      {
        id: 'sheet-out',
        name: 'Weight sheet as CSV',
        run: () => download(`${name}-weights.csv`, sheetCsv(evaluation, system), 'text/csv'),
      },
      { id: 'sheet-in', name: 'Read a weight sheet…', run: () => setOpen('sheet') },
      { id: 'drawings', name: 'Drawings as SVG…', run: () => setOpen('drawing') },
    ];
  }, [build, evaluation, system, print, printing]);
  const close = () => setOpen(null);
  const dialogs = (
    <>
      {open === 'sheet' && <SheetImport bench={bench} evaluation={evaluation} onClose={close} />}
      {open === 'drawing' && (
        <Suspense>
          <DrawingSheet view={view} evaluation={evaluation} onClose={close} />
        </Suspense>
      )}
    </>
  );
  return { actions, dialogs };
}
