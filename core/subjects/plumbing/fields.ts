import { field } from '../../build/index.js';
import type { ShapeOf } from '../../build/index.js';

/** What a connection is to the pump and the tank. */
export const KINDS = [
  'discharge',
  'intake',
  'tankToPump',
  'tankFill',
  'recirculation',
  'directFill',
  'dump',
] as const;
export type Kind = (typeof KINDS)[number];
export const KIND_NAMES: Record<Kind, string> = {
  discharge: 'Discharge',
  intake: 'Intake',
  tankToPump: 'Tank-to-pump',
  tankFill: 'Tank fill',
  recirculation: 'Recirculation',
  directFill: 'Direct tank fill',
  dump: 'Dump valve',
};

/** Where it opens: at a panel or a face of the truck, or within, from the pump to the tank. */
export const PLACES = ['left', 'right', 'top', 'rear', 'front', 'bodyLeft', 'bodyRight', 'within'] as const;
export type Place = (typeof PLACES)[number];
export const PLACE_NAMES: Record<Place, string> = {
  left: 'Driver’s side, at the pump',
  right: 'Officer’s side, at the pump',
  top: 'On top of the pump',
  rear: 'At the rear',
  front: 'At the front bumper',
  bodyLeft: 'Driver’s side of the body',
  bodyRight: 'Officer’s side of the body',
  within: 'Within, from pump to tank',
};

export const COUPLINGS = ['thread', 'quarterTurn', 'cam', 'piped'] as const;
export const COUPLING_NAMES: Record<(typeof COUPLINGS)[number], string> = {
  thread: 'Threaded',
  quarterTurn: 'Quarter-turn, sexless',
  cam: 'Cam lock',
  piped: 'Piped on',
};

export const VALVES = ['manual', 'electric', 'air', 'none'] as const;
export const VALVE_NAMES: Record<(typeof VALVES)[number], string> = {
  manual: 'Manual',
  electric: 'Electric',
  air: 'Air',
  none: 'None, direct',
};

export const BY_HAND = ['wheel', 'crank', 'lever'] as const;
export const BY_HAND_NAMES: Record<(typeof BY_HAND)[number], string> = {
  wheel: 'Handwheel at the valve',
  crank: 'Crank at the panel',
  lever: 'Lever kept at the panel',
};

export const GAUGES = ['none', 'pressure', 'flow', 'both'] as const;
export const GAUGE_NAMES: Record<(typeof GAUGES)[number], string> = {
  none: 'None',
  pressure: 'Pressure',
  flow: 'Flow',
  both: 'Pressure and flow',
};

/** What feeds a discharge, where it is not the pump itself. */
export const FEEDERS = ['high', 'second'] as const;
export type Feeder = (typeof FEEDERS)[number];
export const FEEDER_NAMES: Record<Feeder, string> = {
  high: 'The high-pressure stage',
  second: 'The second pump',
};

/** Colors that tell one handle from another at night; the label beside it says the same in words. */
export const COLORS = [
  'red',
  'white',
  'yellow',
  'blue',
  'green',
  'orange',
  'black',
  'gray',
  'brown',
  'tan',
  'pink',
  'purple',
  'lightBlue',
  'lightGreen',
  'silver',
  'maroon',
] as const;
export type Color = (typeof COLORS)[number];
export const COLOR_NAMES: Record<Color, string> = {
  red: 'Red',
  white: 'White',
  yellow: 'Yellow',
  blue: 'Blue',
  green: 'Green',
  orange: 'Orange',
  black: 'Black',
  gray: 'Gray',
  brown: 'Brown',
  tan: 'Tan',
  pink: 'Pink',
  purple: 'Purple',
  lightBlue: 'Light blue',
  lightGreen: 'Light green',
  silver: 'Silver',
  maroon: 'Maroon',
};

export const ENDS = ['cap', 'plug', 'adapter'] as const;
export const END_NAMES: Record<(typeof ENDS)[number], string> = {
  cap: 'Cap on a chain',
  plug: 'Plug on a chain',
  adapter: 'Adapter and cap',
};

/** Nominal sizes that connections are made in, in. */
export const SIZES_IN = [0.75, 1, 1.5, 2, 2.5, 3, 3.5, 4, 4.5, 5, 6, 8, 10] as const;

const yes = (title: string, words: string) => field.optional(field.oneOf(title, ['yes'], { yes: words }));

/** One intake, discharge or way of water between pump and tank. */
export const CONNECTION_FIELDS = {
  kind: field.oneOf('What it is', KINDS, KIND_NAMES),
  label: field.text('Label', 1, 30),
  at: field.oneOf('Where', PLACES, PLACE_NAMES),
  sizeIn: field.amount('Size', 'size', { min: 0.75, max: 10 }),
  coupling: field.oneOf('Connection', COUPLINGS, COUPLING_NAMES),
  valve: field.oneOf('Valve', VALVES, VALVE_NAMES),
  slow: yes('Opens and closes', 'Slowly'),
  byHand: field.optional(field.oneOf('The way by hand', BY_HAND, BY_HAND_NAMES)),
  gauge: field.oneOf('Gauge', GAUGES, GAUGE_NAMES),
  color: field.optional(field.oneOf('Color', COLORS, COLOR_NAMES)),
  drain: yes('Drain', 'Has one'),
  foam: yes('Foam', 'Flows here'),
  /** The cell that its foam comes from; the first where left out. */
  foamFrom: field.optional(field.id('Foam from')),
  air: yes('Compressed air', 'Flows here'),
  primer: yes('Priming', 'At this intake'),
  check: yes('Check valve', 'Has one'),
  reliefPsi: field.optional(field.amount('Relief valve set at', 'psi', { min: 50, max: 400, step: 5 })),
  ends: field.optional(field.oneOf('At its end', ENDS, END_NAMES)),
  adapterIn: field.optional(field.amount('Adapter to', 'size', { min: 0.75, max: 10 })),
  /** The pump itself where left out. */
  fedFrom: field.optional(field.oneOf('Fed by', FEEDERS, FEEDER_NAMES)),
  /** The bed or the monitor that it feeds. */
  feedsId: field.optional(field.id('Feeds')),
  /** What the maker says that it passes; the usual of its size where left out. */
  gpm: field.optional(field.amount('Passes', 'gpm', { min: 10, max: 6_000, step: 10 })),
  /** From the forward or the driver's end of its face, and over its foot; laid out by itself where left out. */
  alongIn: field.optional(field.amount('Along its face', 'in', { min: 0, max: 400, step: 0.5 })),
  upIn: field.optional(field.amount('Up its face', 'in', { min: 0, max: 140, step: 0.5 })),
};

export type Connection = ShapeOf<typeof CONNECTION_FIELDS> & { id: string };

/** Where the level of the tank is read. */
export const LEVELS = ['panel', 'cab', 'left', 'right', 'rear'] as const;
export type Level = (typeof LEVELS)[number];
export const LEVEL_NAMES: Record<Level, string> = {
  panel: 'At the pump panel',
  cab: 'In the cab',
  left: 'On the driver’s side, seen from afar',
  right: 'On the officer’s side, seen from afar',
  rear: 'At the rear, seen from afar',
};

/** The sides from which the pump must draw its whole rating. */
export const SIDES = ['left', 'right', 'front', 'rear'] as const;
export type Side = (typeof SIDES)[number];
export const SIDE_NAMES: Record<Side, string> = {
  left: 'Driver’s side',
  right: 'Officer’s side',
  front: 'Front',
  rear: 'Rear',
};
