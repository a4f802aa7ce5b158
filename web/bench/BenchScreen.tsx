import { Loader } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { useCallback, useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { cautionsFor, measureOf, stepStates, stepTitle } from '#core/review';
import type { CheckId } from '#core/review';
import type { StepId } from '#core/rig';
import type { BuildView } from '#core/spec';
import { Refused, useBuildQuery } from '../api';
import { Message } from '../common';
import type { Arrangement } from '../drawing';
import classes from './bench.module.css';
import { BenchBar } from './BenchBar';
import { Choices } from './Choices';
import { ARRANGEMENTS, Drawing } from './Drawing';
import { EquipmentPanel } from './EquipmentPanel';
import { evaluated } from './evaluated';
import { FindingsPanel } from './FindingsPanel';
import { useHistory } from './history';
import { useSaving } from './saving';
import { ConflictDialog } from './SavingMark';
import { Shortcuts } from './Shortcuts';
import { StepList } from './StepList';

/** The bench of one build: loads it, then works on it. */
export function BenchScreen() {
  const { id = '' } = useParams();
  const { data, error, refetch } = useBuildQuery(id);
  if (error) return <Message title="This build could not be opened">{error instanceof Refused && error.status === 404 ? 'It is not here; the link may be an old one.' : error.message}</Message>;
  if (!data) return <Loader m="xl" color="var(--ink)" aria-label="Opening the build" />;
  return <Workbench key={`${data.id}-${data.revision}`} build={data} onTakeNewer={() => void refetch()} />;
}

function Workbench({ build, onTakeNewer }: { build: BuildView; onTakeNewer: () => void }) {
  const bench = useHistory(build.spec);
  const { spec, before: beforeSpec, step: changes } = bench;
  const saving = useSaving(build, spec, bench.did);
  const [step, setStep] = useState<StepId>('chassis');
  const [open, setOpen] = useState<CheckId | null>(null);
  const [arrangement, setArrangement] = useState<Arrangement>('driver');
  const [pointedAt, setPointedAt] = useState<string[]>([]);
  const [keys, setKeys] = useState(false);

  const evaluation = evaluated(spec);
  const now = useMemo(() => measureOf(evaluation), [evaluation]);
  const steps = useMemo(() => stepStates(spec, evaluation), [spec, evaluation]);
  const before = useMemo(() => {
    if (!beforeSpec) return null;
    const was = evaluated(beforeSpec);
    return { key: changes, rig: was.rig, measure: measureOf(was) };
  }, [beforeSpec, changes]);

  const goTo = useCallback((id: StepId) => {
    setStep(id);
    setOpen(null);
  }, []);
  const showKeys = useCallback(() => setKeys(true), []);
  const hideKeys = useCallback(() => setKeys(false), []);
  const nextStep = (by: number) => {
    const index = steps.findIndex(({ id }) => id === step);
    goTo(steps[(index + by + steps.length) % steps.length]!.id);
  };
  const worst = evaluation.findings.find(({ status }) => status === 'fails') ?? evaluation.findings.find(({ status }) => status === 'caution') ?? evaluation.findings[0]!;
  useHotkeys([
    ['mod+Z', bench.undo], ['mod+shift+Z', bench.redo], ['mod+Y', bench.redo],
  ], []);
  useHotkeys([
    ['alt+ArrowUp', () => nextStep(-1)], ['alt+ArrowDown', () => nextStep(1)],
    ['V', () => setArrangement(ARRANGEMENTS[(ARRANGEMENTS.indexOf(arrangement) + 1) % ARRANGEMENTS.length]!)],
    ['F', () => setOpen(open ? null : worst.id)], ['Escape', () => setOpen(null)], ['shift+?', showKeys], ['?', showKeys],
  ]);

  return (
    <div className={classes.bench}>
      <BenchBar name={spec.name} department={spec.department.name} saving={saving} undoes={bench.canUndo} redoes={bench.canRedo} onUndo={bench.undo} onRedo={bench.redo} onKeys={showKeys} />
      <StepList steps={steps} step={step} onStep={goTo} />
      <Drawing evaluation={evaluation} before={before} arrangement={arrangement} onArrange={setArrangement} pointedAt={pointedAt} open={open} onOpen={(id) => setOpen(id === open ? null : id)} />
      <aside className={classes.panel} aria-label={open ? 'Findings' : stepTitle(step)}>
        {open ? (
          <FindingsPanel spec={spec} evaluation={evaluation} open={open} onOpen={(id) => setOpen(id)} onClose={() => setOpen(null)} bench={bench} pointAt={setPointedAt} />
        ) : (
          <>
            <div className={classes.panelHead}><h2>{stepTitle(step)}</h2></div>
            {step === 'equipment'
              ? <EquipmentPanel spec={spec} evaluation={evaluation} now={now} bench={bench} pointAt={setPointedAt} />
              : <Choices spec={spec} step={step} now={now} bench={bench} />}
            {cautionsFor(step).map((caution) => <p key={caution} className={classes.note}>{caution}</p>)}
          </>
        )}
      </aside>
      <ConflictDialog build={build} spec={spec} saving={saving} onTakeNewer={onTakeNewer} />
      <Shortcuts opened={keys} onClose={hideKeys} />
    </div>
  );
}
