import { Button } from '@mantine/core';
import { useElementSize } from '@mantine/hooks';
import { axles } from '#core/subjects/chassis';
import { inService, sidesTable, worseModel } from '#core/subjects/weights';
import { envelope } from '#core/truck';
import { Remedies, useLeveling } from '../../advice';
import { saidMoves } from '#core/kernel';
import { house } from '#core/subjects';
import { formatPct, lb } from '#core/units';
import { layOut, Stage } from '../../drawing';
import { DataTable, useUnits } from '../../common';
import { useOffered, useSession } from '../../session';
import type { Bench } from '../../session';
import { sectionClasses as classes } from '../../common';
import look from './sides.module.css';

/** What to move to level the truck, each with how both axles lean before and after. */
function Leveling({ bench }: { bench: Bench }) {
  const { say } = useUnits();
  const { data, isError } = useLeveling(useOffered());
  return (
    <section aria-label="To level it">
      <h2 className={classes.sub}>To level it</h2>
      {isError && <p className={classes.says}>This could not be worked out.</p>}
      {data?.length === 0 && (
        <p className={classes.says}>
          No move of the heaviest equipment and no other way for the ladders to ride makes it more level than
          it is.
        </p>
      )}
      {data && data.length > 0 && (
        <ol className={classes.founds}>
          {data.map(({ label, build, before, after, change: by, worse }) => (
            <li key={label} className={classes.found}>
              <p className={classes.foundLabel}>{say(label)}</p>
              <div className={classes.price}>
                <span className="figures">
                  Front {formatPct(before.frontPct)} → {formatPct(after.frontPct)}, rear{' '}
                  {formatPct(before.rearPct)} → {formatPct(after.rearPct)}
                </span>
                <span>
                  {say(saidMoves(house.mainFigures, by))}
                  {worse.length > 0 && `. Makes worse: ${say(worse.join(', ').toLowerCase())}`}
                </span>
              </div>
              <Button
                size="compact-sm"
                variant="default"
                aria-label={say(`Apply: ${label}`)}
                onClick={() => bench.change({ build, words: `Leveled: ${label}` })}
              >
                Apply
              </Button>
            </li>
          ))}
        </ol>
      )}
    </section>
  );
}

/** Both models of the frame, the wheel-end loads on the truck seen from above, and what to move to level it. */
export function Sides() {
  const { bench, evaluation } = useSession();
  const offered = useOffered();
  const on = evaluation.read(axles);
  const { say } = useUnits();
  const { ref, width, height } = useElementSize();
  const { front, rear } = evaluation.read(inService).weights;
  const picture = width > 0 ? layOut(evaluation.read(envelope), 'top', width, height) : null;
  const placed = picture?.placed[0];
  const at = (xIn: number, yIn: number) => ({
    left: (placed!.u + xIn - picture!.viewBox.x) * picture!.scale,
    top: (placed!.v - yIn - picture!.viewBox.y) * picture!.scale,
  });
  const ends = [
    { name: 'Front, driver’s side', lb: worseModel(front).leftLb, x: 0, y: -on.front.trackIn / 2 },
    { name: 'Front, officer’s side', lb: worseModel(front).rightLb, x: 0, y: on.front.trackIn / 2 },
    {
      name: 'Rear, driver’s side',
      lb: worseModel(rear).leftLb,
      x: on.wheelbaseIn,
      y: -on.rear.trackIn / 2,
    },
    {
      name: 'Rear, officer’s side',
      lb: worseModel(rear).rightLb,
      x: on.wheelbaseIn,
      y: on.rear.trackIn / 2,
    },
  ];
  const sides = ['sideFront', 'sideRear'].flatMap((id) => evaluation.finding(id) ?? []);
  return (
    <>
      <div className={look.plan} ref={ref}>
        {picture && <Stage evaluation={evaluation} picture={picture} />}
        {picture && (
          <ul aria-label="Wheel-end loads">
            {ends.map((end) => (
              <li key={end.name} style={at(end.x, end.y)}>
                <span className="unseen">{end.name}: </span>
                {say(lb(end.lb))} <small>{end.y > 0 ? 'officer’s side' : 'driver’s side'}</small>
              </li>
            ))}
          </ul>
        )}
      </div>
      <DataTable table={evaluation.read(sidesTable)} />
      {sides.map((finding) => (
        <section key={finding.id} className={classes.says} aria-label={finding.title}>
          <b>{finding.title}.</b> {say(finding.words)}{' '}
          {finding.state && `Worst in: ${finding.state.name.toLowerCase()}.`}
          {finding.status !== 'holds' && <Remedies build={offered} finding={finding} bench={bench} />}
        </section>
      ))}
      <Leveling bench={bench} />
    </>
  );
}
