import { Button, Checkbox, Progress } from '@mantine/core';
import { useMemo, useState } from 'react';
import { candidatesFor, obstaclesTable, together } from '#core/advice';
import type { Advice as AdviceFound, AdviceResult } from '#core/advice';
import { figureOf } from '#core/kernel';
import type { ChangeKind } from '#core/kernel';
import { change, formatMoney, formatWhole, lb, signed } from '#core/units';
import { DataTable, StatusMark, useUnits } from '../common';
import { useOffered, useSession } from '../session';
import { useAdvice } from './useAdvice';
import { sectionClasses as classes } from '../common';
import look from './advice.module.css';

/** One change or two together, what they mend and what they harm; taken on a press. */
function Found({ advice, onTake }: { advice: AdviceFound; onTake: () => void }) {
  const { say } = useUnits();
  const { changes, effects, worse, change: by } = advice;
  const words = say(together(changes));
  return (
    <li className={classes.found}>
      <div>
        <p className={classes.foundLabel}>{words}</p>
        {effects.map((effect) => (
          <p key={effect.id} className={look.effect}>
            <StatusMark status={effect.after.status} size={14} /> {say(effect.title)}{' '}
            <span className="figures">
              {say(
                `${figureOf(effect.before.actual, effect)} → ${figureOf(effect.after.actual, effect)} of ${figureOf(effect.after.limit, effect)}`,
              )}
            </span>
          </p>
        ))}
      </div>
      <div className={classes.price}>
        <span className="figures">{say(`Front ${change(lb(by.front))}, rear ${change(lb(by.rear))}`)}</span>
        <span className="figures">{by.price === 0 ? 'Same price' : signed(by.price, formatMoney)}</span>
        <span>
          {worse.length > 0 ? `Makes worse: ${say(worse.join(', ').toLowerCase())}` : 'Makes nothing worse'}
        </span>
      </div>
      <Button
        size="compact-sm"
        variant={worse.length === 0 ? 'filled' : 'default'}
        onClick={onTake}
        aria-label={`Apply: ${words}`}
      >
        Apply
      </Button>
    </li>
  );
}

function Result({ result, onTake }: { result: AdviceResult; onTake: (advice: AdviceFound) => void }) {
  const { say } = useUnits();
  const { looked, weighed, advice, obstacles } = result;
  return (
    <>
      <p className={classes.says} role="status">
        {formatWhole(looked)} changes and pairs of changes looked at, {formatWhole(weighed)} of them weighed
        as whole trucks.{' '}
        {advice.length > 0
          ? 'Best first: by what it fixes, then by what it harms.'
          : 'Nothing was found that fixes what was asked.'}
      </p>
      {advice.length > 0 && (
        <ol className={classes.founds} aria-label="Advice">
          {advice.map((one) => (
            <Found
              key={one.changes.map(({ label }) => label).join()}
              advice={one}
              onTake={() => onTake(one)}
            />
          ))}
        </ol>
      )}
      {obstacles.map((obstacle) => (
        <section key={obstacle.id} aria-label={`Why nothing fixes it: ${say(obstacle.title)}`}>
          <h2 className={classes.sub}>Why nothing fixes it: {say(obstacle.title).toLowerCase()}</h2>
          {obstacle.nearest.length === 0 ? (
            <p className={classes.says}>
              The catalog offers no change to this build that brings it nearer to its limit. Another chassis,
              a part of your own, or another limit would have to.
            </p>
          ) : (
            <>
              <p className={classes.says}>
                This is how near each kind of change comes. What lies further away takes more than two
                changes, another chassis, or less truck.
              </p>
              <DataTable table={obstaclesTable(obstacle)} minWidth={760} />
            </>
          )}
        </section>
      ))}
    </>
  );
}

/** Single changes and pairs of changes that mend what fails or is close, searched in a worker. */
export function AdviceSection() {
  const { bench, evaluation } = useSession();
  const offered = useOffered();
  const judged = useMemo(() => evaluation.with(offered), [evaluation, offered]);
  const { say } = useUnits();
  const { search, start, cancel } = useAdvice(offered);
  const [left, setLeft] = useState<string[]>([]);
  const [keep, setKeep] = useState<string[]>([]);
  const troubles = useMemo(
    () => evaluation.findings.filter(({ status }) => status !== 'holds'),
    [evaluation],
  );
  const asked = troubles.filter(({ id }) => !left.includes(id)).map(({ id }) => id);
  const kinds = useMemo((): ChangeKind[] => {
    const found = troubles.flatMap(({ id }) => candidatesFor(judged, id)).map(({ kind }) => kind);
    return [...new Map(found.map((kind) => [kind.id, kind])).values()];
  }, [judged, troubles]);
  const toggled = <T,>(list: T[], item: T, on: boolean): T[] =>
    on ? [...list, item] : list.filter((other) => other !== item);
  if (troubles.length === 0)
    return <p className={classes.says}>Every check holds, with its reserve: there is nothing to fix.</p>;
  const searching = search.phase === 'searching';
  return (
    <>
      <div className={classes.asked}>
        <fieldset>
          <legend>Fix</legend>
          {troubles.map(({ id, title, status }) => (
            <Checkbox
              key={id}
              size="xs"
              label={
                <>
                  <StatusMark status={status} size={14} /> {say(title)}
                </>
              }
              checked={!left.includes(id)}
              onChange={(event) => setLeft(toggled(left, id, !event.currentTarget.checked))}
            />
          ))}
        </fieldset>
        <fieldset>
          <legend>May be changed</legend>
          {kinds.map((kind) => (
            <Checkbox
              key={kind.id}
              size="xs"
              label={kind.title}
              checked={!keep.includes(kind.id)}
              onChange={(event) => setKeep(toggled(keep, kind.id, !event.currentTarget.checked))}
            />
          ))}
        </fieldset>
        {searching ? (
          <Button size="xs" variant="default" onClick={cancel}>
            Cancel
          </Button>
        ) : (
          <Button
            size="xs"
            disabled={asked.length === 0 || keep.length === kinds.length}
            onClick={() => start({ checks: asked, keep })}
          >
            {search.phase === 'found' ? 'Search again' : 'Search changes and pairs'}
          </Button>
        )}
      </div>
      {searching && (
        <div className={look.progress}>
          <Progress.Root size="sm">
            <Progress.Section value={search.progress.done * 100} color="var(--ink)" aria-label="Search" />
          </Progress.Root>
          <p className="quiet">{formatWhole(search.progress.looked)} looked at</p>
        </div>
      )}
      {search.phase === 'canceled' && (
        <p className={classes.says} role="status">
          The search was canceled.
        </p>
      )}
      {search.phase === 'failed' && (
        <p className={classes.says} role="alert">
          The search could not be finished. Search again; if it fails again, the build is kept as it is.
        </p>
      )}
      {search.phase === 'idle' && (
        <p className={classes.says}>
          Every change of these kinds that the catalog allows is weighed as a whole truck. Every two of them
          are first estimated by what each gains; the most promising pairs are then weighed as whole trucks
          too. Nothing is changed until you apply it, and undo takes it back.
        </p>
      )}
      {search.phase === 'found' && (
        <Result
          result={search.result}
          onTake={(one) => bench.change({ build: one.build, words: `Fixed: ${together(one.changes)}` })}
        />
      )}
    </>
  );
}
