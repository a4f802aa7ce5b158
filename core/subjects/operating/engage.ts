import type { Pump } from '../pump/index.js';
import { step } from './step.js';
import type { Procedure, Step } from './step.js';

const STOP = step('brake', 'Stop; set the parking brake', 'a truck that creeps runs over its crew');
const CHOCKS = step('chocks', 'Chock the wheels', 'brakes lose air while the engine works');
const GOVERNOR = step(
  'governor',
  'At the panel: governor to pressure, wait for its ready light',
  'it holds the pressure when a nozzle shuts',
);
const THROTTLE = step(
  'throttle',
  'At the panel: raise the throttle slowly',
  'nothing but your hand holds the pressure',
);
const IDLE = step('idle', 'Pressure down to idle', 'a gear case that is shifted under load breaks');
const SHUT = step('shut', 'Shut every discharge, slowly', 'a fast valve hammers hose and pump');
const UNCHOCK = step(
  'unchock',
  'Drains open and shut again, chocks in',
  'water that stays freezes; chocks that stay are run over',
);

const ENGAGE: Record<Pump['drive'], Step[]> = {
  midship: [
    STOP,
    step(
      'neutral',
      'Transmission to neutral; wait until nothing turns',
      'shifting while it turns grinds the gear case',
    ),
    step(
      'shift',
      'Pump shift to pump; wait for the light that it is done',
      'half shifted it jumps out under load',
    ),
    step(
      'gear',
      'Transmission to its pumping gear; the speedometer must rise',
      'if it does not, or the truck creeps, go back to neutral at once',
    ),
    step('ready', 'Wait for the light that it is ok to pump', 'until then the throttle moves the truck'),
    CHOCKS,
    GOVERNOR,
  ],
  pto: [
    STOP,
    step('neutral', 'Transmission to neutral, engine at idle', 'the take-off is engaged at idle only'),
    step(
      'shift',
      'Engage the power take-off; wait for its light',
      'without the light its gears are not home',
    ),
    CHOCKS,
    GOVERNOR,
  ],
  auxiliary: [
    STOP,
    CHOCKS,
    step('fuel', 'Fuel valve open; choke or preheat', 'a cold engine does not start without'),
    step(
      'start',
      'Start the pump’s engine; warm it until its oil-pressure light is out',
      'oil comes before load',
    ),
    THROTTLE,
  ],
  electric: [
    STOP,
    step('neutral', 'Drive mode to pump', 'motor and wheels are parted by it'),
    step(
      'ready',
      'Wait for the light that it is ok to pump; read the minutes of energy left',
      'the battery is the tank of this pump',
    ),
    CHOCKS,
    GOVERNOR,
  ],
};

const LEAVE: Record<Pump['drive'], Step[]> = {
  midship: [
    IDLE,
    SHUT,
    step(
      'neutral',
      'Engine at idle, transmission to neutral; wait until nothing turns',
      'the same gears, the other way',
    ),
    step('road', 'Pump shift to road; wait for the light', 'half shifted the truck stands in the street'),
    UNCHOCK,
  ],
  pto: [
    IDLE,
    SHUT,
    step(
      'road',
      'Power take-off out at idle; its light goes out',
      'driven with it in, pump and gears are overrun',
    ),
    UNCHOCK,
  ],
  auxiliary: [
    IDLE,
    SHUT,
    step('road', 'Let the engine cool at idle, stop it, fuel valve shut', 'stopped hot it is damaged'),
    UNCHOCK,
  ],
  electric: [
    IDLE,
    SHUT,
    step('road', 'Drive mode to road', 'the pump must be off before it drives'),
    UNCHOCK,
  ],
};

/** To engage the pump and to leave it again, by its drive. */
export const engaging = ({ drive }: Pick<Pump, 'drive'>): Procedure[] => [
  { id: 'engage', title: 'To pump', steps: ENGAGE[drive] },
  { id: 'leave', title: 'To leave', steps: LEAVE[drive] },
];

/** To pump while the truck rolls. */
export const ROLLING: Procedure = {
  id: 'roll',
  title: 'Pump and roll',
  steps: [
    step('mode', 'Pump engaged in its mode for rolling; lowest gear', 'another gear overruns the pump'),
    step(
      'crew',
      'Crew in sight, never between truck and fire or ahead of it',
      'the driver sees smoke, not them',
    ),
    step(
      'pace',
      'A walking pace; the flow falls with the engine',
      'the pump turns no faster than the truck lets it',
    ),
  ],
};
