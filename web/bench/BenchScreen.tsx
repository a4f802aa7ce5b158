import { ActionIcon } from '@mantine/core';
import { IconKeyboard, IconSearch } from '@tabler/icons-react';
import { memo, Suspense, useCallback, useDeferredValue, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { assumedIn, stepStates, worstFirst } from '#core/kernel';
import type { Direction, Grip } from '#core/kernel';
import { house } from '#core/subjects';
import { useOwnParts } from '../api';
import { Skip, useKeys, useTitle, useUnits, useUnitSwitch } from '../common';
import type { Arrangement } from '../drawing';
import { FilesMenu, useFiles } from '../files';
import type { FileAction } from '../files';
import { evaluated, SessionBar, useOffered, useSession } from '../session';
import { SIDES } from '../subjects';
import { ARRANGEMENTS, Drawing } from './Drawing';
import type { Hands } from './entries';
import { AssumedPanel, FindingsPanel, Finder, Shortcuts } from './later';
import { STEP_KEYS } from './keys';
import { StepList } from './StepList';
import { StepPanel } from './StepPanel';
import { STEP, usePanel } from './panel';
import type { Seen } from './StepPanel';
import look from './bench.module.css';

const CHOICES = 'choices';
const ASSUMED = 'assumed';

type BarProps = { actions: FileAction[]; onFind: () => void; onKeys: () => void };

/** The bench's own controls in the bar. */
const BenchBar = memo(function BenchBar({ actions, onFind, onKeys }: BarProps) {
  const icon = { variant: 'subtle', color: 'gray', c: 'var(--ink)' } as const;
  return (
    <>
      <ActionIcon {...icon} onClick={onFind} aria-label="Find anything" title="Find anything (Ctrl K)">
        <IconSearch size={18} />
      </ActionIcon>
      <FilesMenu actions={actions} />
      <ActionIcon {...icon} onClick={onKeys} aria-label="Keys" title="Keys (?)">
        <IconKeyboard size={19} />
      </ActionIcon>
    </>
  );
});

/** The bench of the build that is open: the order of work, the drawing, the scale, and the choices of a step. */
export function BenchScreen() {
  const { id, view, bench, evaluation } = useSession();
  const { build, before: beforeBuild, step: changes } = bench;
  const { say } = useUnits();
  const takeUnits = useUnitSwitch();
  const navigate = useNavigate();
  const [step, setStep] = useState(() => house.stepsFor(build)[0]!.id);
  const [panel, setPanel] = usePanel();
  const [arrangement, setArrangement] = useState<Arrangement>('driver');
  const [pointedAt, setPointedAt] = useState<string[]>([]);
  const [keys, setKeys] = useState(false);
  const [finding, setFinding] = useState(false);
  const find = useCallback(() => setFinding(true), []);
  const showKeys = useCallback(() => setKeys(true), []);
  const files = useFiles();
  useTitle(`${build.name}, bench`);
  const ownParts = useOwnParts(view.departmentId).data;
  const offered = useOffered();
  const offering = useMemo(() => evaluation.with(offered), [evaluation, offered]);

  // While something is dragged, the drawing and the scale follow the hand and the rest follows them.
  const [held, setHeld] = useState(false);
  const seen = useMemo((): Seen => ({ bench, evaluation, offering }), [bench, evaluation, offering]);
  const later = useDeferredValue(seen);
  const panelled = held ? later : seen;

  const steps = useMemo(() => stepStates(panelled.evaluation), [panelled.evaluation]);
  const assumed = useMemo(() => assumedIn(house, panelled.bench.build), [panelled.bench.build]);
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

  const goTo = useCallback(
    (to: string) => {
      setStep(to);
      setPanel(STEP);
      setPointedAt([]);
    },
    [setPanel],
  );
  const open = panel.kind === 'finding' ? panel.id : null;
  const openFinding = (check: string) => setPanel(check === open ? STEP : { kind: 'finding', id: check });
  const toggle = useCallback(
    (side: string) =>
      setPanel((now) => (now.kind === 'side' && now.id === side ? STEP : { kind: 'side', id: side })),
    [setPanel],
  );
  const toAssumed = useCallback(() => toggle(ASSUMED), [toggle]);
  const close = () => setPanel(STEP);
  const stepAt = (index: number) => steps[index] && goTo(steps[index].id);
  const nextStep = (by: number) =>
    stepAt((steps.findIndex((state) => state.id === step) + by + steps.length) % steps.length);
  const { change, settle } = bench;
  const move = useCallback(
    (grip: Grip, by: Partial<Record<Direction, number>>) => {
      setHeld(true);
      change({
        build: grip.moved(by),
        words: `Moved: ${grip.title.toLowerCase()}`,
        control: `grip-${grip.id}`,
        choice: grip.choice,
      });
    },
    [change],
  );
  const letGo = useCallback(() => {
    setHeld(false);
    settle();
  }, [settle]);

  useKeys([
    ['mod+K', find],
    ['alt+ArrowUp', () => nextStep(-1)],
    ['alt+ArrowDown', () => nextStep(1)],
    ...STEP_KEYS.map((key, i): [string, () => void] => [key, () => stepAt(i)]),
    ['V', () => setArrangement(ARRANGEMENTS[(ARRANGEMENTS.indexOf(arrangement) + 1) % ARRANGEMENTS.length]!)],
    ['F', () => setPanel(open ? STEP : { kind: 'finding', id: worstFirst(evaluation.findings)[0]!.id })],
    ...SIDES.map(({ id: side, key }): [string, () => void] => [key, () => toggle(side)]),
    ['A', () => toggle(ASSUMED)],
    ['/', find],
    ['Escape', close],
    ['shift+?', showKeys],
    ['?', showKeys],
  ]);

  const hands = useMemo(
    (): Hands => ({
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
      keys: showKeys,
    }),
    [say, bench, goTo, setPanel, navigate, takeUnits, files.actions, showKeys],
  );

  const { title } = house.subject(step);
  const Side = panel.kind === 'side' ? SIDES.find(({ id: side }) => side === panel.id) : undefined;
  const panelName =
    panel.kind === 'step' ? title : panel.kind === 'finding' ? 'Findings' : (Side?.title ?? 'Still assumed');
  return (
    <div className={look.bench}>
      <SessionBar>
        <BenchBar actions={files.actions} onFind={find} onKeys={showKeys} />
      </SessionBar>
      <StepList steps={steps} step={step} onStep={goTo} assumed={assumed} onAssumed={toAssumed} />
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
        onLetGo={letGo}
        onSide={toggle}
      />
      <Skip to={CHOICES}>To the choices</Skip>
      <aside id={CHOICES} tabIndex={-1} className={look.panel} aria-label={panelName}>
        <Suspense>
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
          {Side && <Side.Panel evaluation={evaluation} bench={bench} onClose={close} />}
          {panel.kind === 'side' && panel.id === ASSUMED && (
            <AssumedPanel bench={bench} onStep={goTo} onClose={close} />
          )}
        </Suspense>
        {panel.kind === 'step' && (
          <StepPanel step={step} seen={panelled} view={view} ownParts={ownParts} pointAt={setPointedAt} />
        )}
      </aside>
      {files.dialogs}
      <Suspense>
        {keys && <Shortcuts onClose={() => setKeys(false)} steps={steps} />}
        {finding && <Finder id={id} evaluation={offering} hands={hands} onClose={() => setFinding(false)} />}
      </Suspense>
    </div>
  );
}
