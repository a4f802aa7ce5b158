import {
  COLOR_NAMES,
  diagram,
  GAUGE_NAMES,
  KIND_NAMES,
  PLACE_NAMES,
  plumbing,
  VALVE_NAMES,
} from '#core/subjects/plumbing';
import type { Connection, Diagram, DiagramRow } from '#core/subjects/plumbing';
import { gal, hoseSize, within } from '#core/units';
import { sectionClasses, useUnits } from '../../common';
import { useSession } from '../../session';
import { Checks } from '../../site';
import classes from './plumbing.module.css';

/** Of a row, the pump, and the columns of the picture, px. */
const PX = { row: 32, top: 20, tankWide: 250, pumpWide: 130, pipe: 250, words: 190, tankRow: 30 };

/** A valve: two triangles that meet; a letter says what drives it, an arc that it moves slowly. */
function Valve({ x, y, of }: { x: number; y: number; of: Connection }) {
  if (of.valve === 'none') return null;
  return (
    <g>
      <path
        d={`M ${x - 8} ${y - 6} L ${x + 8} ${y + 6} V ${y - 6} L ${x - 8} ${y + 6} Z`}
        className={classes.symbol}
      />
      {of.valve !== 'manual' && (
        <text x={x} y={y - 8} textAnchor="middle" className={classes.small}>
          {of.valve === 'electric' ? 'E' : 'A'}
        </text>
      )}
      {of.slow && <path d={`M ${x - 4} ${y + 9} q 4 4 8 0`} fill="none" className={classes.symbol} />}
    </g>
  );
}

/** A gauge on its pipe: P for pressure, F for flow. */
function Gauge({ x, y, of }: { x: number; y: number; of: Connection }) {
  if (of.gauge === 'none') return null;
  const says = { pressure: 'P', flow: 'F', both: 'PF' }[of.gauge];
  return (
    <g>
      <line x1={x} x2={x} y1={y} y2={y - 6} className={classes.symbol} />
      <circle cx={x} cy={y - 11} r={7} className={classes.symbol} />
      <text x={x} y={y - 7.5} textAnchor="middle" className={classes.small}>
        {says}
      </text>
    </g>
  );
}

/** A check valve: a triangle against a bar; and a drain: a short pipe down. */
const Check = ({ x, y }: { x: number; y: number }) => (
  <path
    d={`M ${x - 6} ${y - 6} L ${x + 5} ${y} L ${x - 6} ${y + 6} Z M ${x + 6} ${y - 6} V ${y + 6}`}
    className={classes.symbol}
  />
);
const Drain = ({ x, y }: { x: number; y: number }) => (
  <path d={`M ${x} ${y} v 8 m -3 -3 l 3 3 l 3 -3`} fill="none" className={classes.symbol} />
);

/** All of a connection in words: what the picture says of it. */
const inWords = ({ connection: one, feeds }: DiagramRow): string =>
  [
    `${one.label}: ${within(KIND_NAMES[one.kind])} of ${hoseSize(one.sizeIn)}`,
    within(PLACE_NAMES[one.at]),
    `${VALVE_NAMES[one.valve].toLowerCase()}${one.valve === 'none' ? '' : ' valve'}${one.slow ? ', slow' : ''}`,
    ...(one.gauge === 'none' ? [] : [`gauge: ${GAUGE_NAMES[one.gauge].toLowerCase()}`]),
    ...(one.color ? [COLOR_NAMES[one.color].toLowerCase()] : []),
    ...(one.foam ? ['foam'] : []),
    ...(one.air ? ['compressed air'] : []),
    ...(one.drain ? ['drain'] : []),
    ...(feeds ? [`feeds ${within(feeds)}`] : []),
  ].join(', ');

function Row({ of, y, pumpX }: { of: DiagramRow; y: number; pumpX: number }) {
  const { say } = useUnits();
  const { connection: one, side, feeds } = of;
  const out = side === 'out';
  const from = out ? pumpX + PX.pumpWide : pumpX;
  const way = out ? 1 : -1;
  const at = (px: number) => from + way * px;
  const end = at(PX.pipe);
  const anchor = out ? 'start' : 'end';
  return (
    <g role="listitem" aria-label={say(inWords(of))}>
      <line x1={from} x2={end} y1={y} y2={y} className={classes.pipe} data-foam={one.foam !== undefined} />
      <Valve x={at(52)} y={y} of={one} />
      {one.check && <Check x={at(90)} y={y} />}
      {one.primer && (
        <text x={at(100)} y={y - 4} textAnchor="middle" className={classes.small}>
          primer
        </text>
      )}
      {one.drain && <Drain x={at(128)} y={y} />}
      <Gauge x={at(160)} y={y} of={one} />
      {(one.foam || one.air) && (
        <text x={at(196)} y={y - 4} textAnchor="middle" className={classes.small}>
          {one.air ? 'foam, air' : 'foam'}
        </text>
      )}
      <line x1={end} x2={end} y1={y - 6} y2={y + 6} className={classes.symbol} />
      <g className={classes.object} data-color={one.color ?? 'none'}>
        {one.color && <circle cx={end + way * 10} cy={y} r={5} className={classes.knob} />}
      </g>
      <text x={end + way * 20} y={y + 1} textAnchor={anchor} className={classes.words}>
        {say(`${one.label} · ${hoseSize(one.sizeIn)}`)}
      </text>
      <text x={end + way * 20} y={y + 13} textAnchor={anchor} className={classes.small}>
        {feeds ? (feeds === one.label ? PLACE_NAMES[one.at] : `to ${within(feeds)}`) : PLACE_NAMES[one.at]}
      </text>
    </g>
  );
}

