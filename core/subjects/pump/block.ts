import { block, field, settled, withBlock } from '../../build/index.js';
import type { BlockOf, Build } from '../../build/index.js';
import { fromBuild, partFigure, reading, Shelf, usd } from '../../kernel/index.js';
import { curveOf, PUMPS } from './parts.js';
import type { Pump } from './parts.js';

const { plain, price, weight, within } = partFigure;

/** The points of a pump's curve that a department can give of its own. */
const CURVE_POINTS = ['First', 'Second', 'Third'] as const;
const CURVE_FIGURES = CURVE_POINTS.flatMap((nth, i) => {
  const points = (pump: Pump) => curveOf(pump);
  const put = (pump: Pump, change: Partial<{ gpm: number; psi: number }>): Pump => ({
    ...pump,
    curve: points(pump).map((point, at) => (at === i ? { ...point, ...change } : point)),
  });
  return [
    within<Pump>(
      `curve${i + 1}Gpm`,
      `${nth} point of its curve, flow`,
      'gpm',
      [1, 4_000],
      (pump) => points(pump)[i]!.gpm,
      (pump, gpm) => put(pump, { gpm }),
    ),
    within<Pump>(
      `curve${i + 1}Psi`,
      `${nth} point of its curve, net pressure`,
      'psi',
      [1, 800],
      (pump) => points(pump)[i]!.psi,
      (pump, psi) => put(pump, { psi }),
    ),
  ];
});

export const pumpShelf = new Shelf<Pump>({
  kind: 'pump',
  title: 'Pumps',
  shipped: PUMPS,
  figures: [
    weight<Pump>(9_000),
    plain<Pump>('ratedGpm', 'Rating', 'gpm', 10, 4_000),
    plain<Pump>('lengthIn', 'Length', 'in', 10, 140),
    plain<Pump>('heightIn', 'Height', 'in', 10, 110),
    plain<Pump>('centerZIn', 'Height of its center of gravity', 'in', 5, 90),
    plain<Pump>('crosslays', 'Crosslays over it', 'count', 0, 6),
    within(
      'besideIn',
      'Room beside it for a tunnel',
      'in',
      [0, 40],
      ({ besideIn = 0 }) => besideIn,
      (pump, v) => ({ ...pump, besideIn: v }),
      { none: 'none' },
    ),
    within(
      'driveHp',
      'Its drive passes at most',
      'hp',
      [1, 1_200],
      ({ driveHp = NaN }) => driveHp,
      (pump, v) => ({ ...pump, driveHp: v }),
      { none: 'not stated' },
    ),
    within(
      'fuelGal',
      'Fuel tank of its own engine',
      'gal',
      [0.5, 60],
      ({ fuelGal = NaN }) => fuelGal,
      (pump, v) => ({ ...pump, fuelGal: v }),
      { none: 'not stated' },
    ),
    ...CURVE_FIGURES,
    price<Pump>(),
  ],
});

/** Where a pump can stand: in the row behind the cab, within a crew module, in the body, or on a bed. */
export const PUMP_PLACES = ['row', 'crewModule', 'bodyFront', 'bodyRear', 'bedFront', 'bedRear'] as const;
export type PumpPlace = (typeof PUMP_PLACES)[number];
export const PUMP_PLACE_NAMES: Record<PumpPlace, string> = {
  row: 'behind the cab',
  crewModule: 'in a crew module that joins the cab',
  bodyFront: 'in the body, panel behind a door',
  bodyRear: 'in the rear of the body',
  bedFront: 'on the bed behind the cab',
  bedRear: 'at the rear of the bed',
};

/** What a module that encloses pump and operator adds to the pump house (formulas: the row); lb, in, cents. */
export const CREW_MODULE = { lengthIn: 26, weightLb: 700, priceCents: usd(27_000) };

/** The places that a pump may have: a skid on a bed or in a body, a housed one in the row or in a body. */
export const placesOf = ({ panel }: Pick<Pump, 'panel'>): readonly PumpPlace[] =>
  panel === 'skid'
    ? ['bedFront', 'bedRear']
    : panel === 'top'
      ? ['row']
      : ['row', 'crewModule', 'bodyFront', 'bodyRear'];

/** Where such a pump usually stands. */
const usualPlace = ({ panel, drive }: Pump): PumpPlace =>
  panel !== 'skid' ? 'row' : drive === 'pto' ? 'bedFront' : 'bedRear';

