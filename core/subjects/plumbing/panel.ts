import { fromBuild, reading } from '../../kernel/index.js';
import { hoseSize } from '../../units/index.js';
import { chosenPump, panelAt } from '../pump/index.js';
import type { PanelPlace } from '../pump/index.js';
import { faceOf, faces } from './faces.js';
import type { FaceAt } from './faces.js';
import { COLOR_NAMES, VALVE_NAMES } from './fields.js';
import type { Color, Connection, Level } from './fields.js';
import { onPanel } from './shelves.js';
import type { Piece, Placed } from './shelves.js';
import { connections } from './usual.js';

/** What stands on a panel: an opening with its cap, a valve's control with its gauge, or an instrument. */
export interface PanelObject extends Placed {
  what: 'opening' | 'control' | 'instrument';
  label: string;
  /** What it is in words, for who can't see it. */
  words: string;
  connection?: Connection;
  color?: Color;
}

/** A face with all that stands on it. */
export interface PanelSheet {
  face: FaceAt;
  objects: PanelObject[];
  /** How large its gauges and handles are made, of their usual size. */
  share: number;
  /** By how much it is too small for what stands on it, in; 0 where it is large enough. */
  overIn: number;
  /** Whether the operator stands before it. */
  operator: boolean;
}

/** How wide a cap of a size is, and the room that its label takes under it; in. */
export const capIn = (sizeIn: number): number => sizeIn * 1.5 + 3;
export const LABEL_IN = 2;
/** A valve's handle with its gauge over it and its label under it, and without a gauge; in. */
const CONTROL_IN = { wide: 5.5, withGauge: 10, without: 5.5 };
/** Rows from the foot: openings, controls, instruments. */
const BAND = { opening: 0, control: 1, instrument: 2 } as const;

/** What the operator reads and works beside the valves. */
interface Instrument {
  id: string;
  label: string;
  words: string;
  wide: number;
  high: number;
  level?: Level;
}
const OF_PANEL: readonly Instrument[] = [
  { id: 'master-intake', label: 'Intake', words: 'Master intake gauge', wide: 7, high: 9 },
  { id: 'master-discharge', label: 'Discharge', words: 'Master discharge gauge', wide: 7, high: 9 },
  { id: 'governor', label: 'Governor', words: 'Pressure governor with engine gauges', wide: 9, high: 9 },
  { id: 'primer', label: 'Primer', words: 'Control of the primer', wide: 4, high: 6 },
  { id: 'level', label: 'Tank', words: 'Level of the water tank', wide: 4, high: 9, level: 'panel' },
];

/** A skid has one gauge for the pump, and a throttle. */
const OF_SKID: readonly Instrument[] = [
  { id: 'master-discharge', label: 'Pump', words: 'Pump pressure gauge', wide: 4.5, high: 6 },
  { id: 'throttle', label: 'Throttle', words: 'Throttle and switches of the engine', wide: 5, high: 6 },
  { id: 'primer', label: 'Primer', words: 'Control of the primer', wide: 4, high: 6 },
  { id: 'level', label: 'Tank', words: 'Level of the water tank', wide: 3, high: 6, level: 'panel' },
];

/** Whether something else than a hand turns its valve. */
export const isPowered = ({ valve }: Connection): boolean => valve === 'electric' || valve === 'air';

/** Whether a connection is worked from the operator's panel: a discharge, a way to the tank, a powered valve. */
const AT_PANEL: readonly Connection['kind'][] = ['discharge', 'tankToPump', 'tankFill', 'recirculation'];
export const worked = (of: Connection): boolean =>
  of.valve !== 'none' && (AT_PANEL.includes(of.kind) || isPowered(of));

const opening = (of: Connection): Piece => ({
  id: of.id,
  wide: Math.max(5, capIn(of.sizeIn)),
  high: capIn(of.sizeIn) + LABEL_IN,
  band: BAND.opening,
  ...(of.alongIn === undefined || of.upIn === undefined ? {} : { pinned: { u: of.alongIn, v: of.upIn } }),
});

/** The id under which a connection's control stands on the panel. */
export const controlId = (id: string): string => `${id}.control`;

