import { Slider } from '@mantine/core';
import { useMemo, useState } from 'react';
import { compliancePct, fillingAt, fillingReport, loads, tiltEstimateDeg } from '#core/subjects/weights';
import { axles } from '#core/subjects/chassis';
import { bare, feetInches, gal, inches, lb } from '#core/units';
import { ChartView } from '../../chart';
import { useUnits } from '../../common';
import { useSession } from '../../session';
import { sectionClasses as classes } from '../../common';
import look from './filling.module.css';

/** The tank from the side and from behind, to scale, with its surface. */
function TankPicture({
  boxes,
  surfaceIn,
  label,
}: {
  boxes: {
    frontIn: number;
    centerIn: number;
    bottomIn: number;
    lengthIn: number;
    widthIn: number;
    heightIn: number;
  }[];
  surfaceIn: number;
  label: string;
}) {
  const x0 = Math.min(...boxes.map((b) => b.frontIn));
  const length = Math.max(...boxes.map((b) => b.frontIn + b.lengthIn)) - x0;
  const bottom = Math.min(...boxes.map((b) => b.bottomIn));
  const top = Math.max(...boxes.map((b) => b.bottomIn + b.heightIn));
  const widest = Math.max(...boxes.map((b) => b.widthIn));
  const gap = 30;
  const box = (u: number, width: number, z0: number, height: number, key: string) => {
    const wet = Math.max(0, Math.min(height, surfaceIn - z0));
    return (
      <g key={key}>
        <rect x={u} y={top - z0 - wet} width={width} height={wet} className={look.wet} />
        <rect x={u} y={top - z0 - height} width={width} height={height} className={look.wall} />
      </g>
    );
  };
  return (
    <svg
      viewBox={`-6 -8 ${length + gap + widest + 12} ${top - bottom + 26}`}
      className={look.tank}
      role="img"
      aria-label={label}
    >
      {boxes.map((b, i) => box(b.frontIn - x0, b.lengthIn, b.bottomIn, b.heightIn, `side-${i}`))}
      {boxes.map((b, i) =>
        box(
          length + gap + widest / 2 + b.centerIn - b.widthIn / 2,
          b.widthIn,
          b.bottomIn,
          b.heightIn,
          `rear-${i}`,
        ),
      )}
      <text x={length / 2} y={top - bottom + 14} textAnchor="middle">
        from the side
      </text>
      <text x={length + gap + widest / 2} y={top - bottom + 14} textAnchor="middle">
        from behind
      </text>
    </svg>
  );
}

/**
 * Axle loads, center of gravity with the free surface, and tilt against what is in the tank; the worst
 * filling is marked.
 */
export function Filling() {
  const { evaluation } = useSession();
  const { say } = useUnits();
  const report = evaluation.read(fillingReport);
  const [pct, setPct] = useState(50);
  const at = useMemo(
    () => fillingAt(evaluation.read(axles), evaluation.read(loads), pct / 100),
    [evaluation, pct],
  );
  if (!report || !at) return <p>This truck has no tank.</p>;
  const { boxes } = report.filling;
  const { gallons, filled, weights } = at;
  const amount = gal(gallons);
  return (
    <>
      <div className={classes.pair}>
        <ChartView chart={report.loads} />
        <ChartView chart={report.roll} />
      </div>
      <p className={classes.says}>{say(report.words)}</p>
      <h2 className={classes.sub}>The tank at a filling</h2>
      <div className={classes.split}>
        <TankPicture
          boxes={boxes}
          surfaceIn={filled.surfaceIn}
          label={say(`The tank with ${amount}: its surface ${feetInches(filled.surfaceIn)} above the ground`)}
        />
        <div>
          <label id="filling-label" className={classes.sub}>
            Filling
          </label>
          <Slider
            aria-labelledby="filling-label"
            thumbLabel="Filling"
            value={pct}
            onChange={setPct}
            min={0}
            max={100}
            step={1}
            label={null}
            color="var(--ink)"
            thumbProps={{ 'aria-valuetext': say(amount) }}
          />
          <dl className={look.facts}>
            <dt>Water</dt>
            <dd>
              {say(amount)}, {pct} %
            </dd>
            <dt>Surface above the ground</dt>
            <dd>{say(inches(filled.surfaceIn))}</dd>
            <dt>Its center of gravity</dt>
            <dd>{say(`${bare(inches(filled.cg.xIn))} aft, ${inches(filled.cg.zIn)} up`)}</dd>
            <dt>Front and rear axle</dt>
            <dd>{say(`${bare(lb(weights.front.loadLb))} and ${lb(weights.rear.loadLb)}`)}</dd>
            <dt>Tilt angle, estimated</dt>
            <dd>
              {tiltEstimateDeg(weights.staticRollThresholdG, evaluation.read(compliancePct)).toFixed(1)}° (
              {weights.tiltAngleDeg.toFixed(1)}° rigid)
            </dd>
          </dl>
        </div>
      </div>
    </>
  );
}
