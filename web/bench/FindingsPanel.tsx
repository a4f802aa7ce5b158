import { ActionIcon } from '@mantine/core';
import { IconX } from '@tabler/icons-react';
import { useEffect, useRef } from 'react';
import type { Build } from '#core/build';
import { figureOf, PLANNING_CAUTION, worstFirst } from '#core/kernel';
import type { Evaluation, Finding } from '#core/kernel';
import { lb } from '#core/units';
import { Remedies } from '../advice';
import { StatusMark, statusWord, useUnits } from '../common';
import { classes } from '../panel';
import type { Bench } from '../session';
import look from './findings.module.css';

/** The components that cause most of a finding, pointed out on the drawing. */
function Causes({
  evaluation,
  finding,
  pointAt,
}: {
  evaluation: Evaluation;
  finding: Finding;
  pointAt: (ids: string[]) => void;
}) {
  const { say } = useUnits();
  const causes =
    evaluation.house.checks.find(({ id }) => id === finding.id)?.causes?.(evaluation, finding) ?? [];
  if (causes.length === 0) return null;
  return (
    <>
      <h3 className={classes.sub}>What causes most of it</h3>
      {causes.map((cause) => (
        <button
          key={cause.componentId}
          type="button"
          className={look.cause}
          title="Shown on the drawing"
          onMouseEnter={() => pointAt([cause.componentId])}
          onMouseLeave={() => pointAt([])}
          onFocus={() => pointAt([cause.componentId])}
          onBlur={() => pointAt([])}
        >
          <span>{say(cause.name)}</span>
          <span className="figures">{say(lb(cause.amountLb))}</span>
        </button>
      ))}
    </>
  );
}

interface Props {
  build: Build;
  evaluation: Evaluation;
  open: string;
  onOpen: (id: string) => void;
  onClose: () => void;
  bench: Bench;
  pointAt: (ids: string[]) => void;
}

/** Every finding: what, by how much, in which state, which components cause it, which computed changes mend it. */
export function FindingsPanel({ build, evaluation, open, onOpen, onClose, bench, pointAt }: Props) {
  const { say } = useUnits();
  const sorted = worstFirst(evaluation.findings);
  const opened = useRef<HTMLDivElement>(null);
  useEffect(() => {
    opened.current?.scrollIntoView({ block: 'nearest' });
  }, [open]);
  return (
    <>
      <div className={classes.panelHead}>
        <h2>Findings</h2>
        <ActionIcon
          variant="subtle"
          color="gray"
          c="var(--ink)"
          aria-label="Close findings"
          onClick={onClose}
        >
          <IconX size={18} />
        </ActionIcon>
      </div>
      {sorted.map((finding) => {
        const isOpen = finding.id === open;
        return (
          <div key={finding.id} className={look.finding} ref={isOpen ? opened : undefined}>
            <button
              type="button"
              className={look.findingHead}
              aria-expanded={isOpen}
              onClick={() => onOpen(finding.id)}
            >
              <StatusMark status={finding.status} />
              <span className={look.findingTitle}>{say(finding.title)}</span>
              <span className="quiet" style={{ fontSize: 12 }} aria-hidden="true">
                {statusWord(finding.status)}
              </span>
              <span className={look.findingWords}>{say(finding.words)}</span>
            </button>
            {isOpen && (
              <>
                <p className={classes.source}>
                  {finding.state ? `Worst in: ${finding.state.name.toLowerCase()}. ` : ''}Limit:{' '}
                  {say(figureOf(finding.limit, finding))}. {finding.basis}.
                </p>
                <div style={{ marginLeft: 26 }}>
                  {finding.status !== 'holds' && <Remedies build={build} finding={finding} bench={bench} />}
                  <Causes evaluation={evaluation} finding={finding} pointAt={pointAt} />
                </div>
              </>
            )}
          </div>
        );
      })}
      <p className={classes.note}>{PLANNING_CAUTION}</p>
    </>
  );
}
