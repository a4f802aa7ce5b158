import { Suspense, useCallback, useLayoutEffect, useMemo, useState } from 'react';
import { useLocation } from 'react-router';
import { assumedIn, stepStates, worstFirst } from '#core/kernel';
import type { Direction, Grip } from '#core/kernel';
import { house } from '#core/subjects';
import { useOwnParts } from '../api';
import { Skip, useFollowing, useKeys, useTitle } from '../common';
import type { Arrangement } from '../drawing';
import { evaluated, useOffered, useSession } from '../session';
import { SIDES } from '../subjects';
import { ARRANGEMENTS, Drawing } from './Drawing';
import { goingOf, STEP_KEYS } from '../build';
import { AssumedPanel, FindingsPanel } from './later';
import { StepList } from './StepList';
import { StepPanel } from './StepPanel';
import { STEP, usePanel } from './panel';
import type { Seen } from './StepPanel';
import look from './bench.module.css';

const CHOICES = 'choices';
const ASSUMED = 'assumed';

/** The bench of the build that is open: the order of work, the drawing, the scale, and the choices of a step. */
export function BenchScreen() {
  const { view, bench, evaluation } = useSession();
  const { build, before: beforeBuild, step: changes } = bench;
  const location = useLocation();
  const [step, setStep] = useState(() => house.stepsFor(build)[0]!.id);
  const [panel, setPanel] = usePanel();
  const [arrangement, setArrangement] = useState<Arrangement>('driver');
  const [pointedAt, setPointedAt] = useState<string[]>([]);
  useTitle(`${build.name}, bench`);
  const ownParts = useOwnParts(view.departmentId).data;
  const offered = useOffered();
  const offering = useMemo(() => evaluation.with(offered), [evaluation, offered]);

  // The drawing and the scale follow the hand; how the steps stand follows them, and what is dragged in the panel.
  const [held, setHeld] = useState(false);
  const seen = useMemo((): Seen => ({ bench, evaluation, offering }), [bench, evaluation, offering]);
  const later = useFollowing(seen);
  const panelled = held ? later : seen;

  const steps = useMemo(() => stepStates(later.evaluation), [later.evaluation]);
  const assumed = useMemo(() => assumedIn(later.evaluation), [later.evaluation]);
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
  const openFinding = useCallback(
    (check: string | null) =>
      setPanel((now) => (now.kind === 'finding' && now.id === check ? STEP : { kind: 'finding', id: check })),
    [setPanel],
  );
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
    ['alt+ArrowUp', () => nextStep(-1)],
    ['alt+ArrowDown', () => nextStep(1)],
    ...STEP_KEYS.map((key, i): [string, () => void] => [key, () => stepAt(i)]),
    ['V', () => setArrangement(ARRANGEMENTS[(ARRANGEMENTS.indexOf(arrangement) + 1) % ARRANGEMENTS.length]!)],
    ['F', () => setPanel(open ? STEP : { kind: 'finding', id: worstFirst(evaluation.findings)[0]!.id })],
    ...SIDES.map(({ id: side, key }): [string, () => void] => [key, () => toggle(side)]),
    ['A', () => toggle(ASSUMED)],
    ['Escape', close],
  ]);

  // What was found by name, here or on another screen of the build, is gone to.
  useLayoutEffect(() => {
    const going = goingOf(location.state);
    if (!going) return;
    if ('step' in going) goTo(going.step);
    if ('step' in going && going.point) setPointedAt(going.point);
    if ('finding' in going) setPanel({ kind: 'finding', id: going.finding });
    if ('panel' in going) setPanel({ kind: 'side', id: going.panel });
    if ('view' in going) setArrangement(going.view);
  }, [location, goTo, setPanel]);

  const { title } = house.subject(step);
  const Side = panel.kind === 'side' ? SIDES.find(({ id: side }) => side === panel.id) : undefined;
  const panelName =
    panel.kind === 'step' ? title : panel.kind === 'finding' ? 'Checks' : (Side?.title ?? 'Still assumed');
  return (
    <div className={look.bench}>
      <StepList steps={steps} step={step} onStep={goTo} assumed={assumed} onAssumed={toAssumed} />
      <Drawing
        evaluation={evaluation}
        before={before}
        arrangement={arrangement}
        onArrange={setArrangement}
        pointedAt={pointedAt}
        open={open}
        onOpen={openFinding}
        step={step}
        held={held}
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
            <AssumedPanel evaluation={evaluation} bench={bench} onStep={goTo} onClose={close} />
          )}
        </Suspense>
        {panel.kind === 'step' && (
          <StepPanel step={step} seen={panelled} view={view} ownParts={ownParts} pointAt={setPointedAt} />
        )}
      </aside>
    </div>
  );
}
