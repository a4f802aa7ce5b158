import { block, field, listIn, objectIn } from '../../build/index.js';
import type { BlockOf, Build } from '../../build/index.js';
import {
  atLeast,
  atOnce,
  boxAt,
  check,
  component,
  madeOf,
  fits,
  fromBuild,
  limitKind,
  linesOfParts,
  partFigure,
  partOptions,
  reading,
  Shelf,
  toggledLine,
  way,
} from '../../kernel/index.js';
import type { Box, ChangeKind, Changes, Choice, Component, Subject, Taking } from '../../kernel/index.js';
import { beds, bodyPlace, CAB_GAP_IN, cabPlace } from '../../truck/index.js';
import { counted, feet, inches, listed, one, within } from '../../units/index.js';
import { LADDER_MOUNTS, LADDERS } from './parts.js';
import type { Ladder, LadderMount } from './parts.js';

const { plain, price, weight } = partFigure;

export const ladderShelf = new Shelf<Ladder>({
  kind: 'ladder',
  title: 'Ladders',
  shipped: LADDERS,
  figures: [
    weight<Ladder>(500),
    plain<Ladder>('lengthFt', 'Length', 'ft', 4, 60),
    plain<Ladder>('beddedIn', 'Bedded length', 'in', 30, 400),
    plain<Ladder>('nestedHeightIn', 'Nested height', 'in', 2, 40),
    plain<Ladder>('nestedWidthIn', 'Nested width', 'in', 2, 40),
    price<Ladder>(),
  ],
});
export const mountShelf = new Shelf<LadderMount>({
  kind: 'ladderMount',
  title: 'Ways for ladders to ride',
  shipped: LADDER_MOUNTS,
});

export const laddersBlock = block({
  id: 'ladders',
  title: 'Ladders',
  version: 1,
  fields: {
    mountId: field.part('How ladders ride', 'ladderMount'),
    lines: field.lines(
      'Ladders',
      'Ladder',
      12,
      { partId: field.part('Ladder', 'ladder') },
      ({ partId }, _, names) => ({ title: 'Ladder carried', words: names.part('ladder', partId) }),
    ),
  },
  empty: { mountId: 'flat', lines: [] },
  fromVersion2: (file) => {
    const { partIds: _lines, ...rest } = objectIn(file, 'ladders');
    return { ...rest, lines: linesOfParts('l', listIn(objectIn(file, 'ladders'), 'partIds')) } as never;
  },
});

declare module '../../build/build.js' {
  interface Blocks {
    ladders: BlockOf<typeof laddersBlock>;
  }
}

const limits = {
  groundLadderFt: limitKind('Ground ladders in all', 'ft', 'least', 0, 500),
  roofLadderFt: limitKind('Roof ladder', 'ft', 'least', 0, 40),
  extensionLadderFt: limitKind('Extension ladder', 'ft', 'least', 0, 60),
  atticLadderFt: limitKind('Attic ladder', 'ft', 'least', 0, 20),
};

/** Another way for the ladders to ride. */
export const withMount = (build: Build, mountId: string): Build => ({
  ...build,
  ladders: { ...build.ladders, mountId },
});

/** A ladder carried or not. */
export const withLadder = (build: Build, partId: string, on: boolean): Build => ({
  ...build,
  ladders: { ...build.ladders, lines: toggledLine(build.ladders.lines, partId, on) },
});

const withoutLine = (build: Build, id: string): Build => ({
  ...build,
  ladders: { ...build.ladders, lines: build.ladders.lines.filter((line) => line.id !== id) },
});

const chosen = reading(
  'ladders',
  [fromBuild(({ ladders }) => ladders), mountShelf.stock, ladderShelf.stock],
  ({ mountId, lines }, mounts, stock) => ({
    mount: mounts.part(mountId),
    ladders: lines.map(({ id, partId }) => ({ id, ladder: stock.part(partId) })),
  }),
);

/** Top of the officer's side compartments below ladders that ride on that side, in. */
const UNDER_LADDERS_IN = 66;
/** Slice that a ladder tunnel takes from the officer's side, in. */
const TUNNEL_IN = 11;

const takes = reading('ladders', [chosen], ({ mount, ladders }): Taking[] => {
  if (ladders.length === 0 || mount.ride === 'top') return [];
  return mount.ride === 'tunnel'
    ? [{ from: 'compartments', side: 'right', depthIn: TUNNEL_IN }]
    : [{ from: 'compartments', side: 'right', aboveIn: UNDER_LADDERS_IN }];
});

/** Free behind a ladder's foot, between two ladders, and between the outermost and the body's side, in. */
const FOOT_IN = 2;
const BETWEEN_IN = 1;
const INSIDE_SIDE_IN = 1;
/**
 * Heights at which ladders ride, and how far a tunnel lies inside the compartments' inner wall; over a
 * flatbed's top; over the hose, in.
 */
