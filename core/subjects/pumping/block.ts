import { block, field, settled, withBlock } from '../../build/index.js';
import type { BlockOf, Build } from '../../build/index.js';

export const GOVERNORS = ['pressure', 'speed', 'throttle'] as const;
export type Governor = (typeof GOVERNORS)[number];
export const GOVERNOR_NAMES: Record<Governor, string> = {
  pressure: 'Pressure governor',
  speed: 'Speed governor with relief valve',
  throttle: 'Throttle by hand',
};

export const PRIMERS = ['electric', 'air', 'exhaust'] as const;
export type PrimerKind = (typeof PRIMERS)[number];
export const PRIMER_NAMES: Record<PrimerKind, string> = {
  electric: 'Electric, rotary vane',
  air: 'Air, by the truck’s compressor',
  exhaust: 'Exhaust of the pump’s engine',
};

const yes = (title: string) => field.optional(field.oneOf(title, ['yes'], { yes: 'Fitted' }));

/** What a pump may have against frost, heat and pressure that nobody watches. */
export const EXTRA_FIELDS = {
  relief: yes('Thermal relief valve'),
  heater: yes('Heater in the pump house'),
  heatPan: yes('Heat pan under the pump'),
  winterPort: yes('Winterizing port'),
  masterDrain: yes('Master drain at the lowest point'),
  primerCutOff: yes('Cut-off of the primer'),
};
export type Extra = keyof typeof EXTRA_FIELDS;
export const EXTRAS = Object.keys(EXTRA_FIELDS) as Extra[];

export const pumpingBlock = block({
  id: 'pumping',
  title: 'Pump at work',
  version: 1,
  fields: {
    /** As usual at such a pump where left out. */
    governor: field.optional(field.oneOf('Governor', GOVERNORS, GOVERNOR_NAMES)),
    primer: field.optional(field.oneOf('Priming', PRIMERS, PRIMER_NAMES)),
    /** A stage for high pressure beside the normal ones. */
    highStage: yes('High-pressure stage'),
    /** A second pump, on its own skid behind the cab. */
    secondId: field.optional(field.part('Second pump', 'pump')),
    /** Hard suction that is coupled to draft; two lengths of ten feet where left out. */
    suctionFt: field.optional(field.amount('Suction hose at draft', 'ft', { min: 5, max: 60, step: 1 })),
    ...EXTRA_FIELDS,
  },
  empty: {},
  later: true,
  fromVersion2: () => ({}),
});

declare module '../../build/build.js' {
  interface Blocks {
    pumping: BlockOf<typeof pumpingBlock>;
  }
}

/** Two lengths of hard suction, ft. */
export const USUAL_SUCTION_FT = 20;

export const withPumping = (build: Build, change: Partial<Omit<Build['pumping'], 'version'>>): Build =>
  withBlock(build, 'pumping', change);

/** Without a pump there is none beside it. */
export function settlePumping(build: Build): Build {
  const { highStage, secondId, ...rest } = build.pumping;
  return build.pump.partId !== undefined || (highStage === undefined && secondId === undefined)
    ? build
    : settled(build, 'pumping', rest);
}