const control = ({ id, gauge }: Connection, share: number): Piece => ({
  id: controlId(id),
  wide: CONTROL_IN.wide * share,
  high: (gauge === 'none' ? CONTROL_IN.without : CONTROL_IN.withGauge) * share,
  band: BAND.control,
});

/** Where a panel is small its gauges and handles are made smaller, down to a little more than half. */
const SHARES = [1, 0.85, 0.7, 0.6] as const;

const openingWords = ({ kind, label, sizeIn, color }: Connection): string =>
  `${label}: ${kind === 'intake' ? 'intake' : 'discharge'} of ${hoseSize(sizeIn)}${color ? `, ${COLOR_NAMES[color].toLowerCase()}` : ''}`;
const controlWords = ({ label, valve, gauge, color }: Connection): string =>
  [
    `${label}: ${VALVE_NAMES[valve].toLowerCase()} valve`,
    ...(gauge === 'none' ? [] : [gauge === 'both' ? 'pressure gauge and flow meter' : `${gauge} gauge`]),
    ...(color ? [COLOR_NAMES[color].toLowerCase()] : []),
  ].join(', ');

/** The faces in the order in which they are shown, each with what stands on it. */
export function sheetsOf(
  all: readonly Connection[],
  places: readonly FaceAt[],
  operatorAt: PanelPlace | null,
  levels: readonly Level[],
  skid: boolean,
): PanelSheet[] {
  const own = skid ? OF_SKID : OF_PANEL;
  return places.flatMap((face): PanelSheet[] => {
    const operator = face.face === operatorAt;
    const openings = all.filter(({ at, feedsId }) => feedsId === undefined && faceOf(at) === face.face);
    const controls = operator
      ? all.filter((of) => worked(of) && (operatorAt !== 'cab' || isPowered(of)))
      : [];
    const instruments = operator ? own.filter(({ level }) => !level || levels.includes(level)) : [];
    if (openings.length + controls.length + instruments.length === 0) return [];
    const laid = (share: number) =>
      onPanel(
        [
          ...openings.map(opening),
          ...controls.map((of) => control(of, share)),
          ...instruments.map(({ id, wide, high }) => ({
            id,
            wide: wide * share,
            high: high * share,
            band: BAND.instrument,
          })),
        ],
        face.wideIn,
        face.highIn,
      );
    const fits = SHARES.find((share) => laid(share).overIn === 0) ?? SHARES.at(-1)!;
    const { placed, overIn } = laid(fits);
    const at = new Map(placed.map((piece) => [piece.id, piece]));
    const shown = (of: Connection) => ({
      connection: of,
      ...(of.color ? { color: of.color } : {}),
      label: of.label,
    });
    return [
      {
        face,
        share: fits,
        overIn,
        operator,
        objects: [
          ...openings.map((of): PanelObject => ({
            ...at.get(of.id)!,
            ...shown(of),
            what: 'opening',
            words: openingWords(of),
          })),
          ...controls.map((of): PanelObject => ({
            ...at.get(controlId(of.id))!,
            ...shown(of),
            what: 'control',
            words: controlWords(of),
          })),
          ...instruments.map(({ id, label, words }): PanelObject => ({
            ...at.get(id)!,
            label,
            words,
            what: 'instrument',
          })),
        ],
      },
    ];
  });
}

/** Where the level of the tank is read: at the panel and in the cab where nobody says. */
export const levels = fromBuild(({ plumbing }): readonly Level[] => plumbing.levels ?? USUAL_LEVELS);
export const USUAL_LEVELS: readonly Level[] = ['panel', 'cab'];

/** Every face of this truck with what stands on it. */
export const panelSheets = reading(
  'plumbing',
  [connections, faces, panelAt, levels, chosenPump],
  (all, places, at, where, pump) => sheetsOf(all, places, at, where, pump?.panel === 'skid'),
);

/** Where each opening stands on the truck: on its face by its id. */
export const openingsAt = reading(
  'plumbing',
  [panelSheets],
  (sheets): Map<string, { face: FaceAt; of: Placed }> =>
    new Map(
      sheets.flatMap(({ face, objects }) =>
        objects.filter(({ what }) => what === 'opening').map((of) => [of.id, { face, of }] as const),
      ),
    ),
);
