import { ActionIcon, Button, Loader } from '@mantine/core';
import { IconX } from '@tabler/icons-react';
import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import { figureOf } from '#core/report';
import { contributorsOf, PLANNING_CAUTION, rank } from '#core/review';
import type { CheckId, Evaluation, Finding } from '#core/review';
import type { BuildSpec } from '#core/spec';
import { change, formatMoney, lb, signed } from '#core/units';
import { StatusMark, statusWord, useUnits } from '../common';
import classes from './bench.module.css';
import { useSession } from '../session';
import type { Bench } from '../session';
import { useRemedies } from '../mending';

/** The changes that mend a finding, each with its computed effect, applied on a press. */
export function Remedies({ spec, finding, bench }: { spec: BuildSpec; finding: Finding; bench: Bench }) {
  const { say } = useUnits();
  const { id } = useSession();
  const { data, isFetching, isError } = useRemedies(spec, finding.id, true);
  const title = data?.some((remedy) => remedy.mends) ? 'What would mend it' : 'What would help';
  return (
    <>
      <h3 className={classes.sub}>{title} {isFetching && <><Loader size={10} color="var(--ink)" aria-hidden="true" /><span className="unseen">working it out</span></>}</h3>
      {isError && <p className={classes.source} style={{ marginLeft: 0 }}>The remedies could not be worked out.</p>}
      {data?.length === 0 && <p className={classes.source} style={{ marginLeft: 0 }}>No single change that was looked at mends or eases it.</p>}
      <div className={classes.remedies}>{data?.map((remedy) => (
        <div key={remedy.label} className={classes.remedy}>
          <div className={classes.remedyLabel}>{say(remedy.label)}</div>
          <div className={`${classes.remedyEffect} figures`}>{say(`${figureOf(remedy.before.actual, finding)} → ${figureOf(remedy.after.actual, finding)}${remedy.after.limit === remedy.before.limit ? '' : ` of ${figureOf(remedy.after.limit, finding)}`}`)}</div>
          <div className={classes.remedyEffect}>
            <span className="quiet">{say(`Front ${change(lb(remedy.change.frontLb))}, rear ${change(lb(remedy.change.rearLb))}`)}, {signed(remedy.change.priceCents, formatMoney)}</span>
            {remedy.worse.length > 0 && <div>Makes worse: {say(remedy.worse.join(', ').toLowerCase())}</div>}
          </div>
          <Button mt={5} size="compact-xs" variant={remedy.mends ? 'filled' : 'default'} onClick={() => bench.change({ spec: remedy.spec, words: `Mended ${finding.title.toLowerCase()}: ${remedy.label}` })} aria-label={say(`Apply: ${remedy.label}`)}>
            {remedy.mends ? 'Apply' : 'Apply, though it is not enough'}
          </Button>
        </div>
      ))}</div>
      <Link className={classes.more!} to={`/builds/${id}/weights/advice`}>Search pairs of changes</Link>
    </>
  );
}

/** The components that cause most of a finding, pointed out on the drawing. */
function Causes({ evaluation, finding, pointAt }: { evaluation: Evaluation; finding: Finding; pointAt: (ids: string[]) => void }) {
  const { say } = useUnits();
  const causes = contributorsOf(evaluation, finding);
  if (causes.length === 0) return null;
  return (
    <>
      <h3 className={classes.sub}>What causes most of it</h3>
      {causes.map((cause) => (
        <button
          key={cause.componentId} type="button" className={classes.cause} title="Shown on the drawing"
          onMouseEnter={() => pointAt([cause.componentId])} onMouseLeave={() => pointAt([])} onFocus={() => pointAt([cause.componentId])} onBlur={() => pointAt([])}
        >
          <span>{say(cause.name)}</span><span className="figures">{say(lb(cause.amountLb))}</span>
        </button>
      ))}
    </>
  );
}

interface Props {
  spec: BuildSpec;
  evaluation: Evaluation;
  open: CheckId;
  onOpen: (id: CheckId) => void;
  onClose: () => void;
  bench: Bench;
  pointAt: (ids: string[]) => void;
}

/** Every finding: what, by how much, in which state, which components cause it, which computed changes mend it. */
export function FindingsPanel({ spec, evaluation, open, onOpen, onClose, bench, pointAt }: Props) {
  const { say } = useUnits();
  const sorted = [...evaluation.findings].sort((a, b) => rank(b.status) - rank(a.status));
  const opened = useRef<HTMLDivElement>(null);
  useEffect(() => {
    opened.current?.scrollIntoView({ block: 'nearest' });
  }, [open]);
  return (
    <>
      <div className={classes.panelHead}>
        <h2>Findings</h2>
        <ActionIcon variant="subtle" color="gray" c="var(--ink)" aria-label="Close findings" onClick={onClose}><IconX size={18} /></ActionIcon>
      </div>
      {sorted.map((finding) => {
        const isOpen = finding.id === open;
        return (
          <div key={finding.id} className={classes.finding} ref={isOpen ? opened : undefined}>
            <button type="button" className={classes.findingHead} aria-expanded={isOpen} onClick={() => onOpen(finding.id)}>
              <StatusMark status={finding.status} />
              <span className={classes.findingTitle}>{say(finding.title)}</span>
              <span className="quiet" style={{ fontSize: 12 }} aria-hidden="true">{statusWord(finding.status)}</span>
              <span className={classes.findingWords}>{say(finding.words)}</span>
            </button>
            {isOpen && (
              <>
                <p className={classes.source}>{finding.state ? `Worst in: ${finding.state.name.toLowerCase()}. ` : ''}Limit: {say(figureOf(finding.limit, finding))}. {finding.basis}.</p>
                <div style={{ marginLeft: 26 }}>
                  {finding.status !== 'holds' && <Remedies spec={spec} finding={finding} bench={bench} />}
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
