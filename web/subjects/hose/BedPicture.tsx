import { feet, inches } from '#core/units';
import type { BedView, BedViews, LoadView } from '#core/subjects/hose';
import { useUnits } from '../../common';
import { Across, Upright } from '../../drawing';
import { Numbered, Patch, Sheet } from '../../site';
import classes from './hose.module.css';

/** Between two views, in. */
const BETWEEN_IN = 14;
/** A picture is so high for each inch that it shows, at most and at least, px. */
const PX = { anInch: 5.5, most: 520, least: 190 };

/** A load in one view: lays cut across, or every fold from end to end, and its couplings. */
function Load({ view, of, px }: { view: LoadView; of: BedView; px: number }) {
  return (
    <>
      {view.outline && of.id !== 'section' && <Patch of={view.outline} className={classes.load} />}
      {view.cut.map((lay, i) => (
        <Patch key={i} of={lay} className={classes.cut} />
      ))}
      {view.hose.map((line, i) => (
        <polyline key={i} className={classes.hose} points={line.map(([u, v]) => `${u},${-v}`).join(' ')} />
      ))}
      {view.couplings.map((box, i) => (
        <Patch
          key={i}
          of={box}
          rx={of.id === 'section' ? (box[2] - box[0]) / 2 : 1.5 * px}
          className={of.id === 'section' ? classes.behind : classes.coupling}
        />
      ))}
    </>
  );
}

/** A bed as it is packed: cut across at the left, along and from above at the right, to one scale. */
export function BedPicture({ of }: { of: BedViews }) {
  const { say } = useUnits();
  const { bed, room, views, loads } = of;
  const [section, along, above] = views as [BedView, BedView, BedView];
  const right = section.wideIn + BETWEEN_IN;
  const v0 = -BETWEEN_IN - above.highIn;
  const high = room.depthIn + BETWEEN_IN + above.highIn;
  const places: [BedView, number, number][] = [
    [section, 0, 0],
    [along, right, 0],
    [above, right, v0],
  ];
  return (
    <Sheet
      space={{ u0: 0, u1: right + along.wideIn, v0, v1: room.depthIn }}
      heightPx={Math.min(PX.most, Math.max(PX.least, high * PX.anInch + 92))}
      label={say(
        `${bed.name}: ${loads.map(({ lengthFt, hose }) => `${feet(lengthFt)} of ${hose.name}`).join(', ')}`,
      )}
    >
      {(px) => (
        <>
          {places.map(([view, u, v]) => (
            <g key={view.id} transform={`translate(${u} ${-v})`}>
              {view.loads.map((load) => (
                <Load key={load.id} view={load} of={view} px={px} />
              ))}
              <path
                className={classes.wall}
                d={
                  view.id === 'above'
                    ? `M 0 0 H ${view.wideIn} V ${-view.highIn} H 0 Z`
                    : `M 0 ${-view.highIn} V 0 H ${view.wideIn} V ${-view.highIn}`
                }
              />
              {view.loads.map(
                (load, i) =>
                  load.outline && (
                    <Numbered
                      key={load.id}
                      u={load.outline[0] + 9 * px}
                      v={load.outline[3] - 9 * px}
                      number={i + 1}
                      px={px}
                    />
                  ),
              )}
              <text x={0} y={-view.highIn - 6 * px} fontSize={11.5 * px} className={classes.title}>
                {view.title}
              </text>
            </g>
          ))}
          <Across
            from={0}
            to={room.widthIn}
            line={24 * px}
            start={4 * px}
            text={say(inches(room.widthIn))}
            px={px}
          />
          <Across
            from={right}
            to={right + room.lengthIn}
            line={-v0 + 22 * px}
            start={-v0 + 4 * px}
            text={say(inches(room.lengthIn))}
            px={px}
          />
          <Upright
            from={-room.depthIn}
            to={0}
            line={-16 * px}
            start={-4 * px}
            text={say(inches(room.depthIn))}
            px={px}
          />
        </>
      )}
    </Sheet>
  );
}
