import { fromBuild, provide, reading, settling } from '../../kernel/index.js';
import type { AlongBlock, TankBox } from '../../kernel/index.js';
import {
  alongFrame,
  beds,
  bodyPlace,
  bumperFront,
  cabPlace,
  pumpHouse,
  RANK,
  tankBoxes,
  turntable,
} from '../../truck/index.js';
import type { BedPlace, BodyPlace } from '../../truck/index.js';
import { hoseWells } from '../bumper/index.js';
import { chosenChassis } from '../chassis/index.js';
import { skid } from '../pump/index.js';
import { dividersIn } from './beds.js';
import { bedsOfBuild } from './beds-of-build.js';
import { placeOfOwn } from './own-beds.js';
import type { Bed } from './beds.js';

/** Walls and floors of beds, in. */
const WALL_IN = 2;
/**
 * In a pump house: what its ends take, free between two crosslays, how wide and deep each is, and free at the
 * sides together; in a module of their own over the frame; in.
 */
const CROSSLAY_IN = { ends: 4, between: 2, wide: 8, deep: 14, sides: 6, overFrame: 6 };
/** Top of the crosslays on a truck without a pump house, over the frame, in. */
const WITHOUT_HOUSE_OVER_FRAME_IN = 50;
/** The well in the bumper: behind its face, ahead of the grille, its floor under the frame's top, as deep, in. */
const WELL_IN = { behindFace: 3, aheadOfGrille: 1, underFrame: 20, deep: 14 };
/**
 * The main beds: as deep; without a tank their floor over the frame; beside a ladder as wide, from the
 * middle, as deep and over the body; before a turntable that stands aft, in.
 */
const MAIN_IN = {
  deep: 24,
  overFrame: 22,
  besideLadder: { wide: 24, y: 34, deep: 18, up: 1 },
  clearOfTurntable: 7,
  divider: 1,
};
/**
 * Trays over the tank of a brush truck: least height over the deck, as long, from the middle, as wide and
 * deep; without a tank behind the body's front, in.
 */
const TRAY_IN = { overDeck: 24, long: 40, y: 13, wide: 22, deep: 10, behindFront: 6 };
/** A reel at the back: from its end, as wide and deep, and inside the body's side, in. */
const REEL_IN = { from: 30, to: 6, wide: 30, deep: 24, inside: 1 };
/** Top of the tank under the rear of the hose bed, and where that part begins, in. */
function bedFloor(body: BodyPlace, boxes: readonly TankBox[]): { floorIn: number; x0: number } {
  if (boxes.length === 0) return { floorIn: body.deckIn + MAIN_IN.overFrame, x0: body.frontIn + WALL_IN };
  const longest = Math.max(...boxes.map((b) => b.lengthIn));
  const under = boxes.filter((b) => b.lengthIn === longest);
  const above = boxes.filter((b) => b.lengthIn < longest);
  return {
    floorIn: Math.max(...under.map((b) => b.bottomIn + b.heightIn)) + WALL_IN,
    x0: Math.max(body.frontIn, ...above.map((b) => b.frontIn + b.lengthIn)) + WALL_IN,
  };
}

const dividers = settling('hose', [fromBuild(({ hose }) => hose)], (hose) => dividersIn({ hose }));

/** What is said of the main bed's walls. */
const bedFigures = settling('hose', [fromBuild(({ hose }) => hose)], ({ wallsIn, bedWidthIn }) => ({
  wallsIn,
  bedWidthIn,
}));

/** A module of crosslays stands in the row, ahead of the pump or behind it. */
export const hoseAlong = reading(
  'hose',
  [fromBuild(({ hose }) => hose.crosslaysAt), bedsOfBuild],
  (at, all): AlongBlock[] => {
    const count = all.filter(({ kind }) => kind === 'crosslay').length;
    if (count === 0 || at === undefined || at === 'over') return [];
    return [
      {
        id: 'preconnects',
        title: 'Preconnects',
        rank: at === 'ahead' ? RANK.preconnectsAhead : RANK.preconnectsBehind,
        aheadIn: 0,
        lengthIn: count * (CROSSLAY_IN.wide + CROSSLAY_IN.between) - CROSSLAY_IN.between + CROSSLAY_IN.ends,
        moves: true,
      },
    ];
  },
);

