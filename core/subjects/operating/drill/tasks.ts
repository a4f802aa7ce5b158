import { psi, within } from '../../../units/index.js';
import type { TruckLine } from '../../lines/index.js';
import { act } from './act.js';
import type { Action } from './act.js';
import { arrived, geared, reads } from './panel.js';
import type { Panel } from './panel.js';
import type { DrillTruck } from './truck.js';

/** What a person is asked to do with this truck. */
export interface Task {
  id: string;
  title: string;
  words: string;
  /** The procedures of the card that it follows. */
  procedures: string[];
  start: Panel;
  done: (panel: Panel) => boolean;
}

/** A gauge is read to so much, psi. */
const READ_PSI = 8;

/** The truck with a line at work from its tank, done as the card says. */
function working(truck: DrillTruck, line: TruckLine): Panel {
  const way = (kind: string) => truck.connections.find((one) => one.kind === kind)?.id;
  const actions: Action[] = [
    { kind: 'brake' },
    { kind: 'gear', to: 'neutral' },
    { kind: 'engage' },
    ...(geared(truck) ? [{ kind: 'gear', to: 'pump' } as const] : []),
    { kind: 'chocks' },
    ...(way('tankToPump') ? [{ kind: 'valve', id: way('tankToPump')! } as const] : []),
    { kind: 'prime' },
    { kind: 'valve', id: line.outlet!.id },
    { kind: 'throttle', psi: Math.round(line.asked.pumpPressurePsi) },
  ];
  return actions.reduce((panel, action) => act(truck, panel, action).panel, arrived(truck));
}

/** The tasks of this truck. */
export function tasksOf(truck: DrillTruck): Task[] {
  const [line] = truck.lines as [TruckLine];
  const foamLine = truck.lines.find(({ outlet }) => outlet!.foam !== undefined);
  const at = (panel: Panel, of: TruckLine): boolean => {
    const gauge = reads(truck, panel).lines.find(({ lineId }) => lineId === of.id);
    return gauge !== undefined && Math.abs(gauge.psi - of.asked.pumpPressurePsi) <= READ_PSI;
  };
  const wanted = (of: TruckLine) => `${within(of.name)} at ${psi(of.asked.pumpPressurePsi)}`;
  return [
    {
      id: 'tank',
      title: 'First line from the tank',
      words: `You have just stopped at a fire. Bring ${wanted(line)} on its own gauge, from the tank.`,
      procedures: ['engage', 'tank'],
      start: arrived(truck),
      done: (panel) => panel.chocks && panel.hydrant === 'none' && at(panel, line),
    },
    ...(truck.hydrant
      ? [
          {
            id: 'hydrant',
            title: 'Onto the hydrant',
            words: `The tank feeds ${within(line.name)}. Bring the supply of ${truck.hydrant.name} in without losing the line, and fill the tank.`,
            procedures: ['hydrant', 'tank'],
            start: working(truck, line),
            done: (panel: Panel) =>
              panel.hydrant === 'bled' &&
              at(panel, line) &&
              truck.connections.some(({ kind, id }) => kind === 'tankFill' && panel.open.includes(id)),
          },
        ]
      : []),
    ...(truck.foam && foamLine
      ? [
          {
            id: 'foam',
            title: 'Foam, and away again',
            words: `Bring foam into ${wanted(foamLine)}${truck.air ? ', then air' : ''}. Then take it away again and flush, with the line still at its pressure.`,
            procedures: ['foam', ...(truck.air ? ['air'] : []), 'flush'],
            start: working(truck, foamLine),
            done: (panel: Panel) =>
              panel.hadFoam &&
              (panel.hadAir || !truck.air) &&
              !panel.foam &&
              !panel.air &&
              panel.foamed.length === 0 &&
              at(panel, foamLine),
          },
        ]
      : []),
    {
      id: 'leave',
      title: 'Leave the pump',
      words: `The fire is out. Make the truck ready for the road: ${within(line.name)} still runs.`,
      procedures: ['leave'],
      start: working(truck, line),
      done: (panel) => !panel.engaged && !panel.chocks && panel.open.length === 0 && panel.setPsi === 0,
    },
  ];
}
