import { ladders, laddersTable, toHand, waysTable, wayViews } from '#core/subjects/ladders';
import { components, envelope } from '#core/truck';
import { inches } from '#core/units';
import { DataTable, sectionClasses, useUnits } from '../../common';
import { Across, RigView, Upright } from '../../drawing';
import { useSession } from '../../session';
import { Checks, Sheet, siteClasses } from '../../site';
import { OnTruck, WayPicture } from './WayPictures';
import classes from './ladders.module.css';

/** Road beside the truck on the picture, in. */
const BESIDE_IN = 60;

/** The rack let down, from the rear: how far it swings out beside the truck, and where hands take the ladders. */
function Lowered() {
  const { evaluation } = useSession();
  const { say } = useUnits();
  const rack = evaluation.read(toHand).find(({ swing }) => swing !== null);
  if (!rack?.swing) return null;
  const { way, swing } = rack;
  const { heightIn } = evaluation.read(envelope);
  const left = evaluation.read(components).filter(({ id }) => !swing.componentIds.includes(id));
  const { y1 } = way.box;
  const out = y1 + swing.besideIn;
  return (
    <>
      <h3>The rack let down</h3>
      <Sheet
        space={{ u0: -BESIDE_IN, u1: out + BESIDE_IN, v0: 0, v1: heightIn }}
        heightPx={420}
        label={say(`The rack let down beside the truck, ${inches(swing.besideIn)} out`)}
      >
        {(px) => (
          <>
            <path className={siteClasses.edge} d={`M ${-BESIDE_IN} 0 H ${out + BESIDE_IN}`} />
            <RigView components={left} view="rear" />
            <path
              className={siteClasses.clear}
              d={`M ${y1} ${-swing.aboutIn - swing.besideIn} A ${swing.besideIn} ${swing.besideIn} 0 0 1 ${y1} ${-swing.aboutIn + swing.besideIn}`}
            />
            {swing.lowered.map((box, i) => (
              <rect
                key={i}
                className={siteClasses.edge}
                x={box.y0}
                y={-box.z1}
                width={box.y1 - box.y0}
                height={box.z1 - box.z0}
              />
            ))}
            <Across
              from={y1}
              to={out}
              line={18 * px}
              start={2 * px}
              text={say(inches(swing.besideIn))}
              px={px}
            />
            <Upright
              from={-swing.z1}
              to={0}
              line={out + 14 * px}
              start={out}
              text={say(inches(swing.z1))}
              px={px}
            />
          </>
        )}
      </Sheet>
    </>
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
        ids={['laddersFit', 'ladderRoom', 'groundLadders', 'roofLadder', 'extensionLadder', 'atticLadder']}
      />
      <OnTruck />
      <DataTable table={ways} minWidth={960} />
      <div className={classes.ways}>
        {evaluation.read(wayViews).map((view, i) => (
          <WayPicture key={view.mount.id} view={view} number={i + 1} />
        ))}
      </div>
      <Lowered />
      <DataTable table={evaluation.read(laddersTable)} minWidth={640} />
    </>
  );
}
