import { ActionIcon } from '@mantine/core';
import { IconArrowBackUp, IconArrowForwardUp, IconKeyboard } from '@tabler/icons-react';
import { memo } from 'react';
import { InBar, useUnits } from '../common';
import classes from './bench.module.css';
import type { Saving } from './saving';
import { SavingMark } from './SavingMark';

interface Props {
  name: string;
  department: string;
  saving: Saving;
  /** What undo or redo would do, in words; null where there is nothing. */
  undoes: string | null;
  redoes: string | null;
  onUndo: () => void;
  onRedo: () => void;
  onKeys: () => void;
}

/** The bench's part of the bar: which build, whether it is kept, undo, redo and the keys. */
export const BenchBar = memo(function BenchBar({ name, department, saving, undoes, redoes, onUndo, onRedo, onKeys }: Props) {
  const { say } = useUnits();
  const icon = { variant: 'subtle', color: 'gray', c: 'var(--ink)' } as const;
  return (
    <InBar>
      <h1 className={classes.buildName}>{name}</h1>
      <span className={classes.departmentName}>{department}</span>
      <SavingMark saving={saving} />
      <ActionIcon {...icon} disabled={!undoes} onClick={onUndo} aria-label="Undo" title={undoes ? say(`Undo: ${undoes}`) : 'Nothing to undo'}><IconArrowBackUp size={19} /></ActionIcon>
      <ActionIcon {...icon} disabled={!redoes} onClick={onRedo} aria-label="Redo" title={redoes ? say(`Redo: ${redoes}`) : 'Nothing to redo'}><IconArrowForwardUp size={19} /></ActionIcon>
      <ActionIcon {...icon} onClick={onKeys} aria-label="Keys" title="Keys (?)"><IconKeyboard size={19} /></ActionIcon>
    </InBar>
  );
});
