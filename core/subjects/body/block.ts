import { block, clamped, field, objectIn, settled, withBlock } from '../../build/index.js';
import type { BlockOf, Build, Problem } from '../../build/index.js';
import { american, fromBuild, partFigure, settling, Shelf } from '../../kernel/index.js';
import type { PartFigureField } from '../../kernel/index.js';
import { capital, inches } from '../../units/index.js';
import { chosenChassis } from '../chassis/index.js';
import { BODIES, DOOR_STYLES } from './parts.js';
import type { BodyFamily, DoorStyle } from './parts.js';

const { plain, within } = partFigure;

export const bodyShelf = new Shelf<BodyFamily>({
  kind: 'body',
  title: 'Bodies',
  shipped: BODIES,
  figures: [
    plain<BodyFamily>('lbPerIn', 'Weight for its length', 'lbin', 3, 80, true),
    plain<BodyFamily>('priceCentsPerIn', 'Price for each inch', 'cents', 0, 1_000_000),
    within(
      'lengthMinIn',
      'Shortest',
      'in',
      [60, 360],
      (b) => b.length.minIn,
      (b, v) => ({ ...b, length: { ...b.length, minIn: v } }),
    ),
    within(
      'lengthMaxIn',
      'Longest',
      'in',
      [60, 360],
      (b) => b.length.maxIn,
      (b, v) => ({ ...b, length: { ...b.length, maxIn: v } }),
    ),
    plain<BodyFamily>('widthIn', 'Width', 'in', 60, 102),
    plain<BodyFamily>('floorIn', 'Floor of the low compartments', 'in', 10, 50),
    plain<BodyFamily>('topIn', 'Top', 'in', 40, 130),
    plain<BodyFamily>('compartmentDepthIn', 'Depth of the compartments', 'in', 9, 45),
  ],
  ordered: [
    ['lengthMinIn', 'lengthMaxIn'],
    ['floorIn', 'topIn'],
  ],
});

const drum = (key: 'heightIn' | 'depthIn', title: string): PartFigureField<DoorStyle> =>
  within(
    `drum${capital(key)}`,
    title,
    'in',
    [0, 20],
    (door) => door.drum?.[key] ?? NaN,
    (door, v) => (door.drum ? { ...door, drum: { ...door.drum, [key]: v } } : door),
    { none: 'none' },
  );

export const doorShelf = new Shelf<DoorStyle>({
  kind: 'doors',
  title: 'Doors',
  shipped: DOOR_STYLES,
  figures: [
    plain<DoorStyle>('weightLb', 'Weight of one against a roll-up door', 'lb', -60, 200, true),
    drum('heightIn', 'Height of the drum'),
    drum('depthIn', 'Depth of the drum'),
    partFigure.price<DoorStyle>(),
  ],
});

/** Where a compartment opens: to a side or both, to the back, or upward at a side or in the middle. */
export const OPENINGS = ['left', 'right', 'through', 'rear', 'topLeft', 'topRight', 'top'] as const;
export type Opening = (typeof OPENINGS)[number];
export const FACE_NAMES: Record<Opening, string> = {
  left: 'Driver’s side',
  right: 'Officer’s side',
  through: 'Through the body',
  rear: 'At the rear',
  topLeft: 'Hatch on top, driver’s side',
  topRight: 'Hatch on top, officer’s side',
  top: 'Hatch on top, middle',
};
export const OF = ['body', 'cab'] as const;

const along = (title: string, min: number, max: number) => field.amount(title, 'in', { min, max, step: 1 });

/** One compartment: where it opens, and the box that it would have if nothing stood in its way. */
export const COMPARTMENT_FIELDS = {
  name: field.text('Name', 1, 20),
  face: field.oneOf('Opens', OPENINGS, FACE_NAMES),
  /** In the body, or in the cab as a locker of its own. */
  of: field.optional(field.oneOf('Built into', OF, { body: 'The body', cab: 'The cab' })),
  /** Behind the front of the body, or ahead of the back of the cab; across from the middle at the back. */
  startIn: along('Along the side', -120, 400),
  lengthIn: along('Length', 6, 400),
  floorIn: along('Floor over the frame', -40, 100),
  heightIn: along('Height', 4, 110),
  depthIn: along('Depth', 4, 110),
  /** How deep it is above half its height, where that is less. */
  upperDepthIn: field.optional(along('Depth of its upper half', 4, 110)),
  doorsId: field.optional(field.part('Its doors', 'doors')),
};

const divider = (title: string) =>
  field.optional(field.amount(title, 'in', { min: 0, max: 80, step: 1, usual: [0, 60] }));

/** A body is made in steps of so much, in. */
export const LENGTH_STEP_IN = 2;

