import { ActionIcon } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { IconKeyboard, IconSearch } from '@tabler/icons-react';
import { useCallback, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { cautionsFor, measureOf, stepStates, stepTitle } from '#core/review';
import type { CheckId } from '#core/review';
import type { StepId } from '#core/rig';
import { withEquipment } from '#core/spec';
import { assumedIn, EQUIPMENT_CHOICE, gripsOf } from '#core/study';
import type { Axis, Grip } from '#core/study';
import { useOwnParts } from '../api';
import { useUnits, useUnitSwitch } from '../common';
import type { Arrangement } from '../drawing';
import { FilesMenu, useFiles } from '../files';
import { Palette } from '../palette';
import { evaluated, SessionBar, useOffered, useSession } from '../session';
import { Assumed } from './Assumed';
import { AssumedPanel } from './AssumedPanel';
import classes from './bench.module.css';
import { Choices } from './Choices';
import { ARRANGEMENTS, Drawing } from './Drawing';
import { entriesOf } from './entries';
import { EquipmentPanel } from './EquipmentPanel';
import { FindingsPanel } from './FindingsPanel';
import { MoneyPanel } from './MoneyPanel';
import { OwnItems } from './OwnItems';
import { OwnPartNews } from './OwnPartNews';
import { Schools } from './Schools';
import { Shortcuts } from './Shortcuts';
import { StepList } from './StepList';

/** What the panel shows: the choices of a step, a finding, the money, or what is assumed. */
type Panel = { kind: 'step' } | { kind: 'finding'; id: CheckId } | { kind: 'money' } | { kind: 'assumed' };

const STEP: Panel = { kind: 'step' };
const PANEL_NAMES = { finding: 'Findings', money: 'Money', assumed: 'Still assumed' };

/** The bench of the build that is open: the order of work, the drawing, the scale, and the choices of a step. */
export function BenchScreen() {
  const { id, build, bench, evaluation } = useSession();
  const { spec, before: beforeSpec, step: changes } = bench;
  const { say } = useUnits();
  const takeUnits = useUnitSwitch();
  const navigate = useNavigate();
  const [step, setStep] = useState<StepId>('chassis');
  const [panel, setPanel] = useState<Panel>(STEP);
  const [arrangement, setArrangement] = useState<Arrangement>('driver');
  const [pointedAt, setPointedAt] = useState<string[]>([]);
  const [keys, setKeys] = useState(false);
  const [finding, setFinding] = useState(false);
  const files = useFiles();
  const ownParts = useOwnParts(build.departmentId).data;
  const offered = useOffered();

  const now = useMemo(() => measureOf(evaluation), [evaluation]);
  const steps = useMemo(() => stepStates(spec, evaluation), [spec, evaluation]);
  const assumed = useMemo(() => assumedIn(spec), [spec]);
  const grips = useMemo(() => gripsOf(spec, evaluation.rig), [spec, evaluation]);
  const before = useMemo(() => {
    if (!beforeSpec) return null;
    const was = evaluated(beforeSpec);
    return { key: changes, rig: was.rig, measure: measureOf(was) };
  }, [beforeSpec, changes]);

  const goTo = useCallback((to: StepId) => {
    setStep(to);
    setPanel(STEP);
    setPointedAt([]);
  }, []);
  const open = panel.kind === 'finding' ? panel.id : null;
  const openFinding = (check: CheckId) => setPanel(check === open ? STEP : { kind: 'finding', id: check });
  const toggle = (kind: 'money' | 'assumed') => setPanel(panel.kind === kind ? STEP : { kind });
  const close = () => setPanel(STEP);
  const stepAt = (index: number) => steps[index] && goTo(steps[index].id);
  const nextStep = (by: number) => stepAt((steps.findIndex((state) => state.id === step) + by + steps.length) % steps.length);
  const worst = evaluation.findings.find(({ status }) => status === 'fails') ?? evaluation.findings.find(({ status }) => status === 'caution') ?? evaluation.findings[0]!;
  const move = (grip: Grip, by: Partial<Record<Axis, number>>) => bench.change({ spec: grip.moved(by), words: `Moved: ${grip.title.toLowerCase()}`, control: `grip-${grip.id}`, choice: grip.choice });

  useHotkeys([['mod+K', () => setFinding(true)]], []);
  useHotkeys([
    ['alt+ArrowUp', () => nextStep(-1)], ['alt+ArrowDown', () => nextStep(1)],
    ...steps.slice(0, 9).map((_, i): [string, () => void] => [String(i + 1), () => stepAt(i)]), ['0', () => stepAt(9)],
    ['V', () => setArrangement(ARRANGEMENTS[(ARRANGEMENTS.indexOf(arrangement) + 1) % ARRANGEMENTS.length]!)],
    ['F', () => setPanel(open ? STEP : { kind: 'finding', id: worst.id })], ['M', () => toggle('money')], ['A', () => toggle('assumed')],
    ['W', () => void navigate(`/builds/${id}/weights`)],
    ['H', () => void navigate(`/builds/${id}/history`)], ['/', () => setFinding(true)],
    ['Escape', close], ['shift+?', () => setKeys(true)], ['?', () => setKeys(true)],
  ]);

  const entries = useMemo(() => (finding ? entriesOf(id, offered, evaluation, {
    say, goTo, open: (check) => setPanel({ kind: 'finding', id: check }), point: setPointedAt, arrange: setArrangement, show: (kind) => setPanel({ kind }), visit: (path) => void navigate(path),
    units: takeUnits, undo: bench.undo, redo: bench.redo, files: files.actions, keys: () => setKeys(true),
    addEquipment: (partId) => {
      const place = evaluation.rig.layout.compartments[0]?.id ?? 'cab';
      goTo('equipment');
      bench.change({ spec: withEquipment(offered, partId, place), words: `Added a piece to ${place}`, choice: EQUIPMENT_CHOICE });
    },
  }) : []), [finding, id, offered, evaluation, say, goTo, navigate, takeUnits, bench, files.actions]);

  const icon = { variant: 'subtle', color: 'gray', c: 'var(--ink)' } as const;
  return (
    <div className={classes.bench}>
      <SessionBar>
        <ActionIcon {...icon} onClick={() => setFinding(true)} aria-label="Find anything" title="Find anything (Ctrl K)"><IconSearch size={18} /></ActionIcon>
        <FilesMenu actions={files.actions} />
        <ActionIcon {...icon} onClick={() => setKeys(true)} aria-label="Keys" title="Keys (?)"><IconKeyboard size={19} /></ActionIcon>
      </SessionBar>
      <StepList steps={steps} step={step} onStep={goTo} assumed={assumed} onAssumed={() => toggle('assumed')} />
      <Drawing
        evaluation={evaluation} before={before} arrangement={arrangement} onArrange={setArrangement} pointedAt={pointedAt} open={open} onOpen={openFinding}
        grips={grips} onMove={move} onLetGo={bench.settle} onMoney={() => toggle('money')}
      />
      <aside className={classes.panel} aria-label={panel.kind === 'step' ? stepTitle(step) : PANEL_NAMES[panel.kind]}>
        {panel.kind === 'finding' && <FindingsPanel spec={offered} evaluation={evaluation} open={panel.id} onOpen={(check) => setPanel({ kind: 'finding', id: check })} onClose={close} bench={bench} pointAt={setPointedAt} />}
        {panel.kind === 'money' && <MoneyPanel evaluation={evaluation} bench={bench} onClose={close} />}
        {panel.kind === 'assumed' && <AssumedPanel bench={bench} onStep={goTo} onClose={close} />}
        {panel.kind === 'step' && (
          <>
            <div className={classes.panelHead}><h2>{stepTitle(step)}{step === 'equipment' && <Assumed ids={[EQUIPMENT_CHOICE]} bench={bench} />}</h2></div>
            <p className={classes.sentence}>{say(steps.find((state) => state.id === step)?.line ?? '')}</p>
            <OwnPartNews spec={spec} parts={ownParts} bench={bench} />
            {step === 'equipment'
              ? <EquipmentPanel spec={offered} evaluation={evaluation} now={now} bench={bench} pointAt={setPointedAt} />
              : <Choices spec={offered} step={step} now={now} bench={bench} />}
            {step === 'equipment' && <OwnItems spec={spec} evaluation={evaluation} bench={bench} pointAt={setPointedAt} />}
            <Schools spec={offered} step={step} bench={bench} />
            {cautionsFor(step).map((caution) => <p key={caution} className={classes.note}>{caution}</p>)}
          </>
        )}
      </aside>
      {files.dialogs}
      <Shortcuts opened={keys} onClose={() => setKeys(false)} />
      {finding && <Palette entries={entries} onClose={() => setFinding(false)} />}
    </div>
  );
}
