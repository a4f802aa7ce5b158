import { block, field, listIn } from '../../build/index.js';
import type { BlockOf, Build } from '../../build/index.js';
import {
  atOnce,
  boxAt,
  component,
  madeOf,
  fromBuild,
  linesOfParts,
  partFigure,
  partOptions,
  reading,
  Shelf,
  toggledLine,
  typeOfBuild,
  way,
} from '../../kernel/index.js';
import type { ChangeKind, PlainKind, Subject } from '../../kernel/index.js';
import { beds, bodyPlace, cabPlace, pumpHouse, turntable } from '../../truck/index.js';
import { counted, listed, one, within } from '../../units/index.js';
import { chosenChassis } from '../chassis/index.js';
import { FITTINGS } from './parts.js';
import type { Fitting } from './parts.js';

const { price, size, weight } = partFigure;

export const fittingShelf = new Shelf<Fitting>({
  kind: 'fitting',
  title: 'Lights and fittings',
  shipped: FITTINGS,
  figures: [weight<Fitting>(3_000), ...size<Fitting>(), price<Fitting>()],
});

export const fittingsBlock = block({
  id: 'fittings',
  title: 'Lights and fittings',
  version: 1,
  fields: {
    lines: field.lines(
      'Lights and fittings',
      'Fitting',
      20,
      { partId: field.part('Fitting', 'fitting') },
      ({ partId }, _, names) => ({ title: 'Lights and fittings', words: names.part('fitting', partId) }),
    ),
  },
  empty: { lines: [] },
  fromVersion2: (file) => ({ lines: linesOfParts('f', listIn(file, 'fittingIds')) }) as never,
});

declare module '../../build/build.js' {
  interface Blocks {
    fittings: BlockOf<typeof fittingsBlock>;
  }
}

/** A fitting on or off. */
export const withFitting = (build: Build, partId: string, on: boolean): Build => ({
  ...build,
  fittings: { ...build.fittings, lines: toggledLine(build.fittings.lines, partId, on) },
});

const chosen = reading(
  'fittings',
  [fromBuild(({ fittings }) => fittings), fittingShelf.stock],
  ({ lines }, stock) => lines.map(({ id, partId }) => ({ id, part: stock.part(partId) })),
);

/** What each looks like; an inverter is out of sight. */
const LOOKS: Partial<Record<Fitting['shape'], PlainKind>> = {
  lightBar: 'lightBar',
  mast: 'mast',
  deckMonitor: 'monitor',
  generator: 'generator',
  spareWheel: 'spareWheel',
  airConditioner: 'airConditioner',
};

/**
 * A light bar behind the windshield's foot, or behind a flat front; what else is on the roof ahead of its
 * back, in.
 */
const LIGHT_BAR_IN = { hooded: 22, flatFront: 20 };
const ROOF_AHEAD_OF_BACK_IN = 26;
/** Without a pump house, what would stand on it stands on the front of the body: that long, in. */
const FRONT_OF_BODY_IN = 30;
/** Free ahead of what stands at the front of a body, or of a bed, in. */
const BEHIND_BODY_FRONT_IN = 4;
const BEHIND_BED_FRONT_IN = 3;
/** An inverter hangs in the body at this height; a brush truck's mast lies below the cab's roof; in. */
const INVERTER_Z_IN = 50;
const MAST_BELOW_ROOF_IN = 14;
/** A generator stands at the driver's side, in. */
const GENERATOR_Y_IN = -26;