export const bodyBlock = block({
  id: 'body',
  title: 'Body and compartments',
  version: 1,
  fields: {
    partId: field.part('Body', 'body'),
    lengthIn: field.amount('Body length', 'in', { min: 60, max: 360, step: LENGTH_STEP_IN }),
    doorsId: field.part('Doors', 'doors'),
    /** How far the bulkhead ahead of the rear wheels stands forward of the wheel opening; at it where left out. */
    frontDividerIn: divider('Bulkhead ahead of the wheels, forward by'),
    /** How far the bulkhead behind the rear wheels stands aft of the wheel opening, likewise. */
    rearDividerIn: divider('Bulkhead behind the wheels, aft by'),
    /** The compartments one by one; as the body's family makes them where left out. */
    compartments: field.optional(
      field.lines(
        'Compartments',
        'Compartment',
        30,
        COMPARTMENT_FIELDS,
        ({ name, face, startIn, lengthIn, floorIn, heightIn, depthIn }) => ({
          title: `Compartment ${name}`,
          words: `${FACE_NAMES[face]}, ${inches(lengthIn)} long, ${inches(heightIn)} high and ${inches(depthIn)} deep, ${inches(startIn)} along and ${inches(floorIn)} over the frame`,
        }),
      ),
    ),
  },
  empty: { partId: 'body-aluminum', lengthIn: 150, doorsId: 'rollUp' },
  fromVersion2: (file) => {
    const { partId, doors, ...rest } = objectIn(file, 'body');
    return {
      ...rest,
      partId: typeof partId === 'string' ? american(partId) : partId,
      doorsId: doors,
    } as never;
  },
});

declare module '../../build/build.js' {
  interface Blocks {
    body: BlockOf<typeof bodyBlock>;
  }
}

/** Another body, length or doors. */
export const withBody = (build: Build, body: Partial<Build['body']>): Build => withBlock(build, 'body', body);

/** A body longer by so much, in, or shorter where less than 0, as far as its family is made. */
export function withLonger(build: Build, byIn: number): Build {
  const { minIn, maxIn } = bodyShelf.in(build).part(build.body.partId).length;
  const lengthIn = Math.round((build.body.lengthIn + byIn) / LENGTH_STEP_IN) * LENGTH_STEP_IN;
  return withBody(build, { lengthIn: clamped({ min: minIn, max: maxIn }, lengthIn) });
}

export type Divider = 'frontDividerIn' | 'rearDividerIn';

/** How far a bulkhead beside the rear wheels stands from the wheel opening, in whole inches. */
export function withDivider(build: Build, which: Divider, atIn: number): Build {
  const at = Math.round(clamped(bodyBlock.fields[which], atIn));
  return withBlock(build, 'body', { [which]: at > 0 ? at : undefined });
}

export function settleBody(build: Build): Build {
  const { length } = bodyShelf.in(build).part(build.body.partId);
  return settled(build, 'body', {
    ...build.body,
    lengthIn: clamped({ min: length.minIn, max: length.maxIn }, build.body.lengthIn),
  });
}

/** One compartment of the list. */
export type CompartmentLine = NonNullable<Build['body']['compartments']>[number];

/** The compartments one by one, or as the family makes them. */
export const withCompartments = (build: Build, compartments: CompartmentLine[] | undefined): Build =>
  withBlock(build, 'body', { compartments });

export function bodyProblems(build: Build): Problem[] {
  const {
    length: { minIn, maxIn },
  } = bodyShelf.in(build).part(build.body.partId);
  const { lengthIn } = build.body;
  return lengthIn < minIn || lengthIn > maxIn
    ? [
        {
          field: 'body.lengthIn',
          message: `body.lengthIn must be from ${minIn} to ${maxIn} in for this body (was ${lengthIn})`,
        },
      ]
    : [];
}

export const bodyOf = fromBuild(({ body }) => body);

/** The frame's height for which a body's heights are given, in. */
const USUAL_FRAME_IN = { full: 40, flatbed: 33 };

/** A body as it stands on a frame: its floor and top ride with it (formulas: the row). */
function onFrame(body: BodyFamily, frameTopIn: number): BodyFamily {
  const by = frameTopIn - (body.frameIn ?? USUAL_FRAME_IN[body.style]);
  return by === 0 ? body : { ...body, floorIn: body.floorIn + by, topIn: body.topIn + by };
}

/** The body that is chosen, as it stands on the chassis, with its doors. */
export const chosenBody = settling(
  'body',
  [bodyOf, bodyShelf.stock, doorShelf.stock, chosenChassis],
  ({ partId, doorsId }, bodies, doors, { chassis }) => ({
    body: onFrame(bodies.part(partId), chassis.frame.topIn),
    doors: doors.part(doorsId),
  }),
);
