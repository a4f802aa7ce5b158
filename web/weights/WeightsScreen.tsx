import { Tabs } from '@mantine/core';
import { lazy, Suspense } from 'react';
import { useParams, useNavigate } from 'react-router';
import { FilesMenu, useFiles } from '../files';
import { SessionBar, useSession } from '../session';
import { Advice } from './Advice';
import { Certainty } from './Certainty';
import { Limits } from './Limits';
import { Sheet } from './Sheet';
import { Sides } from './Sides';
import classes from './weights.module.css';

const States = lazy(async () => ({ default: (await import('./States')).States }));
const Filling = lazy(async () => ({ default: (await import('./Filling')).Filling }));
const Payload = lazy(async () => ({ default: (await import('./Payload')).Payload }));
const Frame = lazy(async () => ({ default: (await import('./FrameLoads')).FrameLoadsView }));

const SECTIONS = [
  { id: 'sheet', title: 'Weight sheet', Section: Sheet },
  { id: 'states', title: 'Load states', Section: States },
  { id: 'filling', title: 'Filling', Section: Filling },
  { id: 'sides', title: 'Sides', Section: Sides },
  { id: 'certainty', title: 'How sure', Section: Certainty },
  { id: 'payload', title: 'Payload left', Section: Payload },
  { id: 'frame', title: 'Along the frame', Section: Frame },
  { id: 'limits', title: 'Limits', Section: Limits },
  { id: 'advice', title: 'Advice', Section: Advice },
];

/** The weighbridge of a build: every pound, where it is and how sure we are. */
export function WeightsScreen() {
  const { id } = useSession();
  const { section = 'sheet' } = useParams();
  const navigate = useNavigate();
  const files = useFiles();
  return (
    <div className={classes.weights}>
      <SessionBar><FilesMenu actions={files.actions} /></SessionBar>
      <Tabs value={section} onChange={(to) => void navigate(`/builds/${id}/weights/${to ?? 'sheet'}`, { replace: true })} keepMounted={false} classNames={{ root: classes.tabs!, panel: classes.section! }}>
        <Tabs.List aria-label="Sections of the weighbridge">{SECTIONS.map(({ id: of, title }) => <Tabs.Tab key={of} value={of}>{title}</Tabs.Tab>)}</Tabs.List>
        {SECTIONS.map(({ id: of, Section }) => <Tabs.Panel key={of} value={of}><Suspense><Section /></Suspense></Tabs.Panel>)}
      </Tabs>
      {files.dialogs}
    </div>
  );
}