function TankRow({ of, y, x, wide }: { of: DiagramRow; y: number; x: number; wide: number }) {
  const { say } = useUnits();
  const { connection: one } = of;
  return (
    <g role="listitem" aria-label={say(inWords(of))}>
      <line x1={x} x2={x} y1={y} y2={y + wide} className={classes.pipe} />
      <g transform={`translate(${x} ${y + wide / 2 - 8}) rotate(90)`}>
        <Valve x={0} y={0} of={one} />
      </g>
      {one.check && (
        <g transform={`translate(${x} ${y + wide / 2 + 16}) rotate(90)`}>
          <Check x={0} y={0} />
        </g>
      )}
      <text x={x + 13} y={y + wide / 2 - 8} className={classes.words}>
        {one.label}
      </text>
      <text x={x + 13} y={y + wide / 2 + 6} className={classes.small}>
        {say(hoseSize(one.sizeIn))}
        {of.connection.at === 'within' ? '' : `, ${within(PLACE_NAMES[one.at])}`}
      </text>
    </g>
  );
}

/** The single-line diagram: drawn from the connections, never by hand. */
export function DiagramPicture({ of }: { of: Diagram }) {
  const { say } = useUnits();
  const tank = of.rows.filter(({ side }) => side === 'tank');
  const pumpX = PX.words + PX.pipe;
  const wide = 2 * (PX.words + PX.pipe) + PX.pumpWide;
  const tankHigh = 46;
  const between = 78;
  const pumpY = PX.top + tankHigh + between;
  const pumpHigh = of.high * PX.row + 12;
  const tankWide = Math.max(PX.tankWide, tank.length * 130);
  const tankX = pumpX + PX.pumpWide / 2 - tankWide / 2;
  return (
    <svg
      viewBox={`0 0 ${wide} ${pumpY + pumpHigh + 14}`}
      style={{ width: '100%', maxWidth: 1180 }}
      role="list"
      aria-label="Single-line diagram of the plumbing"
    >
      {of.tankGal > 0 && (
        <>
          <rect x={tankX} y={PX.top} width={tankWide} height={tankHigh} className={classes.box} />
          <text x={tankX + tankWide / 2} y={PX.top + 20} textAnchor="middle" className={classes.words}>
            Tank
          </text>
          <text x={tankX + tankWide / 2} y={PX.top + 35} textAnchor="middle" className={classes.small}>
            {say(gal(of.tankGal))}
          </text>
        </>
      )}
      {tank.map((row, i) => (
        <TankRow
          key={row.connection.id}
          of={row}
          x={tankX + ((i + 0.35) * tankWide) / tank.length}
          y={PX.top + tankHigh}
          wide={between}
        />
      ))}
      {tankWide > PX.pumpWide && (
        <line x1={tankX} x2={tankX + tankWide} y1={pumpY} y2={pumpY} className={classes.box} />
      )}
      <rect x={pumpX} y={pumpY} width={PX.pumpWide} height={pumpHigh} className={classes.box} />
      <text
        x={pumpX + PX.pumpWide / 2}
        y={pumpY + pumpHigh / 2}
        textAnchor="middle"
        className={classes.words}
      >
        Pump
      </text>
      {of.rows
        .filter(({ side }) => side !== 'tank')
        .map((row) => (
          <Row key={row.connection.id} of={row} y={pumpY + 24 + row.row * PX.row} pumpX={pumpX} />
        ))}
    </svg>
  );
}

export function DiagramSection() {
  const { evaluation } = useSession();
  const { say } = useUnits();
  const of = evaluation.read(diagram);
  if (!of) return <p className={sectionClasses.says}>There is no pump to plumb: choose one on the bench.</p>;
  return (
    <>
      <p className={sectionClasses.caution}>{plumbing.caution}</p>
      <p className={sectionClasses.says}>
        {say(of.pump)}. Intakes at the left, discharges at the right, the ways to the tank above. E: electric
        valve, A: air valve; an arc under a valve: it opens slowly; P and F: pressure and flow gauge; an arrow
        down: drain; a dashed pipe: foam.
      </p>
      <DiagramPicture of={of} />
      <Checks
        ids={['discharge', 'plainOutlets', 'suction', 'tankPath', 'fed', 'byHand', 'slowValves', 'drained']}
      />
    </>
  );
}
