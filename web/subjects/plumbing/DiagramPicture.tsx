import { COLOR_HEX, PLACE_NAMES, rowInWords } from '#core/subjects/plumbing';
import type { Connection, Diagram, DiagramRow } from '#core/subjects/plumbing';
import { gal, hoseSize, within } from '#core/units';
import { useUnits } from '../../common';
import classes from './diagram.module.css';

/** Of a row and of the tank over the pump, px. */
const PX = { row: 32, top: 20, tankHigh: 46, tankWay: 130, between: 78 };

/** How wide the pump, a pipe and its words are, and how far from the pump what is on the pipe stands; px. */
interface Columns {
  pump: number;
  pipe: number;
  words: number;
  valve: number;
  check: number;
  primer: number;
  drain: number;
  gauge: number;
  foam: number;
}
const ON_SCREEN: Columns = {
  pump: 130,
  pipe: 250,
  words: 190,
  valve: 52,
  check: 90,
  primer: 100,
  drain: 128,
  gauge: 160,
  foam: 196,
};
/** A page is narrow: what is on the pipe stands closer. */
const ON_PAPER: Columns = {
  pump: 84,
  pipe: 180,
  words: 172,
  valve: 22,
  check: 50,
  primer: 60,
  drain: 86,
  gauge: 112,
  foam: 150,
};

/** A valve: two triangles that meet; a letter says what drives it, an arc that it moves slowly. */
function Valve({ x, y, of, turned = false }: { x: number; y: number; of: Connection; turned?: boolean }) {
  if (of.valve === 'none') return null;
  return (
    <g>
      <path
        d={`M ${x - 8} ${y - 6} L ${x + 8} ${y + 6} V ${y - 6} L ${x - 8} ${y + 6} Z`}
        className={classes.symbol}
      />
      {of.valve !== 'manual' && (
        <text
          x={x}
          y={y - 8}
          textAnchor="middle"
          className={classes.small}
          transform={turned ? `rotate(-90 ${x} ${y - 12})` : ''}
        >
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

interface RowProps {
  of: DiagramRow;
  columns: Columns;
  y: number;
  pumpX: number;
}

function Row({ of, columns, y, pumpX }: RowProps) {
  const { say } = useUnits();
  const { connection: one, side, feeds } = of;
  const out = side === 'out';
  const from = out ? pumpX + columns.pump : pumpX;
  const way = out ? 1 : -1;
  const at = (px: number) => from + way * px;
  const end = at(columns.pipe);
  const anchor = out ? 'start' : 'end';
  return (
    <g role="listitem" aria-label={say(rowInWords(of))}>
      <line x1={from} x2={end} y1={y} y2={y} className={classes.pipe} strokeDasharray={one.foam && '9 3'} />
      <Valve x={at(columns.valve)} y={y} of={one} />
      {one.check && <Check x={at(columns.check)} y={y} />}
      {one.primer && (
        <text x={at(columns.primer)} y={y - 4} textAnchor="middle" className={classes.small}>
          primer
        </text>
      )}
      {one.drain && <Drain x={at(columns.drain)} y={y} />}
      <Gauge x={at(columns.gauge)} y={y} of={one} />
      {(one.foam || one.air) && (
        <text x={at(columns.foam)} y={y - 4} textAnchor="middle" className={classes.small}>
          {one.air ? 'foam, air' : 'foam'}
        </text>
      )}
      <line x1={end} x2={end} y1={y - 6} y2={y + 6} className={classes.symbol} />
      {one.color && (
        <circle
          cx={end + way * 10}
          cy={y}
          r={5}
          className={classes.knob}
          style={one.color && { fill: COLOR_HEX[one.color] }}
        />
      )}
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
  const { connection: one, pastPump } = of;
  // What goes past the pump ends at its own opening.
  const end = y + wide - (pastPump ? 12 : 0);
  // Clear of the letter at a valve that is driven.
  const beside = one.valve === 'electric' || one.valve === 'air' ? 22 : 13;
  return (
    <g role="listitem" aria-label={say(rowInWords(of))}>
      <line x1={x} x2={x} y1={y} y2={end} className={classes.pipe} />
      {pastPump && <line x1={x - 6} x2={x + 6} y1={end} y2={end} className={classes.symbol} />}
      <g transform={`translate(${x} ${y + wide / 2 - 8}) rotate(90)`}>
        <Valve x={0} y={0} of={one} turned />
      </g>
      {one.check && (
        <g transform={`translate(${x} ${y + wide / 2 + 16}) rotate(${one.kind === 'directFill' ? -90 : 90})`}>
          <Check x={0} y={0} />
        </g>
      )}
      <text x={x + beside} y={y + wide / 2 - 8} className={classes.words}>
        {one.label}
      </text>
      <text x={x + beside} y={y + wide / 2 + 6} className={classes.small}>
        {say(hoseSize(one.sizeIn))}
        {of.connection.at === 'within' ? '' : `, ${within(PLACE_NAMES[one.at])}`}
      </text>
    </g>
  );
}

/** The single-line diagram: drawn from the connections, never by hand. */
export function DiagramPicture({ of, paper = false }: { of: Diagram; paper?: boolean }) {
  const { say } = useUnits();
  const columns = paper ? ON_PAPER : ON_SCREEN;
  const tank = of.rows.filter(({ side }) => side === 'tank');
  const pumpX = columns.words + columns.pipe;
  const wide = 2 * (columns.words + columns.pipe) + columns.pump;
  const pumpY = PX.top + PX.tankHigh + PX.between;
  const pumpHigh = of.high * PX.row + 12;
  const tankWide = Math.max(columns.pump + PX.tankWay, tank.length * PX.tankWay);
  const tankX = pumpX + columns.pump / 2 - tankWide / 2;
  const wayX = (i: number) => tankX + ((i + 0.35) * tankWide) / tank.length;
  const joined = tank.flatMap(({ pastPump }, i) => (pastPump ? [] : [wayX(i)]));
  return (
    <svg
      viewBox={`0 0 ${wide} ${pumpY + pumpHigh + 14}`}
      style={{ width: '100%', maxWidth: 1180 }}
      role="list"
      aria-label="Single-line diagram of the plumbing"
    >
      {of.tankGal > 0 && (
        <>
          <rect x={tankX} y={PX.top} width={tankWide} height={PX.tankHigh} className={classes.box} />
          <text x={tankX + tankWide / 2} y={PX.top + 20} textAnchor="middle" className={classes.words}>
            Tank
          </text>
          <text x={tankX + tankWide / 2} y={PX.top + 35} textAnchor="middle" className={classes.small}>
            {say(gal(of.tankGal))}
          </text>
        </>
      )}
      {tank.map((row, i) => (
        <TankRow key={row.connection.id} of={row} x={wayX(i)} y={PX.top + PX.tankHigh} wide={PX.between} />
      ))}
      <line
        x1={Math.min(pumpX, ...joined)}
        x2={Math.max(pumpX + columns.pump, ...joined)}
        y1={pumpY}
        y2={pumpY}
        className={classes.box}
      />
      <rect x={pumpX} y={pumpY} width={columns.pump} height={pumpHigh} className={classes.box} />
      <text
        x={pumpX + columns.pump / 2}
        y={pumpY + pumpHigh / 2}
        textAnchor="middle"
        className={classes.words}
      >
        Pump
      </text>
      {of.rows
        .filter(({ side }) => side !== 'tank')
        .map((row) => (
          <Row
            key={row.connection.id}
            of={row}
            columns={columns}
            y={pumpY + 24 + row.row * PX.row}
            pumpX={pumpX}
          />
        ))}
    </svg>
  );
}
