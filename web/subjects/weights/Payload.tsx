import { Slider } from '@mantine/core';
import { useElementSize } from '@mantine/hooks';
import { useState } from 'react';
import { axles } from '#core/subjects/chassis';
import {
  contributionChart,
  inService,
  payloadLeft,
  payloadLeftAt,
  reserveTable,
} from '#core/subjects/weights';
import { bodyPlace, envelope } from '#core/truck';
import { lb, inches } from '#core/units';
import { ChartView } from '../../chart';
import { layOut, Stage } from '../../drawing';
import { DataTable, useUnits } from '../../common';
import { useSession } from '../../session';
import { sectionClasses as classes } from '../../common';
import look from './payload.module.css';

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
  const here = payloadLeftAt(evaluation.read(axles), evaluation.read(inService).weights, 'Here', x);
  const [least, most] = [Math.ceil(outside.frontIn), Math.floor(outside.rearIn)];
  const row = (place: string, leftLb: number, fullFirst: string) => (
    <li key={place}>
      <span>{place}</span>
      <b className="figures">{say(lb(leftLb))}</b>
      <span className="quiet">until the {fullFirst} is full</span>
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
        {picture && <Stage evaluation={evaluation} picture={picture} />}
        {picture && placed && (
          <span className={look.here} style={{ left: (placed.u + x - picture.viewBox.x) * picture.scale }}>
            {say(lb(here.leftLb))}
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
        {row('Here', here.leftLb, here.fullFirst)}
        {evaluation.read(payloadLeft).map(({ place, leftLb, fullFirst }) => row(place, leftLb, fullFirst))}
      </ul>
      <p className={classes.says}>
        In service, in the middle between the sides. Where an axle or the gross is over its rating already,
        nothing more fits anywhere.
      </p>
      <h2 className={classes.sub}>Where the reserve goes</h2>
      <DataTable table={evaluation.read(reserveTable)} minWidth={640} />
      <h2 className={classes.sub}>What makes up each axle</h2>
      <ChartView chart={evaluation.read(contributionChart)} />
    </>
  );
}
