import { ActionIcon } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { IconKeyboard, IconSearch } from '@tabler/icons-react';
import { Suspense, useCallback, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { assumedIn, cautionsFor, stepStates, worstFirst } from '#core/kernel';
import type { Direction, Grip } from '#core/kernel';
import { house } from '#core/subjects';
import { useOwnParts } from '../api';
import { useUnits, useUnitSwitch } from '../common';
import type { Arrangement } from '../drawing';
import { FilesMenu, useFiles } from '../files';
import { Palette } from '../palette';
import { Assumed, Choices, classes } from '../panel';
import { evaluated, SessionBar, useOffered, useSession } from '../session';
import { panelsOf, SIDES } from '../subjects';
import { AssumedPanel } from './AssumedPanel';
import { ARRANGEMENTS, Drawing } from './Drawing';
import { entriesOf } from './entries';
import { CatalogueNews } from './CatalogueNews';
import { FindingsPanel } from './FindingsPanel';
import { OwnPartNews } from './OwnPartNews';
import { Schools } from './Schools';
import { Shortcuts } from './Shortcuts';
import { STEP_KEYS } from './keys';
import { SinceSaved } from './SinceSaved';
import { StepList } from './StepList';
import look from './bench.module.css';

/** What the panel shows: the choices of a step, a finding, what is assumed, or the panel of a subject. */
type Panel = { kind: 'step' } | { kind: 'finding'; id: string } | { kind: 'side'; id: string };

const STEP: Panel = { kind: 'step' };
const ASSUMED = 'assumed';

/** The bench of the build that is open: the order of work, the drawing, the scale, and the choices of a step. */
export function BenchScreen() {
  const { id, view, bench, evaluation } = useSession();
  const { build, before: beforeBuild, step: changes } = bench;
  const { say } = useUnits();
  const takeUnits = useUnitSwitch();
  const navigate = useNavigate();
  const [step, setStep] = useState(() => house.stepsFor(build)[0]!.id);
  const [panel, setPanel] = useState<Panel>(STEP);
  const [arrangement, setArrangement] = useState<Arrangement>('driver');
  const [pointedAt, setPointedAt] = useState<string[]>([]);
  const [keys, setKeys] = useState(false);
  const [finding, setFinding] = useState(false);
  const files = useFiles();
  const ownParts = useOwnParts(view.departmentId).data;
  const offered = useOffered();
  const offering = useMemo(() => evaluation.with(offered), [evaluation, offered]);

  const steps = useMemo(() => stepStates(evaluation), [evaluation]);
  const assumed = useMemo(() => assumedIn(house, build), [build]);
  const grips = useMemo(
    () =>
      house.subjects.flatMap(({ id, grips: of }) =>
        (of?.(evaluation) ?? []).filter(({ inItsStep }) => !inItsStep || id === step),
      ),
    [evaluation, step],
  );
  const before = useMemo(() => {
    if (!beforeBuild) return null;
    const was = evaluated(beforeBuild);
    return { key: changes, evaluation: was, figures: was.figures() };
  }, [beforeBuild, changes]);

  const goTo = useCallback((to: string) => {
    setStep(to);
    setPanel(STEP);
    setPointedAt([]);
  }, []);
  const open = panel.kind === 'finding' ? panel.id : null;
  const openFinding = (check: string) => setPanel(check === open ? STEP : { kind: 'finding', id: check });
  const toggle = (side: string) =>
    setPanel(panel.kind === 'side' && panel.id === side ? STEP : { kind: 'side', id: side });
  const close = () => setPanel(STEP);
  const stepAt = (index: number) => steps[index] && goTo(steps[index].id);
  const nextStep = (by: number) =>
    stepAt((steps.findIndex((state) => state.id === step) + by + steps.length) % steps.length);
  const move = (grip: Grip, by: Partial<Record<Direction, number>>) =>
    bench.change({
      build: grip.moved(by),
      words: `Moved: ${grip.title.toLowerCase()}`,
      control: `grip-${grip.id}`,
      choice: grip.choice,
    });

  useHotkeys([['mod+K', () => setFinding(true)]], []);
  useHotkeys([
    ['alt+ArrowUp', () => nextStep(-1)],
    ['alt+ArrowDown', () => nextStep(1)],
    ...STEP_KEYS.map((key, i): [string, () => void] => [key, () => stepAt(i)]),
    ['V', () => setArrangement(ARRANGEMENTS[(ARRANGEMENTS.indexOf(arrangement) + 1) % ARRANGEMENTS.length]!)],
    ['F', () => setPanel(open ? STEP : { kind: 'finding', id: worstFirst(evaluation.findings)[0]!.id })],
    ...SIDES.map(({ id: side, key }): [string, () => void] => [key, () => toggle(side)]),
    ['A', () => toggle(ASSUMED)],
    ['W', () => void navigate(`/builds/${id}/analysis`)],
    ['H', () => void navigate(`/builds/${id}/history`)],
    ['/', () => setFinding(true)],
    ['Escape', close],
    ['shift+?', () => setKeys(true)],
    ['?', () => setKeys(true)],
  ]);

  const entries = useMemo(
    () =>
      finding
        ? entriesOf(id, offering, {
            say,
            bench,
            goTo,
            open: (check) => setPanel({ kind: 'finding', id: check }),
            point: setPointedAt,
            arrange: setArrangement,
            show: (side) => setPanel({ kind: 'side', id: side }),
            visit: (path) => void navigate(path),
            units: takeUnits,
            files: files.actions,
            keys: () => setKeys(true),
          })
        : [],
    [finding, id, offering, say, goTo, navigate, takeUnits, bench, files.actions],
  );

  const icon = { variant: 'subtle', color: 'gray', c: 'var(--ink)' } as const;
  const { title } = house.subject(step);
  const Side = panel.kind === 'side' ? SIDES.find(({ id: side }) => side === panel.id) : undefined;
  const panelName =
    panel.kind === 'step' ? title : panel.kind === 'finding' ? 'Findings' : (Side?.title ?? 'Still assumed');
  const listed = house
    .inPanelOf(house.subject(step))
    .flatMap((subject) => house.choicesOf(subject, build))
    .filter(({ kind }) => kind === 'list');
  return (
    <div className={look.bench}>
      <SessionBar>
        <ActionIcon
          {...icon}
          onClick={() => setFinding(true)}
          aria-label="Find anything"
          title="Find anything (Ctrl K)"
        >
          <IconSearch size={18} />
        </ActionIcon>
        <FilesMenu actions={files.actions} />
        <ActionIcon {...icon} onClick={() => setKeys(true)} aria-label="Keys" title="Keys (?)">
          <IconKeyboard size={19} />
        </ActionIcon>
      </SessionBar>
      <StepList steps={steps} step={step} onStep={goTo} assumed={assumed} onAssumed={() => toggle(ASSUMED)} />
      <Drawing
        evaluation={evaluation}
        before={before}
        arrangement={arrangement}
        onArrange={setArrangement}
        pointedAt={pointedAt}
        open={open}
        onOpen={openFinding}
        grips={grips}
        onMove={move}
        onLetGo={bench.settle}
        onSide={toggle}
      />
      <aside className={look.panel} aria-label={panelName}>
        {panel.kind === 'finding' && (
          <FindingsPanel
            build={offered}
            evaluation={evaluation}
            open={panel.id}
            onOpen={(check) => setPanel({ kind: 'finding', id: check })}
            onClose={close}
            bench={bench}
            pointAt={setPointedAt}
          />
        )}
        {Side && (
          <Suspense>
            <Side.Panel evaluation={evaluation} bench={bench} onClose={close} />
          </Suspense>
        )}
        {panel.kind === 'side' && panel.id === ASSUMED && (
          <AssumedPanel bench={bench} onStep={goTo} onClose={close} />
        )}
        {panel.kind === 'step' && (
          <>
            <div className={classes.panelHead}>
              <h2>
                {title}
                <Assumed ids={listed.map((choice) => choice.id)} bench={bench} />
              </h2>
            </div>
            <p className={look.sentence}>{say(steps.find((state) => state.id === step)?.sentence ?? '')}</p>
            <SinceSaved view={view} />
            <CatalogueNews evaluation={evaluation} bench={bench} />
            <OwnPartNews build={build} parts={ownParts} bench={bench} />
            <Choices evaluation={offering} step={step} bench={bench} />
            {/* What stands below the subject's panel comes with it: it must not move under a finger. */}
            <Suspense>
              {panelsOf(step).map(({ id: of, Panel: SubjectPanel }) => (
                <SubjectPanel key={of} evaluation={offering} bench={bench} pointAt={setPointedAt} />
              ))}
              <Schools evaluation={offering} step={step} bench={bench} />
              {cautionsFor(house, step).map((caution) => (
                <p key={caution} className={classes.note}>
                  {caution}
                </p>
              ))}
            </Suspense>
          </>
        )}
      </aside>
      {files.dialogs}
      <Shortcuts opened={keys} onClose={() => setKeys(false)} steps={steps} />
      {finding && <Palette entries={entries} onClose={() => setFinding(false)} />}
    </div>
  );
}