const RACK_Z_IN = 82;
const FLAT_Z_IN = 80;
const OVER_FLATBED_IN = 12;
const OVER_HOSE_IN = 2;
const TUNNEL_PLACE_IN = { inside: 5, bottom: 36, rise: 4 };
/** What carries them: arms of a rack, brackets, a tunnel's lining, a cradle on top; in. */
const MOUNT_IN = {
  rack: { z: 94, most: 120, short: 8, thick: 5, out: 1 },
  flat: { z: 80, long: 90, thick: 3 },
  tunnel: { z: 52, wide: 10, high: 34 },
  top: { up: 1, long: 100, wide: 30, high: 2 },
};

const components = reading(
  'ladders',
  [chosen, bodyPlace, beds],
  ({ mount, ladders: all }, body, hoseBeds): Component[] => {
    if (all.length === 0) return [];
    const half = body.widthIn / 2;
    const middle = (body.frontIn + body.endIn) / 2;
    const overHose = Math.max(body.topIn, ...hoseBeds.map((bed) => bed.floorIn + bed.depthIn));
    const onTop = mount.ride === 'top';
    const tunnelY = half - body.compartmentDepthIn + TUNNEL_PLACE_IN.inside;
    const about = { group: 'Ladders', step: 'ladders' } as const;
    let taken = 0;
    const ladders = all.map(({ id, ladder }, i) => {
      const thickness = onTop ? ladder.nestedWidthIn : Math.min(ladder.nestedHeightIn, ladder.nestedWidthIn);
      const tall = Math.max(ladder.nestedHeightIn, ladder.nestedWidthIn);
      const offset = taken + thickness / 2;
      taken += thickness + BETWEEN_IN;
      const x = body.endIn - FOOT_IN - ladder.beddedIn / 2;
      const beside = half - INSIDE_SIDE_IN - offset;
      const { y, z } = {
        rack: { y: beside, z: RACK_Z_IN },
        flat: { y: beside, z: body.flatbed ? body.topIn + OVER_FLATBED_IN : FLAT_Z_IN },
        tunnel: { y: tunnelY, z: TUNNEL_PLACE_IN.bottom + tall / 2 + i * TUNNEL_PLACE_IN.rise },
        top: { y: 0, z: overHose + OVER_HOSE_IN + offset },
      }[mount.ride];
      const box = onTop
        ? boxAt(x, y, z, ladder.beddedIn, tall, thickness)
        : boxAt(x, y, z, ladder.beddedIn, thickness, tall);
      return component({
        id: `ladders.${id}`,
        name: `${ladder.name} ladder`,
        ...about,
        role: 'ladder',
        weightLb: ladder.weightLb,
        basis: ladder.basis,
        priceCents: ladder.priceCents,
        xIn: x,
        yIn: y,
        zIn: z,
        made: madeOf(ladder.id),
        shapes: [{ kind: 'ladder', flat: onTop, box }],
      });
    });
    const { rack, flat, tunnel, top } = MOUNT_IN;
    const length = body.endIn - body.frontIn;
    const around: Box = {
      rack: boxAt(
        middle,
        half + rack.out,
        rack.z,
        Math.min(rack.most, length - rack.short),
        rack.thick,
        rack.thick,
      ),
      flat: boxAt(middle, half, flat.z, flat.long, flat.thick, flat.thick),
      tunnel: boxAt(middle, tunnelY, tunnel.z, length, tunnel.wide, tunnel.high),
      top: boxAt(middle, 0, overHose + top.up, top.long, top.wide, top.high),
    }[mount.ride];
    return [
      component({
        id: 'ladder-mount',
        name: mount.name,
        ...about,
        weightLb: mount.weightLb,
        priceCents: mount.priceCents,
        made: madeOf(mount.id),
        xIn: (around.x0 + around.x1) / 2,
        yIn: (around.y0 + around.y1) / 2,
        zIn: (around.z0 + around.z1) / 2,
        shapes: mount.ride === 'tunnel' ? [] : [{ kind: 'rack', box: around }],
      }),
      ...ladders,
    ];
  },
);

/** Frame and hinges that a ladder needs beyond its bedded length, in (formulas: ladders). */
const LADDER_CLEAR_IN = 4;
const longest = (kind: Ladder['kind']) =>
  reading('ladders', [chosen], ({ ladders }) =>
    Math.max(0, ...ladders.filter(({ ladder }) => ladder.kind === kind).map(({ ladder }) => ladder.lengthFt)),
  );
const least = (id: string, limit: keyof typeof limits, actual: Parameters<typeof atLeast>[5]) =>
  atLeast('ladders', id, limit, limits[limit], ['ladders'], actual);

