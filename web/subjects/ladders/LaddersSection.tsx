import { ladders, laddersTable, toHand, waysTable, wayViews } from '#core/subjects/ladders';
import type { ToHand } from '#core/subjects/ladders';
import { components, envelope } from '#core/truck';
import { inches } from '#core/units';
import { DataTable, sectionClasses, useUnits } from '../../common';
import { Across, RigView, Upright } from '../../drawing';
import { useSession } from '../../session';
import { Checks, Patch, Sheet, siteClasses } from '../../site';
import { OnTruck, WayPicture } from './WayPictures';
import classes from './ladders.module.css';

/** Road beside the truck on the picture, in. */
const BESIDE_IN = 60;

/** A rack let down, from the rear: how far it swings out beside the truck, and where hands take what it carries. */
function Lowered({ of: { way, swing } }: { of: ToHand & { swing: NonNullable<ToHand['swing']> } }) {
  const { evaluation } = useSession();
  const { say } = useUnits();
  const { heightIn } = evaluation.read(envelope);
  const left = evaluation.read(components).filter(({ id }) => !swing.componentIds.includes(id));
  const { besideIn, aboutIn, z1 } = swing;
  // Seen from the rear the officer's side is at the right.
  const toRight = way.mount.side === 'left' ? -1 : 1;
  const side = toRight > 0 ? way.box.y1 : way.box.y0;
  const out = side + toRight * besideIn;
  const arc = `A ${besideIn} ${besideIn} 0 0 ${toRight > 0 ? 1 : 0} ${side} ${-aboutIn + besideIn}`;
  const [u0, u1] = [Math.min(-BESIDE_IN, out - BESIDE_IN), Math.max(BESIDE_IN, out + BESIDE_IN)];
  return (
    <figure>
      <figcaption>{say(`${way.mount.name}, let down`)}</figcaption>
      <Sheet
        space={{ u0, u1, v0: 0, v1: heightIn }}
        heightPx={420}
        label={say(`${way.mount.name}, let down: ${inches(besideIn)} out beside the truck`)}
      >
        {(px) => (
          <>
            <path className={siteClasses.edge} d={`M ${u0} 0 H ${u1}`} />
            <RigView components={left} view="rear" />
            <path className={siteClasses.clear} d={`M ${side} ${-aboutIn - besideIn} ${arc}`} />
            {swing.lowered.map(({ y0, y1, z0, z1: top }, i) => (
              <Patch key={i} of={[y0, z0, y1, top]} className={siteClasses.edge} />
            ))}
            <Across
              from={Math.min(side, out)}
              to={Math.max(side, out)}
              line={18 * px}
              start={2 * px}
              text={say(inches(besideIn))}
              px={px}
            />
            <Upright
              from={-z1}
              to={0}
              line={out + 14 * toRight * px}
              start={out}
              text={say(inches(z1))}
              px={px}
            />
          </>
        )}
      </Sheet>
    </figure>
  );
}

/** What rides in each way, how far it reaches, and how ladders come to hand. */
export function LaddersSection() {
  const { evaluation } = useSession();
  const ways = evaluation.read(waysTable);
  if (ways.rows.length === 0)
    return (
      <p className={sectionClasses.says}>
        No ladder is carried: ladders are chosen on the bench, under Ladders.
      </p>
    );
  return (
    <>
      <p className={sectionClasses.caution}>{ladders.caution}</p>
      <Checks
        ids={[
          'laddersFit',
          'ladderRoom',
          'pieceRoom',
          'groundLadders',
          'roofLadder',
          'extensionLadder',
          'atticLadder',
        ]}
      />
      <OnTruck />
      <DataTable table={ways} minWidth={960} />
      <div className={classes.ways}>
        {evaluation.read(wayViews).map((view, i) => (
          <WayPicture key={view.mount.id} view={view} number={i + 1} />
        ))}
      </div>
      <div className={classes.ways}>
        {evaluation
          .read(toHand)
          .map(({ swing, ...of }) => swing && <Lowered key={of.way.mount.id} of={{ ...of, swing }} />)}
      </div>
      <DataTable table={evaluation.read(laddersTable)} minWidth={640} />
    </>
  );
}
