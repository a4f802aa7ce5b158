import type { Box, Rectangle } from '#core/kernel';
import { ladderWays } from '#core/subjects/ladders';
import type { WayView } from '#core/subjects/ladders';
import { components, envelope } from '#core/truck';
import { feetInches, inches, within } from '#core/units';
import { useUnits } from '../../common';
import { Across, RigView, Upright, VIEWS } from '../../drawing';
import { useSession } from '../../session';
import { Numbered, Patch, Sheet, siteClasses } from '../../site';
import classes from './ladders.module.css';

/** Between two views, in. */
const BETWEEN_IN = 34;
/** A way's picture is so high for each inch that it shows, at most and at least, px. */
const PX = { anInch: 2, most: 200, least: 130 };

/** The truck from the driver's side and from the rear, with what lies in each way where it lies. */
export function OnTruck() {
  const { evaluation } = useSession();
  const { say } = useUnits();
  const ways = evaluation.read(ladderWays);
  const all = evaluation.read(components);
  const { frontIn, rearIn, heightIn, widthIn } = evaluation.read(envelope);
  const right = rearIn + BETWEEN_IN + widthIn / 2;
  return (
    <Sheet
      space={{ u0: frontIn, u1: right + widthIn / 2, v0: 0, v1: heightIn }}
      heightPx={330}
      label={say(
        `Where ladders and long pieces ride: ${ways.map(({ mount }) => within(mount.name)).join(', ')}`,
      )}
    >
      {(px) => (
        <>
          <path className={siteClasses.edge} d={`M ${frontIn} 0 H ${right + widthIn / 2}`} />
          {(['driver', 'rear'] as const).map((view) => {
            const flat = (box: Box): Rectangle => {
              const { u0, u1, v0, v1 } = VIEWS[view].flat(box);
              return [u0, v0, u1, v1];
            };
            return (
              <g key={view} transform={view === 'rear' ? `translate(${right} 0)` : undefined}>
                <g className={classes.truck}>
                  <RigView components={all} view={view} />
                </g>
                {ways.flatMap(({ mount, laid }) =>
                  laid.map(({ box }, i) => (
                    <Patch key={`${mount.id}-${i}`} of={flat(box)} className={classes.thing} />
                  )),
                )}
                {ways.map(({ mount, laid }, i) => {
                  const [u0, , u1, v1] = flat(laid[0]!.box);
                  const u = view === 'rear' ? (u0 + u1) / 2 : u1 - 16 - 18 * i * px;
                  return <Numbered key={mount.id} u={u} v={v1 + 9 * px} number={i + 1} px={px} />;
                })}
              </g>
            );
          })}
          <Across
            from={frontIn}
            to={rearIn}
            line={22 * px}
            start={2 * px}
            text={say(feetInches(rearIn - frontIn))}
            px={px}
          />
        </>
      )}
    </Sheet>
  );
}

/** What lies in one way: from the tail at the left, from the driver's side at the right, to one scale. */
export function WayPicture({ view, number }: { view: WayView; number: number }) {
  const { say } = useUnits();
  const { mount, wideIn, highIn, longIn, section, along, words } = view;
  const right = wideIn + BETWEEN_IN;
  return (
    <figure>
      <figcaption>
        {number}. {say(mount.name)}
      </figcaption>
      <p>{say(words)}</p>
      <Sheet
        space={{ u0: 0, u1: right + longIn, v0: 0, v1: highIn }}
        heightPx={Math.min(PX.most, Math.max(PX.least, highIn * PX.anInch + 92))}
        label={say(`${mount.name}: ${words}`)}
      >
        {(px) => (
          <>
            {section.map((box, i) => (
              <Patch key={i} of={box} className={classes.thing} />
            ))}
            <g transform={`translate(${right} 0)`}>
              <Patch of={[0, 0, longIn, highIn]} className={classes.room} />
              {along.map((box, i) => (
                <Patch key={i} of={box} className={classes.thing} />
              ))}
            </g>
            <Across from={0} to={wideIn} line={22 * px} start={3 * px} text={say(inches(wideIn))} px={px} />
            <Upright
              from={-highIn}
              to={0}
              line={-14 * px}
              start={-3 * px}
              text={say(inches(highIn))}
              px={px}
            />
            <Across
              from={right}
              to={right + longIn}
              line={22 * px}
              start={3 * px}
              text={say(inches(longIn))}
              px={px}
            />
          </>
        )}
      </Sheet>
    </figure>
  );
}