/** Where the operator stands: beside the pump on either side, over it, behind it, or in the cab. */
export const PANEL_PLACES = ['left', 'right', 'top', 'rear', 'cab'] as const;
export type PanelPlace = (typeof PANEL_PLACES)[number];
export const PANEL_PLACE_NAMES: Record<PanelPlace, string> = {
  left: 'on the driver’s side',
  right: 'on the officer’s side',
  top: 'over the pump',
  rear: 'at the rear',
  cab: 'in the cab',
};

/** Where the operator of such a pump can stand, the usual place first. From the cab where it pumps while driving. */
export function panelPlacesOf(pump: Pump, at: PumpPlace): readonly PanelPlace[] {
  const cab: PanelPlace[] = pump.pumpAndRoll ? ['cab'] : [];
  if (pump.panel === 'top') return ['top', ...cab];
  if (at === 'bodyRear' || at === 'bedRear') return ['rear', ...cab];
  return ['left', 'right', ...cab];
}

export const pumpBlock = block({
  id: 'pump',
  title: 'Pump',
  version: 1,
  fields: {
    /** Left out where the truck has no pump. */
    partId: field.optional(field.part('Pump', 'pump')),
    /** Where it stands; where such a pump usually does where left out. */
    at: field.optional(field.oneOf('Where the pump stands', PUMP_PLACES, PUMP_PLACE_NAMES)),
    /** Where the operator stands; as usual at such a pump where left out. */
    panelAt: field.optional(field.oneOf('Where the operator stands', PANEL_PLACES, PANEL_PLACE_NAMES)),
  },
  empty: {},
  fromVersion2: ({ pumpId }) => (pumpId === undefined ? {} : { partId: pumpId }) as never,
});

declare module '../../build/build.js' {
  interface Blocks {
    pump: BlockOf<typeof pumpBlock>;
  }
}

/** Another pump, or none. */
export function withPump(build: Build, partId: string | undefined): Build {
  const { partId: _old, ...rest } = build.pump;
  return { ...build, pump: partId === undefined ? rest : { ...rest, partId } };
}

/** The pump in another place; where such a pump usually stands, nothing is said of it. */
export function withPumpAt(build: Build, at: PumpPlace): Build {
  const { at: _old, ...rest } = build.pump;
  const pump = pumpIn(build);
  return { ...build, pump: pump && usualPlace(pump) === at ? rest : { ...rest, at } };
}

/** The pump that is chosen; null where there is none. */
export const chosenPump = reading(
  'pump',
  [fromBuild(({ pump }) => pump), pumpShelf.stock],
  ({ partId }, stock) => (partId === undefined ? null : stock.part(partId)),
);

/** Where the pump stands: where it was put, or where such a pump usually stands. */
export const placeOfPump = (pump: Pump, asked: PumpPlace | undefined): PumpPlace =>
  asked && placesOf(pump).includes(asked) ? asked : usualPlace(pump);

export const pumpAt = reading(
  'pump',
  [chosenPump, fromBuild(({ pump }) => pump)],
  (pump, { at }): PumpPlace | null => pump && placeOfPump(pump, at),
);

/** Where the operator stands: where that was put, or where it usually is at such a pump. */
export const panelAt = reading(
  'pump',
  [chosenPump, pumpAt, fromBuild(({ pump }) => pump.panelAt)],
  (pump, at, asked): PanelPlace | null => {
    if (!pump || !at) return null;
    const places = panelPlacesOf(pump, at);
    return asked && places.includes(asked) ? asked : places[0]!;
  },
);

/** The operator in another place; where such a pump usually has its panel, nothing is said of it. */
export function withPanelAt(build: Build, to: PanelPlace): Build {
  const pump = pumpIn(build);
  const usual = pump && panelPlacesOf(pump, placeOfPump(pump, build.pump.at))[0];
  return withBlock(build, 'pump', { panelAt: to === usual ? undefined : to });
}

/** The pump of a build that is not weighed, where its part is known. */
export const pumpIn = (build: Pick<Build, 'pump' | 'parts'>): Pump | undefined =>
  build.pump.partId === undefined ? undefined : pumpShelf.in(build).find(build.pump.partId);

/** A place that such a pump can't have gives way to where it usually stands. */
export function settlePump(build: Build): Build {
  const pump = pumpIn(build);
  const { at, panelAt, ...rest } = build.pump;
  const kept = at !== undefined && pump && placesOf(pump).includes(at) ? at : undefined;
  const seen = pump && panelAt && panelPlacesOf(pump, placeOfPump(pump, kept)).includes(panelAt);
  return settled(build, 'pump', { ...rest, ...(kept ? { at: kept } : {}), ...(seen ? { panelAt } : {}) });
}

/** The pumps that are usual on a truck of this type. */
export const suiting = (build: Build) => pumpShelf.in(build).suiting(build.type);
