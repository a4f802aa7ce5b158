import { psi } from '../../../units/index.js';
import { geared, recirculates, reads, tankToPump, turns } from './panel.js';
import type { Panel } from './panel.js';
import type { Action } from './act.js';
import type { DrillTruck } from './truck.js';

/** Something that harms, or that costs the crew its water. */
export interface Mistake {
  id: string;
  words: string;
}

const told = (id: string, words: string): Mistake => ({ id, words });

/** Above this a pump that turns without flow boils its water; below this an intake falls flat; psi. */
const WORKING_PSI = 60;
const LEAST_INTAKE_PSI = 20;

/** What is wrong with an action as the panel stood before it, and as it stands after. */
export function mistakesOf(truck: DrillTruck, before: Panel, action: Action, after: Panel): Mistake[] {
  const now = reads(truck, after);
  const was = reads(truck, before);
  const found: Mistake[] = [];
  const tell = (wrong: boolean, id: string, words: string) => wrong && found.push(told(id, words));
  switch (action.kind) {
    case 'engage':
      tell(
        !before.brake,
        'brake',
        'The pump was shifted without the parking brake: the truck can creep over its crew.',
      );
      tell(
        before.gear === 'drive',
        'grind',
        'The pump was shifted in gear: what turns grinds the gear case.',
      );
      break;
    case 'gear':
      tell(
        action.to === 'drive' && after.engaged,
        'overrun',
        'In gear to drive with the pump engaged: gears break, the truck lurches.',
      );
      break;
    case 'leave':
      tell(
        before.gear !== 'neutral' && geared(truck),
        'grind',
        'The pump was shifted to road before neutral: what turns grinds the gear case.',
      );
      tell(before.setPsi > 0, 'pressure', 'The pump was left with the engine above idle.');
      tell(was.lines.length > 0, 'charged', 'The pump was left with a line charged.');
      tell(before.foamed.length > 0, 'flush', 'Foam stays in its outlets: it dries and sticks the valves.');
      break;
    case 'brake':
      tell(!after.brake && after.engaged, 'brake', 'The parking brake was released with the pump engaged.');
      tell(
        !after.brake && after.chocks,
        'chocks',
        'The brake was released with the chocks still under the wheels.',
      );
      break;
    case 'throttle':
      tell(
        after.setPsi > 0 && !turns(truck, after),
        'creep',
        'The throttle was raised before the pump was engaged: the truck moves.',
      );
      tell(
        after.setPsi > 0 && !after.chocks,
        'chocks',
        'The throttle was raised without chocks under the wheels.',
      );
      tell(
        after.setPsi > 0 && turns(truck, after) && !now.hasWater,
        'dry',
        'The pump was run up dry: its seals burn.',
      );
      break;
    case 'valve':
      tell(
        after.open.includes(action.id) &&
          truck.lines.some(({ outlet }) => outlet!.id === action.id) &&
          !now.hasWater,
        'early',
        'A line was opened with no water in the pump: its crew gets air.',
      );
      tell(
        was.lines.length > 0 && !now.hasWater,
        'lost',
        'The water was taken from a line that runs: its crew stands before the fire with an empty hose.',
      );
      break;
    case 'foam':
      tell(
        after.foam && now.flowGpm === 0,
        'foamDry',
        'Foam was turned on without a flow: concentrate runs into a dry line.',
      );
      tell(
        !after.foam && after.air,
        'airLast',
        'Foam was shut off before the air: slugs of air throw the nozzle.',
      );
      break;
    case 'air':
      tell(
        after.air && !after.foam,
        'airFirst',
        'Air before foam: slugs throw the nozzle from the hands that hold it.',
      );
      break;
    case 'bleed':
      tell(before.hydrant === 'none', 'noHydrant', 'The intake was opened before the hydrant gave water.');
      break;
    default:
      break;
  }
  if (
    turns(truck, after) &&
    now.hasWater &&
    now.flowGpm === 0 &&
    after.setPsi > WORKING_PSI &&
    !recirculates(truck, after)
  )
    found.push(
      told(
        'boils',
        `The pump turns at ${psi(after.setPsi)} without a flow: it boils its water within minutes. Crack the recirculation open.`,
      ),
    );
  if (
    after.hydrant === 'bled' &&
    now.flowGpm > 0 &&
    (now.stop === 'intake' || now.intakePsi < LEAST_INTAKE_PSI - 0.5)
  )
    found.push(told('intake', `The intake fell to ${psi(LEAST_INTAKE_PSI)}: the main gives no more.`));
  if (after.tankGal === 0 && before.tankGal > 0 && tankToPump(truck, after))
    found.push(told('empty', 'The tank ran empty.'));
  return found;
}
