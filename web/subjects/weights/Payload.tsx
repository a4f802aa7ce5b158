import { Slider } from '@mantine/core';
import { useElementSize } from '@mantine/hooks';
import { useState } from 'react';
import {
  contributionChart,
  payloadAt,
  payloadCurve,
  payloadInShort,
  payloadInWords,
  payloadLeft,
  reserveTable,
} from '#core/subjects/weights';
import type { Payload as PayloadAlong } from '#core/subjects/weights';
import type { Evaluation } from '#core/kernel';
import { bodyPlace, envelope } from '#core/truck';
import { capital, inches, lb } from '#core/units';
import { ChartView } from '../../chart';
import { layOut, Stage } from '../../drawing';
import { DataTable, useUnits } from '../../common';
import { useSession } from '../../session';
import { sectionClasses as classes } from '../../common';
import look from './payload.module.css';

/** Height of the curve over the drawing, px. */
const CURVE_PX = 96;

/**
 * The pounds that fit along the truck, as a band from the least to the most over the drawing; where nothing
 * fits there is none. Its highest point is marked with its figure.
 */
function Curve({
  evaluation,
  width,
  at,
}: {
  evaluation: Evaluation;
  width: number;
  at: (xIn: number) => number;
}) {
  const { say } = useUnits();
  const curve = evaluation.read(payloadCurve);
  const fitting = curve.filter(({ possible }) => possible);
  const best = fitting.reduce<(typeof fitting)[number] | null>(
    (most, next) => (most && most.toLb! >= next.toLb! ? most : next),
    null,
  );
  const words = best
    ? `Payload along the truck: most fits ${inches(best.xIn)} aft of the front axle, ${payloadInShort(best)}`
    : 'Payload along the truck: nothing fits anywhere';
  const up = (pounds: number) => CURVE_PX - 4 - (pounds / Math.max(1, best?.toLb ?? 1)) * (CURVE_PX - 26);
  // One band for each stretch in which something fits.
  const stretches = curve.reduce<(typeof curve)[]>((all, point, i) => {
    if (!point.possible) return all;
    if (i > 0 && curve[i - 1]!.possible) all.at(-1)!.push(point);
    else all.push([point]);
    return all;
  }, []);
  return (
    <svg className={look.curve} width={width} height={CURVE_PX} role="img" aria-label={say(words)}>
      <line x1={0} x2={width} y1={CURVE_PX - 4} y2={CURVE_PX - 4} className={look.zero} />
      {stretches.map((stretch) => (
        <path
          key={stretch[0]!.xIn}
          className={look.band}
          d={`M ${[
            ...stretch.map(({ xIn, toLb }) => `${at(xIn)} ${up(toLb!)}`),
            ...[...stretch].reverse().map(({ xIn, fromLb }) => `${at(xIn)} ${up(fromLb!)}`),
          ].join(' L ')} Z`}
        />
      ))}
      {best && (
        <text x={at(best.xIn)} y={up(best.toLb!) - 6} textAnchor="middle" className={look.most}>
          {say(lb(best.toLb!))}
        </text>
      )}
    </svg>
  );
}

/** How many pounds still fit, in front, in the middle, at the back, and wherever the truck is touched. */
export function Payload() {
  const { evaluation } = useSession();
  const outside = evaluation.read(envelope);
  const { say } = useUnits();
  const { ref, width } = useElementSize();
  const [x, setX] = useState(() => {
    const { frontIn, endIn } = evaluation.read(bodyPlace);
    return Math.round((frontIn + endIn) / 2);
  });
  const picture = width > 0 ? layOut(outside, 'driver', width, 330) : null;
  const placed = picture?.placed.find(({ view }) => view === 'driver');
  const here = evaluation.read(payloadAt)(x);
  const [least, most] = [Math.ceil(outside.frontIn), Math.floor(outside.rearIn)];
  const row = (place: string, left: PayloadAlong) => (
    <li key={place}>
      <span>{place}</span>
      <span>{say(capital(payloadInWords(left)))}</span>
    </li>
  );
  return (
    <>
      <div
        className={look.touch}
        ref={ref}
        onPointerDown={(event) => {
          if (!picture || !placed) return;
          const inside = event.currentTarget.getBoundingClientRect();
          setX(
            Math.round(
              Math.max(
                least,
                Math.min(most, (event.clientX - inside.left) / picture.scale + picture.viewBox.x - placed.u),
              ),
            ),
          );
        }}
      >
        {picture && placed && (
          <Curve
            evaluation={evaluation}
            width={width}
            at={(xIn) => (placed.u + xIn - picture.viewBox.x) * picture.scale}
          />
        )}
        {picture && <Stage evaluation={evaluation} picture={picture} />}
        {picture && placed && (
          <span className={look.here} style={{ left: (placed.u + x - picture.viewBox.x) * picture.scale }}>
            {say(payloadInShort(here))}
          </span>
        )}
      </div>
      <label id="payload-label" className={classes.sub}>
        Touch the truck, or move along it: {say(inches(x))} aft of the front axle
      </label>
      <Slider
        aria-labelledby="payload-label"
        thumbLabel="Place along the truck"
        value={x}
        onChange={setX}
        min={least}
        max={most}
        step={1}
        label={null}
        color="var(--ink)"
        thumbProps={{ 'aria-valuetext': say(`${inches(x)} aft of the front axle`) }}
      />
      <ul className={look.payload} aria-label="Payload left">
        {row('Here', here)}
        {evaluation.read(payloadLeft).map(({ place, ...left }) => row(place, left))}
      </ul>
      <p className={classes.says}>
        In every load state, in the middle between the sides: the axles, the gross, the least front axle load
        and the front axle’s share of the gross are all kept. Weight behind the rear axle relieves the front
        one.
      </p>
      <h2 className={classes.sub}>Where the reserve goes</h2>
      <DataTable table={evaluation.read(reserveTable)} minWidth={640} />
      <h2 className={classes.sub}>What makes up each axle</h2>
      <ChartView chart={evaluation.read(contributionChart)} />
    </>
  );
}
