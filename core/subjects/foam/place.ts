import { boxOfTank, component, madeOf, reading } from '../../kernel/index.js';
import type { Component, Taking, TankBox } from '../../kernel/index.js';
import { bodyPlace, pumpHouse, tankBoxes } from '../../truck/index.js';
import { gal, IN3_PER_GAL } from '../../units/index.js';
import { chosenChassis } from '../chassis/index.js';
import { centerOfBoxes, foamBoxes, USABLE_FRACTION } from '../tank/index.js';
import { FIRST_CELL } from './block.js';
import { foamCells } from './cells.js';
import type { FoamCell } from './cells.js';

/**
 * In the pump house: ahead of its back, above the frame; without one ahead of the body's end, above the
 * deck, in.
 */
const IN_HOUSE_IN = { aheadOfBack: 10, overFrame: 10 };
const ON_DECK_IN = { aheadOfEnd: 12, up: 14 };
/** Without a water tank the concentrate stands that far above the frame, in. */
const OVER_FRAME_IN = 14;
/** A tank of its own: as wide and high, behind the water tank, and what it weighs empty for a gallon; in, lb. */
const OWN_TANK = { widthIn: 22, heightIn: 24, behindIn: 2, lbPerGal: 1.6, centsPerGal: 2_400 };
/** A foam pump reaches so far below its middle, in. */
const FOAM_PUMP_HALF_IN = 5;
/** Concentrate is known to the gallon: ± percent. */
const FOAM_TOLERANCE_PCT = 2;
/** Pump, hoses and strainer that draw concentrate in from the ground; lb, cents. */
const REFILL_PUMP = { weightLb: 28, priceCents: 185_000 };

/** Tanks of their own that concentrate has, one behind the other behind the water. */
const ownTanks = reading('foam', [foamCells, tankBoxes, bodyPlace], (cells, boxes, body) => {
  const { widthIn, heightIn, behindIn } = OWN_TANK;
  const bottomIn = Math.max(body.deckIn + behindIn, ...boxes.slice(0, 1).map(({ bottomIn: of }) => of));
  let front = Math.max(body.frontIn, ...boxes.map(({ frontIn, lengthIn }) => frontIn + lengthIn)) + behindIn;
  const tanks = new Map<string, TankBox>();
  for (const { id, cell, gallons } of cells) {
    if (cell !== 'own' || gallons === 0) continue;
    const lengthIn = (gallons * IN3_PER_GAL) / USABLE_FRACTION / (widthIn * heightIn);
    tanks.set(id, { frontIn: front, centerIn: 0, bottomIn, lengthIn, widthIn, heightIn, lateralCells: 1 });
    front += lengthIn + behindIn;
  }
  return tanks;
});

/** What tanks of their own take from the compartments. */
export const takenByFoam = reading('foam', [ownTanks], (tanks): Taking[] =>
  tanks.size ? [{ from: 'compartments', boxes: [...tanks.values()].map(boxOfTank) }] : [],
);

/** The first cell keeps the names that it had when there was one alone. */
const named = (id: string, part: 'foam' | 'foam-tank' | 'foam-system'): string =>
  id === FIRST_CELL ? part : `foam.${id}${part.replace(/^foam-?/, '.').replace(/\.$/, '')}`;

export const foamComponents = reading(
  'foam',
  [foamCells, pumpHouse, bodyPlace, foamBoxes, ownTanks, chosenChassis],
  (cells, house, body, inTank, own, { chassis }): Component[] => {
    const xIn = house ? house.x1 - IN_HOUSE_IN.aheadOfBack : body.endIn - ON_DECK_IN.aheadOfEnd;
    const foamPumpIn = house ? body.frameIn + IN_HOUSE_IN.overFrame : body.deckIn + ON_DECK_IN.up;
    const about = { group: 'Foam', step: 'foam', yIn: 0 } as const;
    const refills = (cell: FoamCell) => cell.refill !== 'top' && !cell.sharesPickup;
    return cells.flatMap((cell) => {
      const { id, system, gallons, concentrate } = cell;
      const tank = own.get(id);
      const boxes = tank ? [tank] : (inTank.find((of) => of.id === id)?.boxes ?? []);
      const stands = boxes.length ? centerOfBoxes(boxes) : null;
      return [
        ...(tank
          ? [
              component({
                id: named(id, 'foam-tank'),
                name: `Foam tank, ${gal(gallons)}, empty`,
                ...about,
                ...centerOfBoxes([tank]),
                weightLb: gallons * OWN_TANK.lbPerGal,
                basis: 'calculated' as const,
                priceCents: Math.round(gallons * OWN_TANK.centsPerGal),
                made: madeOf('foam-tank', 1, gallons),
                shapes: [{ kind: 'tank' as const, box: boxOfTank(tank), boxes: [tank] }],
              }),
            ]
          : []),
        ...(cell.throughId === id
          ? [
              component({
                id: named(id, 'foam-system'),
                name: system.name,
                ...about,
                xIn,
                zIn: foamPumpIn,
                weightLb: system.weightLb,
                priceCents: system.priceCents,
                basis: system.basis,
                made: madeOf(system.id),
                harmedAt: [{ what: 'foam pump', xIn, yIn: 0, zIn: foamPumpIn - FOAM_PUMP_HALF_IN }],
                needs: 'pump',
              }),
            ]
          : []),
        ...(refills(cell)
          ? [
              component({
                id: `foam.${id}.refill`,
                name: 'Refill pump for concentrate',
                ...about,
                xIn,
                zIn: foamPumpIn,
                ...REFILL_PUMP,
                made: madeOf('foam-refill'),
                needs: 'pump',
              }),
            ]
          : []),
        component({
          id: named(id, 'foam'),
          name: `Class ${concentrate.foamClass} concentrate, ${gal(gallons)}`,
          ...about,
          role: 'foam',
          made: madeOf(cell.chosen ? concentrate.id : system.id, 1, gallons),
          source: 'concentrate',
          xIn: stands?.xIn ?? xIn,
          zIn: stands?.zIn ?? chassis.frame.topIn + OVER_FRAME_IN,
          weightLb: gallons * cell.lbPerGal,
          basis: 'calculated',
          tolerancePct: FOAM_TOLERANCE_PCT,
          ...(cell.chosen ? { priceCents: Math.round(gallons * concentrate.centsPerGal) } : {}),
        }),
      ];
    });
  },
);
