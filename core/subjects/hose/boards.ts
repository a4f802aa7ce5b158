import { boxOf, component, fromBuild, hasChoice, madeOf, settling } from '../../kernel/index.js';
import type { Component, ToggleChoice } from '../../kernel/index.js';
import { withBlock } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import { bodyPlace, pumpHouse } from '../../truck/index.js';
import { pumpIn } from '../pump/index.js';

/** Steps under the sides of a pump house: as deep and thick, for an inch along them, in and lb. */
const BOARD = { deepIn: 9, thickIn: 2, lbPerIn: 1.1, priceCents: 118_000 };

/** The steps under the sides of the pump house: their ends along the truck, and their tops; none where nobody asks. */
export const boards = settling('hose', [fromBuild(({ hose }) => hose.boards), pumpHouse], (asked, house) =>
  asked && house?.at === 'row' ? { x0: house.x0, x1: house.x1, topIn: house.z0 } : null,
);

export const boardComponents = settling('hose', [boards, bodyPlace], (at, { widthIn }): Component[] =>
  at === null
    ? []
    : [
        component({
          id: 'hose.boards',
          name: 'Steps at the pump house',
          group: 'Hose',
          step: 'hose',
          weightLb: 2 * BOARD.lbPerIn * (at.x1 - at.x0),
          basis: 'estimated',
          priceCents: BOARD.priceCents,
          xIn: (at.x0 + at.x1) / 2,
          yIn: 0,
          zIn: at.topIn - BOARD.thickIn / 2,
          made: madeOf('boards', 2, at.x1 - at.x0),
          shapes: [-1, 1].map((side) => {
            const [outer, inner] = [(side * widthIn) / 2, side * (widthIn / 2 - BOARD.deepIn)];
            return {
              kind: 'tailboard' as const,
              box: boxOf(
                at.x0,
                at.x1,
                Math.min(outer, inner),
                Math.max(outer, inner),
                at.topIn - BOARD.thickIn,
                at.topIn,
              ),
            };
          }),
        }),
      ],
);

/** Steps at the pump house, or none; nothing is said of none. */
export const withBoards = (build: Build, on: boolean): Build =>
  withBlock(build, 'hose', { boards: on ? 'yes' : undefined });

export const boardsChoice = (build: Build): ToggleChoice[] =>
  (pumpIn(build)?.crosslays ?? 0) === 0
    ? []
    : [
        hasChoice(
          'boards',
          'Steps at the pump house',
          { id: 'boards', label: 'A step on each side' },
          build.hose.boards !== undefined,
          (on) => withBoards(build, on),
        ),
      ];
