import { boxOf, surfaceOf, component, madeOf, settling, amountChoice, NONE } from '../../kernel/index.js';
import type { Box, Choice, Component } from '../../kernel/index.js';
import { changedLine } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import { beds, bodyPlace } from '../../truck/index.js';
import type { BedPlace, BodyPlace, PumpHouse } from '../../truck/index.js';
import { bedsOfBuild } from './beds-of-build.js';
import { hoseBlock } from './block.js';
import type { OwnBed } from './block.js';
import { OWN_BED_NAMES, OWN_BED_SIZES, OWN_BEDS } from './own-bed-kinds.js';
import type { OwnBedKind } from './own-bed-kinds.js';

/** Sheet of a bed's floor and walls, for a square inch; and what a tray slides on; lb. */
const SHEET_LB_PER_IN2 = 0.0123;
const SLIDES_LB = 38;
/** A bed's price, and that of its slides. */
const PRICE_CENTS = { bed: 145_000, slides: 98_000 };
/** Free to the body's sides, its rear, its front and its top; over the deck; over a pump house; in. */
const FREE_IN = { sides: 2, rear: 2, front: 1, top: 1, overDeck: 3, overHouse: 1 };
/** From the middle to a rear preconnect's middle, in. */
const REAR_ASIDE_IN = 16;

const ACROSS: ReadonlySet<OwnBedKind> = new Set(['across', 'overPump']);

/** Where a bed of a kind usually stands: its front, its middle across and its floor, in. */
function usualPlace(
  { at, lengthIn, wideIn, deepIn }: OwnBed,
  body: BodyPlace,
  house: PumpHouse | null,
): { x0: number; yCenter: number; floorIn: number } {
  const aside = body.widthIn / 2 - FREE_IN.sides - wideIn / 2;
  const front = body.frontIn + FREE_IN.front;
  const behind = body.endIn - FREE_IN.rear - lengthIn;
  const low = body.deckIn + FREE_IN.overDeck;
  const high = body.topIn - FREE_IN.top - deepIn;
  const over = body.topIn + FREE_IN.top;
  const places: Record<OwnBedKind, [x0: number, yCenter: number, floorIn: number]> = {
    chute: [behind, 0, low],
    rear: [behind, REAR_ASIDE_IN, low],
    left: [front, -aside, high],
    right: [front, aside, high],
    topLeft: [behind, -aside, over],
    topRight: [behind, aside, over],
    across: [front, 0, high],
    overPump: [house?.x0 ?? front, 0, (house?.z1 ?? body.topIn) + FREE_IN.overHouse],
  };
  const [x0, yCenter, floorIn] = places[at];
  return { x0, yCenter, floorIn };
}

/** Kinds that can slide out, and which way: sideways by their width or half their length, or to the rear. */
const SLIDES: Partial<Record<OwnBedKind, (bed: OwnBed) => { byIn: number; to: string }>> = {
  left: ({ wideIn }) => ({ byIn: wideIn, to: 'to the driver’s side' }),
  right: ({ wideIn }) => ({ byIn: wideIn, to: 'to the officer’s side' }),
  across: ({ lengthIn }) => ({ byIn: lengthIn / 2, to: 'to either side' }),
  rear: ({ lengthIn }) => ({ byIn: lengthIn / 2, to: 'to the rear' }),
};

/** A bed of the department's own in its place, by its kind and by what is said of it. */
export function placeOfOwn(
  bed: OwnBed,
  body: BodyPlace,
  house: PumpHouse | null,
): Omit<BedPlace, 'id' | 'name' | 'kind'> {
  const usual = usualPlace(bed, body, house);
  const across = ACROSS.has(bed.at);
  const slides = bed.slides && SLIDES[bed.at]?.(bed);
  const x0 = bed.xIn ?? usual.x0;
  return {
    x0,
    x1: x0 + (across ? bed.wideIn : bed.lengthIn),
    yCenter: bed.yIn ?? usual.yCenter,
    widthIn: across ? bed.lengthIn : bed.wideIn,
    floorIn: bed.floorIn ?? usual.floorIn,
    depthIn: bed.deepIn,
    runs: across ? 'across' : 'along',
    ...(slides ? { slides } : {}),
  };
}

/** The bed's own box, hose and all. */
export const boxOfBed = ({ x0, x1, yCenter, widthIn, floorIn, depthIn }: BedPlace): Box =>
  boxOf(x0, x1, yCenter - widthIn / 2, yCenter + widthIn / 2, floorIn, floorIn + depthIn);