/** Every bed of the build with its place and inside size. */
export const bedsPlace = provide(
  beds,
  [
    bedsOfBuild,
    dividers,
    alongFrame,
    bodyPlace,
    cabPlace,
    bumperFront,
    hoseWells,
    chosenChassis,
    pumpHouse,
    skid,
    tankBoxes,
    turntable,
    bedFigures,
  ],
  (
    all: Bed[],
    walls,
    along,
    body,
    cab,
    bumper,
    inBumper,
    { chassis },
    house,
    skidAt,
    boxes,
    device,
    figures,
  ): BedPlace[] => {
    const crosslays = all.filter(({ kind }) => kind === 'crosslay').length;
    const { floorIn, x0 } = bedFloor(body, boxes);
    const topOf = (box: TankBox) => box.bottomIn + box.heightIn;
    const placed: Record<Bed['kind'], (of: Bed) => Omit<BedPlace, 'id' | 'name' | 'kind'>> = {
      well: ({ nth }) => ({
        x0: bumper + WELL_IN.behindFace,
        x1: -chassis.frontOverhangIn - WELL_IN.aheadOfGrille,
        yCenter: inBumper[nth]?.yIn ?? 0,
        widthIn: inBumper[nth]?.widthIn ?? 0,
        floorIn: body.frameIn - WELL_IN.underFrame,
        depthIn: WELL_IN.deep,
        runs: 'across',
      }),
      crosslay: ({ nth }) => {
        const module = along['preconnects'];
        if (module) {
          const start = module.x0 + CROSSLAY_IN.ends / 2 + nth * (CROSSLAY_IN.wide + CROSSLAY_IN.between);
          return {
            x0: start,
            x1: start + CROSSLAY_IN.wide,
            yCenter: 0,
            widthIn: body.widthIn - CROSSLAY_IN.sides,
            floorIn: chassis.frame.topIn + CROSSLAY_IN.overFrame,
            depthIn: CROSSLAY_IN.deep,
            runs: 'across',
          };
        }
        const {
          x0: from,
          x1: to,
          z1,
        } = house ?? {
          x0: cab.backIn,
          x1: body.frontIn,
          z1: body.frameIn + WITHOUT_HOUSE_OVER_FRAME_IN,
        };
        const span = (to - from - CROSSLAY_IN.ends) / crosslays;
        const start = from + CROSSLAY_IN.ends / 2 + span * nth;
        return {
          x0: start,
          x1: start + Math.min(span - CROSSLAY_IN.between, CROSSLAY_IN.wide),
          yCenter: 0,
          widthIn: body.widthIn - CROSSLAY_IN.sides,
          floorIn: z1 - CROSSLAY_IN.deep,
          depthIn: CROSSLAY_IN.deep,
          runs: 'across',
        };
      },
      main: ({ side, nth }) => {
        const end = body.endIn - WALL_IN;
        if (device) {
          const { wide, y, deep, up } = MAIN_IN.besideLadder;
          const clear = device.radiusIn + MAIN_IN.clearOfTurntable;
          const forward = device.facing === 'forward';
          return {
            x0: forward ? x0 : Math.max(x0, device.xIn + clear),
            x1: forward ? Math.min(body.endIn, device.xIn - clear) : end,
            yCenter: side * y,
            widthIn: wide,
            floorIn: body.topIn + up,
            depthIn: figures.wallsIn ?? deep,
            runs: 'along',
          };
        }
        // Between the walls of the bed and its dividers.
        const half = (figures.bedWidthIn ?? body.widthIn - 2 * body.compartmentDepthIn) / 2;
        const at = walls.map(({ yIn }) => Math.min(half, Math.max(-half, yIn)));
        const left = nth === 0 ? -half + MAIN_IN.divider : at[nth - 1]! + MAIN_IN.divider;
        const right = nth === at.length ? half - MAIN_IN.divider : at[nth]! - MAIN_IN.divider;
        return {
          x0,
          x1: end,
          yCenter: (left + right) / 2,
          widthIn: Math.max(0.1, right - left),
          floorIn,
          depthIn: figures.wallsIn ?? MAIN_IN.deep,
          runs: 'along',
        };
      },
      tray: ({ side }) => {
        const front = boxes[0]?.frontIn ?? body.frontIn + TRAY_IN.behindFront;
        return {
          x0: front,
          x1: front + TRAY_IN.long,
          yCenter: side * TRAY_IN.y,
          widthIn: TRAY_IN.wide,
          floorIn: Math.max(body.deckIn + TRAY_IN.overDeck, ...boxes.map(topOf)) + WALL_IN,
          depthIn: TRAY_IN.deep,
          runs: 'along',
        };
      },
      own: ({ own }) => placeOfOwn(own!, body, house),
      reel: ({ reelAt, drumIn }) => {
        const over = skidAt && !skidAt.behindCab ? skidAt.heightIn : 0;
        const aside = body.widthIn / 2 - REEL_IN.inside - REEL_IN.wide / 2;
        const atBack = { x0: body.endIn - REEL_IN.from, x1: body.endIn - REEL_IN.to };
        const top = house ?? { x0: body.frontIn, x1: body.frontIn + 2 * REEL_IN.to, z1: body.topIn };
        const middle = (top.x0 + top.x1) / 2;
        const half = (REEL_IN.from - REEL_IN.to) / 2;
        const place = {
          // Over a skid pump where one stands at the rear of the bed, otherwise on the deck.
          rear: { ...atBack, yCenter: 0, floorIn: body.deckIn + over },
          rearLeft: { ...atBack, yCenter: -aside, floorIn: body.deckIn },
          rearRight: { ...atBack, yCenter: aside, floorIn: body.deckIn },
          front: { x0: middle - half, x1: middle + half, yCenter: 0, floorIn: top.z1 },
        }[reelAt ?? 'rear'];
        return {
          ...place,
          widthIn: REEL_IN.wide,
          depthIn: REEL_IN.deep,
          runs: 'across',
          ...(drumIn === undefined ? {} : { drumIn }),
        };
      },
    };
    return all.map((of): BedPlace => ({ id: of.id, name: of.name, kind: of.kind, ...placed[of.kind](of) }));
  },
);