const checks = [
  check(
    'ladders',
    { id: 'laddersFit', title: 'Ladders fit the body', steps: ['ladders', 'body'] },
    [chosen, bodyPlace, cabPlace],
    ({ mount, ladders }, body, cab) => {
      if (ladders.length === 0) return null;
      const needed = Math.max(...ladders.map(({ ladder }) => ladder.beddedIn)) + LADDER_CLEAR_IN;
      const room = body.rearEndIn - (mount.ride === 'tunnel' ? body.frontIn : cab.backIn + CAB_GAP_IN);
      return fits(
        needed,
        room,
        needed > room
          ? `The longest ladder needs ${inches(needed)}; where it rides there are ${inches(room)}.`
          : `The longest needs ${inches(needed)} of ${inches(room)}.`,
      );
    },
  ),
  least(
    'groundLadders',
    'groundLadderFt',
    reading('ladders', [chosen], ({ ladders }) =>
      ladders.reduce((sum, { ladder }) => sum + ladder.lengthFt, 0),
    ),
  ),
  least('roofLadder', 'roofLadderFt', longest('roof')),
  least('extensionLadder', 'extensionLadderFt', longest('extension')),
  least('atticLadder', 'atticLadderFt', longest('attic')),
];

const LADDER: ChangeKind = { id: 'ladder', title: 'Ladders carried', costs: 'givesUp' };
const MOUNT: ChangeKind = { id: 'ladderMount', title: 'How the ladders ride' };
const carries = (build: Build, id: string) => build.ladders.lines.some(({ partId }) => partId === id);

const changes: Changes[] = [
  {
    kind: LADDER,
    helps: ['groundLadders', 'roofLadder', 'extensionLadder', 'atticLadder'],
    offer: ({ build }) =>
      ladderShelf
        .in(build)
        .suiting(build.type)
        .filter(({ id }) => !carries(build, id))
        .map((ladder) =>
          atOnce(LADDER, `Carry a ${ladder.name} ladder`, (on) => withLadder(on, ladder.id, true), ladder.id),
        ),
  },
  {
    kind: LADDER,
    helps: ['laddersFit'],
    offer: ({ build }) =>
      build.ladders.lines.map(({ id, partId }) =>
        atOnce(
          LADDER,
          `Leave off the ${ladderShelf.in(build).part(partId).name} ladder`,
          (on) => withoutLine(on, id),
          id,
        ),
      ),
  },
  {
    kind: MOUNT,
    helps: ['sides', 'level', 'compartments', 'laddersFit'],
    offer: ({ build }) =>
      build.ladders.lines.length === 0
        ? []
        : mountShelf
            .in(build)
            .suiting(build.type)
            .filter(({ id }) => id !== build.ladders.mountId)
            .map((mount) => atOnce(MOUNT, `Ladders: ${within(mount.name)}`, (on) => withMount(on, mount.id))),
  },
];

const choices = (build: Build): Choice[] => [
  {
    kind: 'pick',
    id: 'mount',
    title: 'How they ride',
    options: partOptions(
      mountShelf.in(build).suiting(build.type),
      ({ id }) => id === build.ladders.mountId,
      ({ id }) => withMount(build, id),
      ({ words }) => words,
    ),
  },
  {
    kind: 'toggle',
    id: 'ladders',
    title: 'Ladders carried',
    options: partOptions(
      ladderShelf.in(build).suiting(build.type),
      ({ id }) => carries(build, id),
      ({ id }) => withLadder(build, id, !carries(build, id)),
    ),
  },
];

/** The ground ladders and how they ride. */
export const ladders: Subject = {
  id: 'ladders',
  title: 'Ladders',
  step: () => true,
  shelves: [ladderShelf, mountShelf],
  limits,
  block: laddersBlock,
  takes,
  components,
  checks,
  changes,
  choices,
  questions: [
    {
      id: 'ladders',
      question: 'Ladders on a rack or in the body?',
      ways: (build) =>
        build.type !== 'pumper' || build.ladders.lines.length === 0
          ? []
          : [
              way(
                'rack',
                'Hydraulic rack',
                'Comes down to the hands; loads one side, high up, and shortens the compartments there.',
                build.ladders.mountId === 'rack',
                withMount(build, 'rack'),
              ),
              way(
                'tunnel',
                'Through the body',
                'Low and near the middle; takes depth from one side.',
                build.ladders.mountId === 'tunnel',
                withMount(build, 'tunnel'),
              ),
            ],
    },
  ],
  sentence: (evaluation) => {
    const { mount, ladders: all } = evaluation.read(chosen);
    if (all.length === 0) return 'No ground ladders shall be carried.';
    const how = mount.ride === 'flat' || mount.ride === 'top' ? '' : 'on the ';
    return `Ground ladders shall be ${listed(all.map(({ ladder }) => one(ladder.name)))}, riding ${how}${within(mount.name)}.`;
  },
  line: (evaluation) => {
    const { ladders: all } = evaluation.read(chosen);
    return all.length === 0
      ? 'none'
      : `${counted(all.length, 'ladder')}, ${feet(all.reduce((sum, { ladder }) => sum + ladder.lengthFt, 0))}`;
  },
  caution: 'Ladders and racks are moved by people near traffic: their makers’ instructions decide.',
};
