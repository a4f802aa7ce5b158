import { Button } from '@mantine/core';
import { geared } from '#core/subjects/operating';
import type { Action, DrillTruck, Panel } from '#core/subjects/operating';
import classes from './operating.module.css';

/** What is worked in the cab and on the ground around the truck. */
export function Cab({
  truck,
  panel,
  act,
}: {
  truck: DrillTruck;
  panel: Panel;
  act: (action: Action) => void;
}) {
  const one = (words: string, action: Action, isOn = false) => (
    <Button
      key={words}
      size="compact-sm"
      variant={isOn ? 'filled' : 'default'}
      aria-pressed={isOn}
      onClick={() => act(action)}
    >
      {words}
    </Button>
  );
  const own = truck.pump.drive === 'auxiliary';
  return (
    <div className={classes.cab}>
      <fieldset>
        <legend>In the cab</legend>
        {one('Parking brake', { kind: 'brake' }, panel.brake)}
        {one('Gear: drive', { kind: 'gear', to: 'drive' }, panel.gear === 'drive')}
        {one('Gear: neutral', { kind: 'gear', to: 'neutral' }, panel.gear === 'neutral')}
        {geared(truck) && one('Gear: pumping', { kind: 'gear', to: 'pump' }, panel.gear === 'pump')}
        {!own && one('Pump engaged', panel.engaged ? { kind: 'leave' } : { kind: 'engage' }, panel.engaged)}
      </fieldset>
      <fieldset>
        <legend>Around the truck</legend>
        {own &&
          one('Pump’s engine runs', panel.engaged ? { kind: 'leave' } : { kind: 'engage' }, panel.engaged)}
        {one('Chocks', { kind: 'chocks' }, panel.chocks)}
        {truck.hydrant && (
          <>
            {one('Hydrant flushed, coupled, open', { kind: 'hydrant' }, panel.hydrant !== 'none')}
            {one('Air bled, intake open', { kind: 'bleed' }, panel.hydrant === 'bled')}
          </>
        )}
      </fieldset>
      {(truck.foam || truck.air) && (
        <fieldset>
          <legend>Foam{truck.air ? ' and air' : ''}</legend>
          {truck.foam && one('Foam', { kind: 'foam' }, panel.foam)}
          {truck.air && one('Air', { kind: 'air' }, panel.air)}
          {truck.foam && one('Flush what flows', { kind: 'flush' })}
        </fieldset>
      )}
    </div>
  );
}
