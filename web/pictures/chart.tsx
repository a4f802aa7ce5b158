import { renderToStaticMarkup } from 'react-dom/server';
import type { ReactNode } from 'react';
import type { Axis, ChartOf, Series } from '#core/kernel';
import type { UnitSystem } from '#core/units';
import { marksOf } from '../chart/bounds';
import type { Bounds } from '../chart/bounds';
import { chartBounds, titleOf, valueOf } from '../chart/config';
import { DAY } from '../theme/colors';
import type { Lettering } from './face';

/** Points. */
const SIZE = 8;
const LINE = 10;
const LEGEND = { swatch: 18, gap: 5, between: 14, line: 12, below: 8 };
const TICK = 4;
const PEN = { line: 1.5, bar: 1, dashed: 1.4, limit: 1.3, rule: 0.6 };
const DIAMOND = { mark: 4, point: 3 };
/** Of the room of a name its bars take this much, and of its share each bar. */
const BARS_SHARE = 0.8;
const BAR_SHARE = 0.9;
/** Names that have no room beside one another are turned by so much. */
const TURN_DEG = 25;

interface Place {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

/** The figures along an axis, with as many decimals as tell them apart. */
function figuresOf(bounds: Bounds): { at: number; words: string }[] {
  const decimals = Math.max(0, -Math.floor(Math.log10(bounds.step) + 1e-9));
  return marksOf(bounds).map((at) => ({
    at,
    words: at.toLocaleString('en-US', { minimumFractionDigits: decimals, maximumFractionDigits: decimals }),
  }));
}

const along =
  ({ min, max }: Bounds, from: number, to: number) =>
  (value: number) =>
    from + ((value - min) / (max - min)) * (to - from);

/** Words in the fonts that have their letters, set from, about or up to a point. */
function Words({
  words,
  lettering,
  x,
  y,
  anchor = 'middle',
  turned,
}: {
  words: string;
  lettering: Lettering;
  x: number;
  y: number;
  anchor?: 'start' | 'middle' | 'end';
  turned?: number;
}) {
  return (
    <text
      x={x}
      y={y}
      textAnchor={anchor}
      fontFamily={lettering.font}
      fontSize={SIZE}
      fill={DAY.ink}
      {...(turned ? { transform: `rotate(${turned} ${x} ${y})` } : {})}
    >
      {lettering.runs(words).map(({ text, font }, i) =>
        font ? (
          <tspan key={i} fontFamily={font}>
            {text}
          </tspan>
        ) : (
          text
        ),
      )}
    </text>
  );
}

/** The names of the series, in as many lines as they need. */
function legendRows(
  series: readonly Series[],
  lettering: Lettering,
  width: number,
): { of: Series; wide: number }[][] {
  const rows: { of: Series; wide: number }[][] = [[]];
  let used = 0;
  for (const of of series) {
    const wide = LEGEND.swatch + LEGEND.gap + lettering.widthOf(of.label, SIZE) + LEGEND.between;
    if (used + wide > width && rows.at(-1)!.length > 0) {
      rows.push([]);
      used = 0;
    }
    rows.at(-1)!.push({ of, wide });
    used += wide;
  }
  return rows;
}

const isBar = (chart: ChartOf, { limit }: Series): boolean => chart.kind === 'bars' && !limit;

function Swatch({ of, bar, x, y }: { of: Series; bar: boolean; x: number; y: number }) {
  const color = DAY[of.tone];
  if (bar)
    return (
      <rect
        x={x}
        y={y - 2.5}
        width={LEGEND.swatch}
        height={5}
        fill={of.dash ? 'none' : color}
        stroke={color}
        strokeWidth={PEN.bar}
      />
    );
  if (of.points) return <Diamond x={x + LEGEND.swatch / 2} y={y} r={DIAMOND.point} color={color} />;
  return (
    <line
      x1={x}
      y1={y}
      x2={x + LEGEND.swatch}
      y2={y}
      stroke={color}
      strokeWidth={PEN.line}
      strokeDasharray={dashOf(of)}
    />
  );
}

const Diamond = ({ x, y, r, color }: { x: number; y: number; r: number; color: string }) => (
  <path d={`M ${x} ${y - r} L ${x + r} ${y} L ${x} ${y + r} L ${x - r} ${y} Z`} fill={color} />
);

/** Dashes of a screen are long on paper. */
const PAPER_DASH = 0.7;
const dashOf = ({ dash }: Series): string | undefined => dash?.map((length) => length * PAPER_DASH).join(' ');

function Legend({ chart, lettering, width }: { chart: ChartOf; lettering: Lettering; width: number }) {
  return legendRows(chart.series, lettering, width).map((row, i) => {
    const y = LEGEND.line * (i + 0.5);
    const whole = row.reduce((sum, { wide }) => sum + wide, -LEGEND.between);
    const from = row.map((_, at) =>
      row.slice(0, at).reduce((sum, { wide }) => sum + wide, (width - whole) / 2),
    );
    return row.map(({ of }, at) => (
      <g key={of.label}>
        <Swatch of={of} bar={isBar(chart, of)} x={from[at]!} y={y} />
        <Words
          words={of.label}
          lettering={lettering}
          x={from[at]! + LEGEND.swatch + LEGEND.gap}
          y={y + SIZE * 0.35}
          anchor="start"
        />
      </g>
    ));
  });
}

/** A curve, in pieces where a value is no figure. */
function curveOf(points: readonly (readonly [number, number])[]): string {
  let pen = 'M';
  return points
    .map(([x, y]) => {
      if (!Number.isFinite(y)) {
        pen = 'M';
        return '';
      }
      const step = `${pen} ${x.toFixed(2)} ${y.toFixed(2)}`;
      pen = 'L';
      return step;
    })
    .join(' ');
}

interface Drawn {
  chart: ChartOf;
  system: UnitSystem;
  place: Place;
  xOf: (index: number) => number;
  yOf: (series: Series) => (value: number) => number;
}

function Bars({ chart, place, xOf, yOf }: Drawn) {
  const bars = chart.series.filter((of) => isBar(chart, of));
  const room = ((place.right - place.left) / chart.x.at.length) * BARS_SHARE;
  const each = room / bars.length;
  return bars.map((of, n) => {
    const y = yOf(of);
    const zero = y(0);
    return of.values.map((value, i) =>
      Number.isFinite(value) ? (
        <rect
          key={`${of.label} ${i}`}
          x={xOf(i) - room / 2 + each * (n + (1 - BAR_SHARE) / 2)}
          y={Math.min(zero, y(value))}
          width={each * BAR_SHARE}
          height={Math.abs(zero - y(value))}
          fill={of.dash ? 'none' : DAY[of.tone]}
          stroke={DAY[of.tone]}
          strokeWidth={of.dash ? PEN.dashed : PEN.bar}
        />
      ) : null,
    );
  });
}

function Curves({ chart, xOf, yOf }: Drawn) {
  return chart.series
    .filter((of) => !isBar(chart, of))
    .map((of) => {
      const y = yOf(of);
      const color = DAY[of.tone];
      const points = of.values.map((value, i) => [xOf(i), y(value)] as const);
      return (
        <g key={of.label}>
          {!of.points && (
            <path
              d={curveOf(points)}
              fill="none"
              stroke={color}
              strokeWidth={of.limit ? PEN.limit : PEN.line}
              strokeLinejoin="round"
              strokeDasharray={dashOf(of)}
            />
          )}
          {points.map(([px, py], i) =>
            Number.isFinite(py) && (of.points || of.mark === i) ? (
              <Diamond key={i} x={px} y={py} r={of.mark === i ? DIAMOND.mark : DIAMOND.point} color={color} />
            ) : null,
          )}
        </g>
      );
    });
}

/** A line of the grid, or the one that bars stand on. */
const Rule = ({
  from: [x1, y1],
  to: [x2, y2],
  color = DAY.rule,
}: {
  from: [number, number];
  to: [number, number];
  color?: string;
}) => <line x1={x1} y1={y1} x2={x2} y2={y2} stroke={color} strokeWidth={PEN.rule} />;

/** A chart as an SVG of so many points: its series and the ends of its axes are those of the screen. */
export function chartSvg(
  chart: ChartOf,
  system: UnitSystem,
  lettering: Lettering,
  width: number,
  height: number,
): string {
  const bounds = chartBounds(chart, system);
  const figures = { y: figuresOf(bounds.y), right: bounds.right ? figuresOf(bounds.right) : [] };
  const wide = (words: readonly string[]) => Math.max(0, ...words.map((one) => lettering.widthOf(one, SIZE)));
  const besideAxis = (of: { words: string }[]) => LINE + TICK + wide(of.map(({ words }) => words)) + TICK;
  const left = besideAxis(figures.y);
  const right = width - (bounds.right ? besideAxis(figures.right) : 2 * LINE);
  const names = chart.kind === 'bars' ? (chart.x.at as string[]) : null;
  const turned = names !== null && wide(names) > (right - left) / names.length - TICK;
  const fall = turned ? Math.sin((TURN_DEG * Math.PI) / 180) * wide(names) + TICK : LINE;
  const place: Place = {
    left,
    right,
    top: legendRows(chart.series, lettering, width).length * LEGEND.line + LEGEND.below,
    bottom: height - LINE - TICK - fall,
  };
  const { top, bottom } = place;
  const across = bounds.x && along(bounds.x, left, right);
  const inX = valueOf(chart.x, system);
  const up = along(bounds.y, bottom, top);
  const upRight = bounds.right && along(bounds.right, bottom, top);
  const drawn: Drawn = {
    chart,
    system,
    place,
    xOf: (i) =>
      across
        ? across(inX((chart.x.at as number[])[i]!))
        : left + ((right - left) * (i + 0.5)) / names!.length,
    yOf: ({ right: isRight }) => {
      const [axis, to] = isRight && chart.right && upRight ? [chart.right, upRight] : [chart.y, up];
      const inUnits = valueOf(axis, system);
      return (value) => to(inUnits(value));
    },
  };
  const said = (
    words: string,
    x: number,
    y: number,
    rest: { anchor?: 'start' | 'end'; turned?: number } = {},
  ): ReactNode => <Words key={`${words} ${x}`} words={words} lettering={lettering} x={x} y={y} {...rest} />;
  const upTitle = (axis: Axis, x: number) =>
    said(titleOf(axis, system), x, (top + bottom) / 2, { turned: -90 });
  return renderToStaticMarkup(
    <svg xmlns="http://www.w3.org/2000/svg" width={width} height={height} viewBox={`0 0 ${width} ${height}`}>
      <Legend chart={chart} lettering={lettering} width={width} />
      {figures.y.map(({ at, words }) => (
        <g key={at}>
          <Rule from={[left, up(at)]} to={[right, up(at)]} />
          {said(words, left - TICK, up(at) + SIZE * 0.35, { anchor: 'end' })}
        </g>
      ))}
      {upRight &&
        figures.right.map(({ at, words }) =>
          said(words, right + TICK, upRight(at) + SIZE * 0.35, { anchor: 'start' }),
        )}
      {bounds.x &&
        across &&
        figuresOf(bounds.x).map(({ at, words }) => (
          <g key={at}>
            <Rule from={[across(at), top]} to={[across(at), bottom]} />
            {said(words, across(at), bottom + TICK + SIZE)}
          </g>
        ))}
      {names?.map((name, i) =>
        said(name, drawn.xOf(i), bottom + TICK + SIZE, turned ? { anchor: 'end', turned: -TURN_DEG } : {}),
      )}
      {upTitle(chart.y, SIZE)}
      {chart.right && upTitle(chart.right, width - TICK)}
      {said(titleOf(chart.x, system), (left + right) / 2, height - TICK / 2)}
      {chart.kind === 'bars' && <Rule from={[left, up(0)]} to={[right, up(0)]} color={DAY.pencil} />}
      <Bars {...drawn} />
      <Curves {...drawn} />
    </svg>,
  );
}
