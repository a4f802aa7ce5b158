import { boxOf, component, madeOf, provide, reading, takenFromPumpHouse } from '../../kernel/index.js';
import type { AlongFrame, Component } from '../../kernel/index.js';
import { alongFrame, bodyPlace, pumpHouse } from '../../truck/index.js';
import { chosenPump } from './block.js';

/** Underside of the pump house above the ground, in. */
const HOUSE_BOTTOM_IN = 24;
/** The house's panels stand that far inside the body's sides, in. */
const PANEL_INSIDE_IN = 1;
/** Half the width of a skid pump; free behind the cab, or behind it at the back of the bed, in. */
const SKID_HALF_IN = 22;
const SKID_BEHIND_CAB_IN = 2;
const SKID_SHORT_OF_END_IN = 4;

/** A housed pump stands in the row behind the cab. */
export const pumpAlong = reading('pump', [chosenPump], (pump): AlongFrame | null =>
  pump && pump.panel !== 'skid' ? { owner: 'pump', order: 1, aheadIn: 0, lengthIn: pump.lengthIn } : null,
);

export const housePlace = provide(pumpHouse, [chosenPump, alongFrame], (pump, along) => {
  const at = along['pump'];
  return pump && at ? { ...at, z0: HOUSE_BOTTOM_IN, z1: HOUSE_BOTTOM_IN + pump.heightIn } : null;
});

/**
 * Where a skid pump stands: at the back of the bed, or behind the cab where the chassis drives it; null where
 * there is none.
 */
export const skid = reading('pump', [chosenPump, bodyPlace], (pump, body) => {
  if (pump?.panel !== 'skid') return null;
  const behindCab = pump.drive === 'pto';
  const x0 = behindCab
    ? body.frontIn + SKID_BEHIND_CAB_IN
    : body.endIn - pump.lengthIn - SKID_SHORT_OF_END_IN;
  return { behindCab, x0, x1: x0 + pump.lengthIn, heightIn: pump.heightIn };
});

/** The pump module with its house and panel. */
export const pumpComponents = reading(
  'pump',
  [chosenPump, pumpHouse, skid, bodyPlace, takenFromPumpHouse],
  (pump, house, at, body, openings): Component[] => {
    if (!pump) return [];
    const half = body.widthIn / 2 - PANEL_INSIDE_IN;
    const box = at
      ? boxOf(at.x0, at.x1, -SKID_HALF_IN, SKID_HALF_IN, body.deckIn, body.deckIn + pump.heightIn)
      : boxOf(house!.x0, house!.x1, -half, half, house!.z0, house!.z1);
    const slots = openings.map(({ x0, x1, z0, z1 }) => ({ x0, x1, z0, z1 }));
    return [
      component({
        id: 'pump',
        name: pump.name,
        group: 'Pump',
        step: 'pump',
        weightLb: pump.weightLb,
        priceCents: pump.priceCents,
        basis: pump.basis,
        made: madeOf(pump.id),
        xIn: (box.x0 + box.x1) / 2,
        yIn: 0,
        zIn: at ? body.deckIn + pump.centerZIn : pump.centerZIn,
        shapes: [
          pump.panel === 'skid'
            ? { kind: 'skidPump', box }
            : { kind: 'pumpHouse', box, panel: pump.panel, slots },
        ],
      }),
    ];
  },
);
