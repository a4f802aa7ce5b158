import { block, changedLine, field, freshId, withBlock } from '../../build/index.js';
import type { BlockOf, Build } from '../../build/index.js';
import { partFigure, Shelf } from '../../kernel/index.js';
import type { PartFigureField } from '../../kernel/index.js';
import { inches } from '../../units/index.js';
import { compartmentName } from '../body/index.js';
import { FITTED } from './parts.js';
import type { Fitted } from './parts.js';

const { plain, price, weight, within } = partFigure;

/** A figure that not every such part has. */
const some = (
  id: keyof Fitted & string,
  title: string,
  unit: PartFigureField<Fitted>['unit'],
  min: number,
  max: number,
  none: string,
) =>
  within<Fitted>(
    id,
    title,
    unit,
    [min, max],
    (part) => (part[id] as number | undefined) ?? NaN,
    (part, value) => (part[id] === undefined ? part : { ...part, [id]: value }),
    { none },
  );

export const fittedShelf = new Shelf<Fitted>({
  kind: 'fitted',
  title: 'Shelves, trays and boards',
  shipped: FITTED,
  figures: [
    weight<Fitted>(400),
    plain<Fitted>('lbPerFt2', 'Weight for its area', 'lbft2', 0, 20, true),
    plain<Fitted>('thickIn', 'Thickness with its frame', 'in', 0, 12),
    some('lengthIn', 'Length', 'in', 1, 200, 'as the compartment'),
    some('depthIn', 'Depth', 'in', 1, 110, 'as the compartment'),
    some('heightIn', 'Height', 'in', 1, 110, 'as the compartment'),
    some('ratingLb', 'Rated for', 'lb', 1, 3_000, 'nothing lies on it'),
    some('outerLb', 'Rated for over its outer half', 'lb', 1, 3_000, 'half of all'),
    some('slidesIn', 'Slides at each side', 'in', 0, 6, 'none'),
    some('facesIn', 'Room for tools on each face', 'in', 1, 30, 'no board'),
    some('downIn', 'Comes down by', 'in', 1, 60, 'does not tip'),
    price<Fitted>(),
    plain<Fitted>('centsPerFt2', 'Price for its area', 'cents', 0, 100_000),
  ],
});

const HINGES = ['front', 'rear'] as const;
const HINGE_NAMES = { front: 'At its front end', rear: 'At its rear end' };

const inside = (title: string, most: number, least = 0) =>
  field.optional(
    field.amount(title, 'in', { min: least, max: most, step: 0.5, usual: [least, Math.min(most, 60)] }),
  );

export const FITTED_FIELDS = {
  partId: field.part('What is fitted', 'fitted'),
  compartmentId: field.id('In', compartmentName),
  /** Its underside over the compartment's floor: shelves and trays stand on tracks, an inch from hole to hole. */
  upIn: field.amount('Over the floor', 'in', { min: 0, max: 110, step: 1, usual: [0, 60] }),
  alongIn: inside('From the front end', 400),
  inIn: inside('In from the door', 110),
  lengthIn: inside('Its length', 400, 2),
  depthIn: inside('Its depth', 110, 2),
  heightIn: inside('Its height', 110, 2),
  facesIn: inside('Room on each face', 30, 1),
  hinge: field.optional(field.oneOf('Swings', HINGES, HINGE_NAMES)),
};

export const shelvingBlock = block({
  id: 'shelving',
  title: 'Shelves, trays and boards',
  version: 1,
  later: true,
  fields: {
    lines: field.lines(
      'Shelves, trays and boards',
      'Fitting',
      120,
      FITTED_FIELDS,
      ({ partId, compartmentId, upIn }, build, names) => ({
        title: `Inside ${compartmentName(compartmentId, build)}`,
        words: `${names.part('fitted', partId)}, ${inches(upIn)} over the floor`,
      }),
    ),
  },
  empty: { lines: [] },
  fromVersion2: () => ({ lines: [] }),
});

declare module '../../build/build.js' {
  interface Blocks {
    shelving: BlockOf<typeof shelvingBlock>;
  }
}

export type FittedLine = Build['shelving']['lines'][number];

/** The fittings inside the compartments, all anew. */
export const withFitted = (build: Build, lines: FittedLine[]): Build =>
  withBlock(build, 'shelving', { lines });

/** One more fitting in a compartment. */
export const withNewFitted = (build: Build, line: Omit<FittedLine, 'id'>, id = freshId()): Build =>
  withFitted(build, [...build.shelving.lines, { id, ...line }]);

/** A fitting otherwise, or gone. */
export const withFittedLine = (
  build: Build,
  id: string,
  change: Partial<Omit<FittedLine, 'id'>> | null,
): Build => withFitted(build, changedLine(build.shelving.lines, id, change));
