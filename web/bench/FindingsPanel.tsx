import { ActionIcon } from '@mantine/core';
import { IconX } from '../icons';
import { useEffect, useRef } from 'react';
import type { Build } from '#core/build';
import { figureOf, marginOf, PLANNING_CAUTION, worstFirst } from '#core/kernel';
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
  /** The finding that is open; the list alone where there is none. */
  open: string | null;
  onOpen: (id: string | null) => void;
  onClose: () => void;
  bench: Bench;
  pointAt: (ids: string[]) => void;
}

/** Every finding, worst first, with its margin; opened, in which state, what causes it and which changes mend it. */
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
        <h2>Checks</h2>
        <span className={look.count}>{sorted.length} checks, worst first</span>
        <ActionIcon variant="subtle" color="gray" c="var(--ink)" aria-label="Close checks" onClick={onClose}>
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
              onClick={() => onOpen(isOpen ? null : finding.id)}
            >
              <StatusMark status={finding.status} />
              <span className={look.findingTitle}>{say(finding.title)}</span>
              <span className={look.margin} data-status={finding.status}>
                {say(marginOf(finding)) || statusWord(finding.status)}
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