/** Each own bed as it is built: floor and walls of sheet, and slides where it has them. */
export const ownBedComponents = settling('hose', [bedsOfBuild, beds, bodyPlace], (all, places): Component[] =>
  all.flatMap(({ id, name, own }) => {
    const place = places.find((of) => of.id === id);
    if (!own || !place) return [];
    const box = boxOfBed(place);
    const slides = place.slides !== undefined;
    const lid = (box.x1 - box.x0) * (box.y1 - box.y0);
    return [
      component({
        id: `hose.bed-${id}`,
        name,
        group: 'Hose',
        step: 'hose',
        weightLb: (surfaceOf(box) - lid) * SHEET_LB_PER_IN2 + (slides ? SLIDES_LB : 0),
        basis: 'estimated',
        priceCents: PRICE_CENTS.bed + (slides ? PRICE_CENTS.slides : 0),
        xIn: (box.x0 + box.x1) / 2,
        yIn: (box.y0 + box.y1) / 2,
        zIn: (box.z0 + box.z1) / 2,
        made: madeOf('own-bed'),
        shapes: [{ kind: 'bed', box }],
      }),
    ];
  }),
);

const ownBeds = (build: Build): OwnBed[] => build.hose.beds ?? [];

/** Own beds as given; none, and nothing is said of them. */
function withOwnBeds(build: Build, all: OwnBed[]): Build {
  const { beds: _old, ...rest } = build.hose;
  return { ...build, hose: all.length > 0 ? { ...rest, beds: all } : rest };
}

/** One more bed of a kind, as large as such beds usually are. */
export const withOwnBed = (build: Build, at: OwnBedKind, id: string): Build =>
  withOwnBeds(build, [...ownBeds(build), { id, at, ...OWN_BED_SIZES[at] }]);

/** A bed otherwise, or gone. */
export const withOwnBedSaid = (build: Build, id: string, said: Partial<Omit<OwnBed, 'id'>> | null): Build =>
  withOwnBeds(build, changedLine(ownBeds(build), id, said));

/** The id of the bed that comes next. */
function nextId(build: Build): string {
  const taken = new Set(ownBeds(build).map(({ id }) => id));
  let nth = taken.size + 1;
  while (taken.has(`bed-${nth}`)) nth++;
  return `bed-${nth}`;
}

/** Whether a bed of a kind that can slide out does. */
function sliding(build: Build, bed: OwnBed, i: number): Choice[] {
  if (!SLIDES[bed.at]) return [];
  const withSlides = (on: boolean) => withOwnBedSaid(build, bed.id, { slides: on ? 'yes' : undefined });
  return [
    {
      kind: 'pick',
      id: `own-${bed.id}-slides`,
      title: `Further bed ${i + 1} is`,
      compact: true,
      options: [
        { id: 'fixed', label: 'fixed', on: false },
        { id: 'slides', label: 'a tray that slides out', on: true },
      ].map(({ on, ...option }) => {
        const chosen = on === (bed.slides !== undefined);
        return { ...option, chosen, build: chosen ? build : withSlides(on) };
      }),
    },
  ];
}

/** What can be chosen of own beds: each with its place and size, and one more. */
export function ownBedChoices(build: Build, placeOf: (id: string) => BedPlace | undefined): Choice[] {
  const all = ownBeds(build);
  const { fields } = hoseBlock.fields.beds;
  const pick = (bed: OwnBed | null, id: string, title: string): Choice => ({
    kind: 'pick',
    id: `own-${id}`,
    title,
    compact: true,
    options: [
      { id: NONE, label: 'None', chosen: bed === null, build: bed ? withOwnBedSaid(build, id, null) : build },
      ...OWN_BEDS.map((at) => ({
        id: at,
        label: OWN_BED_NAMES[at],
        chosen: bed?.at === at,
        build:
          bed?.at === at
            ? build
            : bed
              ? withOwnBeds(
                  build,
                  all.map((of) => (of.id === id ? { id, at, ...OWN_BED_SIZES[at] } : of)),
                )
              : withOwnBed(build, at, id),
      })),
    ],
  });
  const amount = (
    bed: OwnBed,
    key: 'lengthIn' | 'wideIn' | 'deepIn' | 'xIn' | 'yIn' | 'floorIn',
    value: number,
  ): Choice => ({
    ...amountChoice(`own-${bed.id}-${key}`, fields[key], Math.round(value * 2) / 2, (to) =>
      to === Math.round(value * 2) / 2 ? build : withOwnBedSaid(build, bed.id, { [key]: to }),
    ),
    ...(key === 'xIn' || key === 'yIn' || key === 'floorIn' ? { fine: true as const } : {}),
  });
  const next = nextId(build);
  return [
    ...all.flatMap((bed, i): Choice[] => {
      const place = placeOf(bed.id);
      return [
        pick(bed, bed.id, `Further bed ${i + 1}`),
        amount(bed, 'lengthIn', bed.lengthIn),
        amount(bed, 'wideIn', bed.wideIn),
        amount(bed, 'deepIn', bed.deepIn),
        ...sliding(build, bed, i),
        ...(place
          ? [
              amount(bed, 'xIn', place.x0),
              amount(bed, 'yIn', place.yCenter),
              amount(bed, 'floorIn', place.floorIn),
            ]
          : []),
      ];
    }),
    ...(all.length < hoseBlock.fields.beds.most
      ? [pick(null, next, all.length === 0 ? 'A further bed' : 'One more bed')]
      : []),
  ];
}
