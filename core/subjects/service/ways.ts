import { fromBuild, reading } from '../../kernel/index.js';
import { alongFrame, beds, bodyPlace, cabPlace, pumpHouse, turntable } from '../../truck/index.js';
import { bare, inches, listed } from '../../units/index.js';
import { chosenChassis } from '../chassis/index.js';
import { connections, panelSheets, worked } from '../plumbing/index.js';
import type { PanelSheet } from '../plumbing/index.js';
import { chosenPump, skid } from '../pump/index.js';
import type { Pump } from '../pump/index.js';

/** A large part that has to come out of the truck some day: its size, in. */
export interface LargePart {
  id: 'pump' | 'gearCase' | 'valves';
  name: string;
  lengthIn: number;
  widthIn: number;
  heightIn: number;
}

/** A way by which it may come out: how large the opening is, and what must be taken off before. */
export interface WayOut {
  id: 'officer' | 'driver' | 'top' | 'cab' | 'skid';
  name: string;
  /** What of the part must pass, and the opening that it passes; in. */
  needs: { wide: number; high: number };
  opening: { wide: number; high: number };
  inTheWay: string[];
  passes: boolean;
}

export interface Served {
  part: LargePart;
  ways: WayOut[];
}

/** A pump with its volute and its gear case, and the largest of its valves, by rating (formulas: service); in. */
const PUMP_IN = [
  { toGpm: 350, lengthIn: 14, widthIn: 14, heightIn: 16 },
  { toGpm: 750, lengthIn: 20, widthIn: 18, heightIn: 20 },
  { toGpm: 1_250, lengthIn: 26, widthIn: 22, heightIn: 24 },
  { toGpm: Infinity, lengthIn: 30, widthIn: 24, heightIn: 26 },
] as const;
const GEAR_CASE_IN = { lengthIn: 16, widthIn: 18, heightIn: 22 };
const VALVE_IN = { perIn: 2.4, baseIn: 6 };
/** Hands and a sling need so much around a part, in. */
const AROUND_IN = 2;
/** A panel's frame stays when the panel comes off, in. */
const FRAME_IN = 2;
/** Between the frame rails, in. */
const RAILS_IN = 34;

function partsOf(pump: Pump, largestValveIn: number): LargePart[] {
  const { lengthIn, widthIn, heightIn } = PUMP_IN.find(({ toGpm }) => pump.ratedGpm <= toGpm)!;
  const valve = VALVE_IN.baseIn + VALVE_IN.perIn * largestValveIn;
  return [
    { id: 'pump', name: 'Pump', lengthIn, widthIn, heightIn },
    ...(pump.drive === 'midship' || pump.drive === 'pto'
      ? [{ id: 'gearCase' as const, name: 'Gear case', ...GEAR_CASE_IN }]
      : []),
    ...(largestValveIn > 0
      ? [{ id: 'valves' as const, name: 'Largest valve', lengthIn: valve, widthIn: valve, heightIn: valve }]
      : []),
  ];
}

const wayOf = (
  id: WayOut['id'],
  name: string,
  needs: WayOut['needs'],
  opening: WayOut['opening'],
  inTheWay: string[],
  closed = false,
): WayOut => ({
  id,
  name,
  needs,
  opening,
  inTheWay,
  passes: !closed && opening.wide >= needs.wide && opening.high >= needs.high,
});

/** What of a panel has pipes behind it, and must be uncoupled before the panel comes off. */
const pipedIn = (sheet: PanelSheet | undefined): string[] =>
  sheet
    ? [
        ...sheet.objects.filter(({ what }) => what === 'opening').map(({ label }) => label),
        ...(sheet.operator ? ['the controls and gauges'] : []),
      ]
    : [];

/** Each large part with the ways by which it comes out. */
export const served = reading(
  'service',
  [
    chosenPump,
    connections,
    pumpHouse,
    skid,
    panelSheets,
    beds,
    cabPlace,
    chosenChassis,
    turntable,
    alongFrame,
    bodyPlace,
    fromBuild(({ fittings }) => fittings),
  ],
  (pump, all, house, onBed, sheets, bedPlaces, cab, { chassis }, device, along, body): Served[] => {
    if (!pump) return [];
    const largestValve = Math.max(0, ...all.filter((one) => worked(one)).map(({ sizeIn }) => sizeIn));
    const parts = partsOf(pump, largestValve);
    const box =
      house ?? (onBed && { x0: onBed.x0, x1: onBed.x1, z0: body.deckIn, z1: body.deckIn + onBed.heightIn });
    if (!box) return [];
    const long = box.x1 - box.x0;
    const over = bedPlaces.filter(({ kind, x0, x1 }) => kind === 'crosslay' && x0 < box.x1 && x1 > box.x0);
    const at = (face: 'left' | 'right') => sheets.find((sheet) => sheet.face.face === face);
    return parts.map((part): Served => {
      const round = (one: number) => one + AROUND_IN;
      const sideways = { wide: round(part.lengthIn), high: round(part.heightIn) };
      const up = { wide: round(part.lengthIn), high: round(part.widthIn) };
      const forward = { wide: round(part.widthIn), high: round(part.heightIn) };
      if (!house)
        return {
          part,
          ways: [
            wayOf('skid', 'Lifted off with its skid', up, { wide: long + AROUND_IN, high: RAILS_IN }, [
              'its pipes',
            ]),
          ],
        };
      const panel = (face: 'left' | 'right') => ({
        wide: long - 2 * FRAME_IN,
        high: (at(face)?.face.highIn ?? house.z1 - house.z0) - FRAME_IN,
      });
      const behindCab =
        house.at === 'row' && !along['walkway'] && Math.abs(box.x0 - cab.backIn) <= NEXT_TO_CAB_IN;
      const tilts = chassis.cab.style === 'flatFront';
      const lies = device?.facing === 'forward';
      return {
        part,
        ways: [
          wayOf('officer', 'Officer’s side, its panel off', sideways, panel('right'), pipedIn(at('right'))),
          wayOf('driver', 'Driver’s side, its panel off', sideways, panel('left'), pipedIn(at('left'))),
          wayOf(
            'top',
            'Upward, the floor of the crosslays out',
            up,
            { wide: long - 2 * FRAME_IN, high: RAILS_IN },
            over.map(({ name }) => name),
          ),
          ...(behindCab && tilts
            ? [
                wayOf(
                  'cab',
                  'Forward, the cab tilted',
                  forward,
                  { wide: RAILS_IN, high: house.z1 - house.z0 },
                  lies ? ['the device, raised before the cab tilts'] : [],
                ),
              ]
            : []),
        ],
      };
    });
  },
);

/** A pump house that stands no farther behind the cab is seen when the cab is tilted, in. */
const NEXT_TO_CAB_IN = 8;

/** What is in the way, in words. */
export const clears = ({ inTheWay }: WayOut): string =>
  inTheWay.length === 0 ? 'nothing in the way' : `first off: ${listed(inTheWay)}`;

/** An opening in words. */
export const openingInWords = ({ wide, high }: { wide: number; high: number }): string =>
  `${bare(inches(wide))} × ${inches(high)}`;
