import { ActionIcon, Menu } from '@mantine/core';
import { IconFiles } from '@tabler/icons-react';
import { lazy, Suspense, useState } from 'react';
import { sheetCsv } from '#core/study';
import { useUnits } from '../common';
import { useSession } from '../session';
import { download, fileName } from './download';
import { SheetImport } from './SheetImport';

const DrawingSheet = lazy(async () => ({ default: (await import('./DrawingSheet')).DrawingSheet }));

/** What goes out of a build and comes in: its file, its weight sheet, its drawings. */
export function FilesMenu() {
  const { build, bench, evaluation } = useSession();
  const { system } = useUnits();
  const [open, setOpen] = useState<'sheet' | 'drawing' | null>(null);
  const { spec } = bench;
  const name = fileName(spec.name);
  return (
    <>
      <Menu position="bottom-end" withinPortal>
        <Menu.Target><ActionIcon variant="subtle" color="gray" c="var(--ink)" aria-label="Files" title="Files: out and in"><IconFiles size={19} /></ActionIcon></Menu.Target>
        <Menu.Dropdown>
          <Menu.Item onClick={() => download(`${name}.baros.json`, `${JSON.stringify(spec, null, 2)}\n`, 'application/json')}>Build file</Menu.Item>
          <Menu.Item onClick={() => download(`${name}-weights.csv`, sheetCsv(evaluation, system), 'text/csv')}>Weight sheet as CSV</Menu.Item>
          <Menu.Item onClick={() => setOpen('sheet')}>Read a weight sheet…</Menu.Item>
          <Menu.Item onClick={() => setOpen('drawing')}>Drawings as SVG…</Menu.Item>
        </Menu.Dropdown>
      </Menu>
      {open === 'sheet' && <SheetImport bench={bench} evaluation={evaluation} onClose={() => setOpen(null)} />}
      {open === 'drawing' && <Suspense><DrawingSheet build={build} evaluation={evaluation} onClose={() => setOpen(null)} /></Suspense>}
    </>
  );
}
