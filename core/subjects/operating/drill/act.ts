import { gal, gpm, psi, within } from '../../../units/index.js';
import { mistakesOf } from './mistakes.js';
import type { Mistake } from './mistakes.js';
import { geared, MOST_SET_PSI, reads, tankToPump, turns } from './panel.js';
import type { Panel } from './panel.js';
import type { DrillTruck } from './truck.js';

/** What a person can do at the truck. */
export type Action =
  | { kind: 'brake' }
  | { kind: 'gear'; to: Panel['gear'] }
  | { kind: 'engage' }
  | { kind: 'leave' }
  | { kind: 'chocks' }
  | { kind: 'valve'; id: string }
  | { kind: 'throttle'; psi: number }
  | { kind: 'prime' }
  | { kind: 'hydrant' }
  | { kind: 'bleed' }
  | { kind: 'foam' }
  | { kind: 'air' }
  | { kind: 'flush' };

/** What came of an action: how the panel stands, what the truck answers, and what was wrong. */
export interface Answer {
  panel: Panel;
  did: string;
  says: string;
  mistakes: Mistake[];
}

/** Each thing that is done takes so long: meanwhile what is open flows; min. */
const EACH_MIN = 0.2;
/** Flushing takes longer. */
const FLUSH_MIN = 1;

const toggled = (all: readonly string[], id: string): string[] =>
  all.includes(id) ? all.filter((one) => one !== id) : [...all, id];

/** The panel after an action, before anything has flowed. */
function moved(truck: DrillTruck, panel: Panel, action: Action): Panel {
  switch (action.kind) {
    case 'brake':
      return { ...panel, brake: !panel.brake };
    case 'gear':
      return { ...panel, gear: action.to };
    case 'engage':
      return { ...panel, engaged: true };
    case 'leave':
      return { ...panel, engaged: false, primed: false };
    case 'chocks':
      return { ...panel, chocks: !panel.chocks };
    case 'valve':
      return { ...panel, open: toggled(panel.open, action.id) };
    case 'throttle':
      return { ...panel, setPsi: Math.min(MOST_SET_PSI, Math.max(0, action.psi)) };
    case 'prime':
      return { ...panel, primed: panel.primed || tankToPump(truck, panel) };
    case 'hydrant':
      return { ...panel, hydrant: panel.hydrant === 'none' ? 'open' : panel.hydrant };
    case 'bleed':
      return { ...panel, hydrant: panel.hydrant === 'open' ? 'bled' : panel.hydrant };
    case 'foam':
      return { ...panel, foam: !panel.foam };
    case 'air':
      return { ...panel, air: !panel.air };
    case 'flush':
      return panel.foam
        ? panel
        : {
            ...panel,
            foamed: panel.foamed.filter(
              (id) => !reads(truck, panel).lines.some((line) => line.outletId === id),
            ),
          };
  }
}

/** The panel a while later: the tank falls by what flowed, or is filled, and foam has been where it flowed. */
function later(truck: DrillTruck, panel: Panel, minutes: number): Panel {
  const { flowGpm, lines } = reads(truck, panel);
  const fills = truck.connections.some(({ kind, id }) => kind === 'tankFill' && panel.open.includes(id));
  const fromTank = panel.hydrant !== 'bled';
  const tankGal = fromTank
    ? Math.max(0, panel.tankGal - flowGpm * minutes)
    : fills
      ? Math.min(truck.tankGal, panel.tankGal + FILL_GPM * minutes)
      : panel.tankGal;
  const carrying = (what: 'foam' | 'air') =>
    lines
      .map(({ outletId }) => outletId)
      .filter((id) => truck.lines.some(({ outlet }) => outlet!.id === id && outlet![what] !== undefined));
  const foaming = panel.foam ? carrying('foam') : [];
  return {
    ...panel,
    tankGal,
    foamed: [...new Set([...panel.foamed, ...foaming])],
    hadFoam: panel.hadFoam || foaming.length > 0,
    hadAir: panel.hadAir || (panel.air && panel.foam && carrying('air').length > 0),
  };
}
/** The tank is filled from the pump at so much, gpm. */
const FILL_GPM = 150;

const labelOf = (truck: DrillTruck, id: string): string =>
  truck.connections.find((one) => one.id === id)?.label ?? id;

/** What was done, in words. */
function inWords(truck: DrillTruck, { brake, chocks, open, foam, air }: Panel, action: Action): string {
  switch (action.kind) {
    case 'brake':
      return brake ? 'Parking brake set' : 'Parking brake released';
    case 'gear':
      return {
        drive: 'Transmission to drive',
        neutral: 'Transmission to neutral',
        pump: 'Transmission to its pumping gear',
      }[action.to];
    case 'engage':
      return 'Pump engaged';
    case 'leave':
      return 'Pump out, to road';
    case 'chocks':
      return chocks ? 'Wheels chocked' : 'Chocks in';
    case 'valve':
      return `${labelOf(truck, action.id)} ${open.includes(action.id) ? 'opened' : 'shut'}`;
    case 'throttle':
      return action.psi === 0 ? 'To idle' : `Set to ${psi(action.psi)}`;
    case 'prime':
      return 'Primed';
    case 'hydrant':
      return 'Hydrant flushed, coupled and opened';
    case 'bleed':
      return 'Air bled, intake opened';
    case 'foam':
      return foam ? 'Foam on' : 'Foam off';
    case 'air':
      return air ? 'Air on' : 'Air off';
    case 'flush':
      return 'Flushed with clear water';
  }
}

/** What the truck answers, from its gauges. */
function answered(truck: DrillTruck, panel: Panel): string {
  const now = reads(truck, panel);
  if (!turns(truck, panel))
    return panel.engaged && geared(truck)
      ? 'The pump is shifted; it turns in its pumping gear.'
      : 'The pump stands.';
  if (!now.hasWater) return 'The pump turns, and no pressure rises: there is no water in it.';
  const lines = now.lines.map(({ lineId, psi: at, gpm: flow }) => {
    const line = truck.lines.find(({ id }) => id === lineId)!;
    return `${within(line.name)} ${gpm(Math.round(flow))} at ${psi(at)}`;
  });
  return `${psi(now.dischargePsi)} at the pump${lines.length ? `: ${lines.join(', ')}` : ', nothing flows'}. ${gal(Math.round(panel.tankGal))} in the tank.`;
}

/** What the truck makes of an action: by the same hydraulics as its lines, not by a text for each case. */
export function act(truck: DrillTruck, panel: Panel, action: Action): Answer {
  const next = later(truck, moved(truck, panel, action), action.kind === 'flush' ? FLUSH_MIN : EACH_MIN);
  return {
    panel: next,
    did: inWords(truck, next, action),
    says: answered(truck, next),
    mistakes: mistakesOf(truck, panel, action, next),
  };
}
