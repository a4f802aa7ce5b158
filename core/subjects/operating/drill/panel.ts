import { lineAtPump, together } from '../../lines/index.js';
import type { Together } from '../../lines/index.js';
import type { DrillTruck } from './truck.js';

/** How everything stands that the operator works. Psi, gallons. */
export interface Panel {
  brake: boolean;
  /** Of the transmission; of a pump with its own engine whether that runs. */
  gear: 'drive' | 'neutral' | 'pump';
  /** Whether the drive is given to the pump. */
  engaged: boolean;
  chocks: boolean;
  /** Connections that are open, by their ids. */
  open: readonly string[];
  /** What the governor or the throttle is set to; 0 is idle. */
  setPsi: number;
  primed: boolean;
  /** The hydrant is flushed, coupled and open; and the air at the intake is bled. */
  hydrant: 'none' | 'open' | 'bled';
  foam: boolean;
  air: boolean;
  /** Foam ran through these, and has not been flushed out of them. */
  foamed: readonly string[];
  /** Foam, and air, have come out of a line. */
  hadFoam: boolean;
  hadAir: boolean;
  tankGal: number;
}

/** A truck that has just stopped at a fire. */
export const arrived = ({ tankGal }: DrillTruck): Panel => ({
  brake: false,
  gear: 'drive',
  engaged: false,
  chocks: false,
  open: [],
  setPsi: 0,
  primed: false,
  hydrant: 'none',
  foam: false,
  air: false,
  foamed: [],
  hadFoam: false,
  hadAir: false,
  tankGal,
});

/** An engine of the pump's own, or a motor, has no gear to be put in. */
export const geared = ({ pump: { drive } }: DrillTruck): boolean => drive === 'midship';

/** Whether the pump turns with the engine: only then a pressure rises. */
export const turns = (truck: DrillTruck, { engaged, gear }: Panel): boolean =>
  engaged && (!geared(truck) || gear === 'pump');

const isOpen = (truck: DrillTruck, { open }: Panel, kind: string): boolean =>
  truck.connections.some((one) => one.kind === kind && open.includes(one.id));
export const tankToPump = (truck: DrillTruck, panel: Panel): boolean => isOpen(truck, panel, 'tankToPump');
export const recirculates = (truck: DrillTruck, panel: Panel): boolean =>
  isOpen(truck, panel, 'recirculation') || isOpen(truck, panel, 'tankFill');

/** What the gauges show. Psi, gpm. */
export interface Reads {
  hasWater: boolean;
  intakePsi: number;
  dischargePsi: number;
  flowGpm: number;
  /** Each line that is open: at its own gauge and meter. */
  lines: { lineId: string; outletId: string; psi: number; gpm: number }[];
  stop: Together['stop'];
}

/** No governor is set higher, psi. */
export const MOST_SET_PSI = 400;
/** At idle a pump that turns gives so much, psi. */
const IDLE_PSI = 35;

/**
 * What this truck does as its panel stands, by the hydraulics of its lines: each that is open runs at the pressure that is
 * set, as far as curve, power and supply go.
 */
export function reads(truck: DrillTruck, panel: Panel): Reads {
  const fromHydrant = panel.hydrant === 'bled' && truck.hydrant !== null;
  const fromTank = tankToPump(truck, panel) && panel.tankGal > 0;
  const hasWater = fromHydrant || (fromTank && panel.primed);
  const supply = fromHydrant ? truck.hydrant! : truck.tank;
  const still = fromHydrant ? supply.intakePsi(0) : 0;
  const setPsi = turns(truck, panel)
    ? Math.max(panel.setPsi, IDLE_PSI) + (panel.setPsi === 0 ? still : 0)
    : still;
  const open = hasWater ? truck.lines.filter(({ outlet }) => panel.open.includes(outlet!.id)) : [];
  if (!hasWater) return { hasWater, intakePsi: 0, dischargePsi: 0, flowGpm: 0, lines: [], stop: null };
  const of = together(
    open.map((line) => ({ ...line, asked: lineAtPump(line, setPsi) })),
    truck.feeding,
    supply,
  );
  return {
    hasWater,
    intakePsi: open.length ? of.intakePsi : still,
    dischargePsi: open.length ? of.dischargePsi : setPsi,
    flowGpm: of.flowGpm,
    lines: of.lines.map(({ id, given }) => ({
      lineId: id,
      outletId: open.find((line) => line.id === id)!.outlet!.id,
      psi: given.pumpPressurePsi,
      gpm: given.flowGpm,
    })),
    stop: of.stop,
  };
}