const components = reading(
  'fittings',
  [chosen, typeOfBuild, chosenChassis, cabPlace, pumpHouse, bodyPlace, beds, turntable],
  (all, type, { chassis: { cab } }, cabAt, house, body, hoseBeds, device) => {
    const roofFront =
      cab.style === 'hooded' ? cab.windshieldIn + LIGHT_BAR_IN.hooded : cab.frontIn + LIGHT_BAR_IN.flatFront;
    const bedTop = Math.max(
      body.topIn,
      ...hoseBeds.filter(({ kind }) => kind === 'main' && !device).map((bed) => bed.floorIn + bed.depthIn),
    );
    const top =
      house?.at === 'row' || house?.at === 'crewModule'
        ? house
        : { x0: body.frontIn, x1: body.frontIn + FRONT_OF_BODY_IN, z1: bedTop };
    return all.map(({ id, part }) => {
      const xIn = {
        cabRoof: part.shape === 'lightBar' ? roofFront : cab.backIn - ROOF_AHEAD_OF_BACK_IN,
        pumpHouseTop: part.shape === 'deckMonitor' ? (top.x0 + top.x1) / 2 : top.x1 - part.lengthIn / 2,
        bodyFront: body.frontIn + part.lengthIn / 2 + BEHIND_BODY_FRONT_IN,
        bedFront: body.frontIn + BEHIND_BED_FRONT_IN + part.lengthIn / 2,
      }[part.place];
      const bottom = {
        // The light bar stands on the front of the roof, which a raised roof leaves as it is.
        cabRoof: part.shape === 'lightBar' && cab.style === 'flatFront' ? cab.roofIn : cabAt.topIn,
        pumpHouseTop: top.z1,
        bodyFront:
          part.shape === 'inverter'
            ? INVERTER_Z_IN
            : type === 'brush'
              ? cabAt.topIn - MAST_BELOW_ROOF_IN
              : bedTop,
        bedFront: cabAt.topIn - part.heightIn,
      }[part.place];
      const look = LOOKS[part.shape];
      const yIn = part.shape === 'generator' ? GENERATOR_Y_IN : 0;
      const zIn = bottom + part.heightIn / 2;
      return component({
        id: `fittings.${id}`,
        name: part.name,
        group: 'Fittings',
        step: 'fittings',
        weightLb: part.weightLb,
        basis: part.basis,
        priceCents: part.priceCents,
        xIn,
        yIn,
        zIn,
        made: madeOf(part.id),
        ...(part.shape === 'deckMonitor' ? { needs: 'pump' as const } : {}),
        shapes: look
          ? [{ kind: look, box: boxAt(xIn, yIn, zIn, part.lengthIn, part.widthIn, part.heightIn) }]
          : [],
      });
    });
  },
);

const FITTING: ChangeKind = { id: 'fitting', title: 'Lights and fittings', costs: 'givesUp' };
const carries = (build: Build, id: string) => build.fittings.lines.some(({ partId }) => partId === id);
const GENERATOR = 'generator-8';
const INVERTER = 'inverter-3';

/** Lights, monitors, power and the like, each fixed in its place. */
export const fittings: Subject = {
  id: 'fittings',
  title: 'Lights and fittings',
  step: () => true,
  shelves: [fittingShelf],
  block: fittingsBlock,
  components,
  changes: [
    {
      kind: FITTING,
      helps: ['budget', 'room', 'needsPump'],
      offer: ({ build }) =>
        build.fittings.lines.map(({ id, partId }) =>
          atOnce(
            FITTING,
            `Leave off ${within(fittingShelf.in(build).part(partId).name)}`,
            (on) => ({
              ...on,
              fittings: { ...on.fittings, lines: on.fittings.lines.filter((line) => line.id !== id) },
            }),
            id,
          ),
        ),
    },
  ],
  choices: (build) => [
    {
      kind: 'toggle',
      id: 'fittings',
      title: 'Lights and fittings',
      options: partOptions(
        fittingShelf.in(build).suiting(build.type),
        ({ id }) => carries(build, id),
        ({ id }) => withFitting(build, id, !carries(build, id)),
      ),
    },
  ],
  questions: [
    {
      id: 'power',
      question: 'Generator or inverter?',
      ways: (build) => {
        if (build.type === 'brush') return [];
        const [generator, inverter] = [carries(build, GENERATOR), carries(build, INVERTER)];
        const only = (on: string, off: string) => withFitting(withFitting(build, off, false), on, true);
        return [
          way(
            'generator',
            'Hydraulic generator',
            'Runs a fan and the big lights; weighs, and wants service.',
            generator && !inverter,
            only(GENERATOR, INVERTER),
          ),
          way(
            'inverter',
            'Inverter',
            'Enough for LED and chargers; cannot start every fan.',
            inverter && !generator,
            only(INVERTER, GENERATOR),
          ),
        ];
      },
    },
  ],
  sentence: (evaluation) => {
    const all = evaluation.read(chosen);
    return all.length === 0
      ? 'No further lights or fittings shall be furnished.'
      : `There shall be ${listed(all.map(({ part }) => one(part.name)))}.`;
  },
  line: (evaluation) => {
    const all = evaluation.read(chosen);
    return all.length === 0 ? 'none' : counted(all.length, 'fitting');
  },
  caution: 'Electric work is for licensed people; a raised mast is kept clear of power lines.',
};
