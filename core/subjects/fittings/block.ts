import { block, clamped, field, listIn, settled } from '../../build/index.js';
import type { BlockOf, Build } from '../../build/index.js';
import { linesOfParts, partFigure, Shelf, toggledLine } from '../../kernel/index.js';
import type { PartFigureField } from '../../kernel/index.js';
import { asideInWords, inches } from '../../units/index.js';
import { FITTING_PLACE_NAMES, FITTING_PLACES, FITTINGS } from './parts.js';
import type { Fitting, FittingPlace } from './parts.js';

const { price, size, weight, yesNo } = partFigure;

/** The places that a fitting may have, the usual one first. */
export const placesOf = (part: Fitting | undefined): readonly FittingPlace[] =>
  part ? [part.place, ...(part.otherPlaces ?? [])] : [];

/** Whether a fitting may stand in a place; the last one that it has stays. */
function mayStand(place: FittingPlace): PartFigureField<Fitting> {
  return yesNo<Fitting>(
    `may-${place}`,
    `May stand ${FITTING_PLACE_NAMES[place]}`,
    (part) => placesOf(part).includes(place),
    (part, yes) => {
      const others = placesOf(part).filter((other) => other !== place);
      const [usual, ...more] = yes
        ? placesOf(part).includes(place)
          ? placesOf(part)
          : [...others, place]
        : others;
      const { otherPlaces: _before, ...rest } = part;
      if (usual === undefined) return part;
      return { ...rest, place: usual, ...(more.length > 0 ? { otherPlaces: more } : {}) };
    },
  );
}

export const fittingShelf = new Shelf<Fitting>({
  kind: 'fitting',
  title: 'Lights and fittings',
  shipped: FITTINGS,
  figures: [weight<Fitting>(3_000), ...size<Fitting>(), price<Fitting>(), ...FITTING_PLACES.map(mayStand)],
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
      {
        partId: field.part('Fitting', 'fitting'),
        /** Where it stands; where such a fitting usually does where left out. */
        at: field.optional(field.oneOf('Where it stands', FITTING_PLACES, FITTING_PLACE_NAMES)),
        /** From where a fitting in that place usually stands. */
        aftIn: field.optional(field.amount('Further aft', 'in', { min: -120, max: 240, step: 1 })),
        yIn: field.optional(field.amount('To the officer’s side', 'in', { min: -48, max: 48, step: 1 })),
      },
      ({ partId, at, aftIn = 0, yIn }, _, names) => ({
        title: 'Lights and fittings',
        words: [
          names.part('fitting', partId),
          ...(at ? [FITTING_PLACE_NAMES[at]] : []),
          ...(aftIn === 0 ? [] : [`${inches(Math.abs(aftIn))} further ${aftIn < 0 ? 'forward' : 'aft'}`]),
          ...(yIn === undefined ? [] : [asideInWords(yIn)]),
        ].join(', '),
      }),
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

export type FittingLine = Build['fittings']['lines'][number];

/** A fitting in another place or moved within it; what is as usual is not said. */
export function withFittingAt(
  build: Build,
  id: string,
  change: Partial<Pick<FittingLine, 'at' | 'aftIn' | 'yIn'>>,
): Build {
  const lines = build.fittings.lines.map((line) => {
    if (line.id !== id) return line;
    const { at, aftIn, yIn, ...rest } = { ...line, ...change };
    return {
      ...rest,
      ...(at === undefined || at === placesOf(fittingShelf.in(build).find(line.partId))[0] ? {} : { at }),
      ...(aftIn === undefined || Math.round(aftIn) === 0
        ? {}
        : { aftIn: Math.round(clamped(FIELDS.aftIn, aftIn)) }),
      ...(yIn === undefined ? {} : { yIn: Math.round(clamped(FIELDS.yIn, yIn)) }),
    };
  });
  return { ...build, fittings: { ...build.fittings, lines } };
}
const FIELDS = fittingsBlock.fields.lines.fields;

/** A place that a fitting can't have gives way to its usual one. */
export function settleFittings(build: Build): Build {
  const stock = fittingShelf.in(build);
  const lines = build.fittings.lines.map((line) => {
    const { at, ...rest } = line;
    return at === undefined || placesOf(stock.find(line.partId)).includes(at) ? line : rest;
  });
  return settled(build, 'fittings', { ...build.fittings, lines });
}
