import { boxAt, component, fromBuild, madeOf, reading } from '../../kernel/index.js';
import type { Box, Component, Taking } from '../../kernel/index.js';
import { beds, bodyPlace } from '../../truck/index.js';
import { ladderShelf, mountShelf } from './block.js';

/** The ladders that are carried, and how they ride. */
export const chosenLadders = reading(
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

/** What they take from the compartments. */
export const laddersTake = reading('ladders', [chosenLadders], ({ mount, ladders }): Taking[] => {
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

/** The ladders in their places, and what carries them. */
export const ladderComponents = reading(
  'ladders',
  [chosenLadders, bodyPlace, beds],
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
