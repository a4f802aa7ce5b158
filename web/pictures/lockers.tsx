import { renderToStaticMarkup } from 'react-dom/server';
import type { ReactNode } from 'react';
import type { MountingView, SideMap } from '#core/subjects/stowing';
import { inches } from '#core/units';
import type { UnitSystem } from '#core/units';
import { UnitsAs, useUnits } from '../common';
import { Across, Upright } from '../drawing';
import drawing from '../drawing/drawing.module.css?inline';
import { EarthHatch } from '../site';
import { LockerFigure, SurfaceFigure } from '../subjects/stowing/LockerFigure';
import look from '../subjects/stowing/look.module.css?inline';
import lookClasses from '../subjects/stowing/look.module.css';
import { onPaper } from './on-paper';

/** Room around a picture for names and dimensions, points. */
const MARGIN = { map: 14, mounting: 48 };

interface Space {
  /** What is shown, in: to the right from `u0`, up from `v0`. */
  u0: number;
  u1: number;
  v0: number;
  v1: number;
}

/** A picture to scale in the middle of so many points; what is drawn knows how many inches a point is. */
function sheetSvg(
  { u0, u1, v0, v1 }: Space,
  system: UnitSystem,
  [width, height, margin]: [number, number, number],
  children: (px: number) => ReactNode,
): string {
  const scale = Math.min((width - 2 * margin) / (u1 - u0), (height - 2 * margin) / (v1 - v0));
  const px = 1 / scale;
  const high = (v1 - v0) * scale + 2 * margin;
  const left = (u0 + u1) / 2 - (width * px) / 2;
  return onPaper(
    renderToStaticMarkup(
      <UnitsAs system={system}>
        <svg viewBox={`${left} ${-v1 - margin * px} ${width * px} ${high * px}`}>
          <EarthHatch px={px} line={0.6} />
          {children(px)}
        </svg>
      </UnitsAs>,
    ),
    // Rules that move come last: what prints reads none after them.
    look + drawing,
    `width="${width}" height="${high}"`,
    px,
  );
}

/** A side of the truck with all doors open, its pieces numbered, as large as fits into so many points. */
export const sideSvg = ({ lockers, wideIn, highIn }: SideMap, width: number, height: number): string =>
  sheetSvg({ u0: 0, u1: wideIn, v0: 0, v1: highIn }, 'us', [width, height, MARGIN.map], (px) =>
    lockers.map(({ of, uIn, vIn }) => (
      <g key={of.id} transform={`translate(${uIn} ${-vIn})`}>
        <LockerFigure of={of} px={px} named />
      </g>
    )),
  );

/** Points between a compartment and its dimensions, and between one of them and the next. */
const DIMENSION = { first: 12, next: 26 };
/** Inches between one picture and the next. */
const APART_IN = 10;

/** A compartment from its door with its heights, and beside it each surface as one looks at it. */
function Mounting({ view: { of, fittings, heightsIn }, px }: { view: MountingView; px: number }) {
  const { say } = useUnits();
  return (
    <>
      <LockerFigure of={of} px={px} />
      {fittings.map(({ letter, front: [u0, v0, u1, v1] }) => (
        <text
          key={letter}
          x={u0 + 2 * px}
          y={-Math.max(v1, v0 + 1) - 2 * px}
          fontSize={8 * px}
          className={lookClasses.letter}
          textAnchor={u1 - u0 > 0 ? 'start' : 'middle'}
        >
          {letter}
        </text>
      ))}
      <Across
        from={0}
        to={of.wideIn}
        line={DIMENSION.first * px}
        start={2 * px}
        text={say(inches(of.wideIn))}
        px={px}
      />
      <Upright
        from={0}
        to={-of.highIn}
        line={-(DIMENSION.first + DIMENSION.next) * px}
        start={-2 * px}
        text={say(inches(of.highIn))}
        px={px}
      />
      {[0, ...heightsIn, of.highIn].slice(1).map((to, i, all) => (
        <Upright
          key={to}
          from={-(i === 0 ? 0 : all[i - 1]!)}
          to={-to}
          line={-DIMENSION.first * px}
          start={-2 * px}
          text={say(inches(to - (i === 0 ? 0 : all[i - 1]!)))}
          px={px}
        />
      ))}
    </>
  );
}

/** A compartment with its fittings and what is measured of them, and its surfaces, into so many points. */
export function mountingSvg(view: MountingView, system: UnitSystem, width: number, height: number): string {
  const { of, surfaces } = view;
  // Surfaces stand beside the compartment, one over the other as high as it is, then in a further column.
  const placed: { plan: (typeof surfaces)[number]; uIn: number; vIn: number }[] = [];
  let [uIn, vIn, widest] = [of.wideIn + APART_IN, 0, 0];
  for (const plan of surfaces) {
    if (vIn > 0 && vIn + plan.highIn > Math.max(of.highIn, 2 * plan.highIn)) {
      uIn += widest + APART_IN;
      [vIn, widest] = [0, 0];
    }
    placed.push({ plan, uIn, vIn });
    widest = Math.max(widest, plan.wideIn);
    vIn += plan.highIn + APART_IN;
  }
  const u1 = Math.max(of.wideIn, ...placed.map((one) => one.uIn + one.plan.wideIn));
  const v1 = Math.max(of.highIn, ...placed.map((one) => one.vIn + one.plan.highIn));
  return sheetSvg({ u0: 0, u1, v0: 0, v1 }, system, [width, height, MARGIN.mounting], (px) => (
    <>
      <Mounting view={view} px={px} />
      {placed.map(({ plan, uIn: u, vIn: v }) => (
        <g key={plan.surface.id} transform={`translate(${u} ${-v})`}>
          <SurfaceFigure of={plan} px={px} />
        </g>
      ))}
    </>
  ));
}
