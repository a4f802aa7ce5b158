import { boxOf, component, fromBuild, madeOf, reading } from '../../kernel/index.js';
import type { AlongBlock, Component } from '../../kernel/index.js';
import { alongFrame, bodyPlace, RANK } from '../../truck/index.js';
import { pumpShelf } from '../pump/index.js';

/** Free beside a second pump in the row, in; and half its width. */
const FREE_IN = 2;
const HALF_IN = 22;

/** The second pump that is chosen; null where there is none. */
export const secondPump = reading(
  'pumping',
  [fromBuild(({ pumping }) => pumping.secondId), pumpShelf.stock],
  (partId, stock) => (partId === undefined ? null : stock.part(partId)),
);

/** It stands on the frame in the row, between the pump house and the body. */
export const secondAlong = reading('pumping', [secondPump], (pump): AlongBlock[] =>
  pump
    ? [
        {
          id: 'secondPump',
          title: 'Second pump',
          rank: RANK.secondPump,
          aheadIn: 0,
          lengthIn: pump.lengthIn + FREE_IN,
          moves: true,
        },
      ]
    : [],
);

export const secondComponents = reading(
  'pumping',
  [secondPump, alongFrame, bodyPlace],
  (pump, along, body): Component[] => {
    const at = along['secondPump'];
    if (!pump || !at) return [];
    const x0 = at.x0 + FREE_IN / 2;
    return [
      component({
        id: 'pumping.second',
        name: `Second pump: ${pump.name}`,
        group: 'Pump',
        step: 'pump',
        weightLb: pump.weightLb,
        priceCents: pump.priceCents,
        basis: pump.basis,
        made: madeOf(pump.id),
        xIn: x0 + pump.lengthIn / 2,
        yIn: 0,
        zIn: body.frameIn + pump.centerZIn,
        shapes: [
          {
            kind: 'skidPump',
            box: boxOf(x0, x0 + pump.lengthIn, -HALF_IN, HALF_IN, body.frameIn, body.frameIn + pump.heightIn),
          },
        ],
        needs: 'pump',
      }),
    ];
  },
);
