import { settling } from '../../kernel/index.js';
import { alongFrame, bodyPlace, bumperFront, pumpHouse, wheelOpening } from '../../truck/index.js';
import { takenFromPumpHouse } from '../../kernel/index.js';
import { skid } from '../pump/index.js';
import type { Place } from './fields.js';

/** Every flat side that connections or controls can stand on. */
export const FACES = ['left', 'right', 'top', 'rear', 'front', 'bodyLeft', 'bodyRight', 'cab'] as const;
export type Face = (typeof FACES)[number];
export const FACE_TITLES: Record<Face, string> = {
  left: 'Driver’s side of the pump',
  right: 'Officer’s side of the pump',
  top: 'Top of the pump',
  rear: 'Rear',
  front: 'Front bumper',
  bodyLeft: 'Driver’s side of the body',
  bodyRight: 'Officer’s side of the body',
  cab: 'In the cab',
};

/** A face in the truck's frame: its left lower corner as one who stands before it sees it, and how large it is; in. */
export interface FaceAt {
  face: Face;
  wideIn: number;
  highIn: number;
  /** From a place on the face to the truck: u to the right of who stands before it, v up. */
  x: { atIn: number; perU: number; perV: number };
  y: { atIn: number; perU: number; perV: number };
  z: { atIn: number; perV: number };
}

/** What a frame of a panel takes at its edges, in. */
const EDGE_IN = 2;
/** A top panel stands over the pump from side to side, as high; in. */
const TOP_PANEL_IN = { wide: 66, high: 30 };
/** In the cab as wide and high, in. */
const CAB_PANEL_IN = { wide: 24, high: 18 };
/** At the driver's corner beside the compartment at the rear: from there inward, over and under the frame's top; in. */
const REAR_IN = { from: -47, wide: 22, over: 34, under: 6 };
/** The face of a bumper: from side to side, under the frame's top; in. */
const FRONT_IN = { half: 40, from: -18, to: -4 };
/** Behind the rear wheels: free at the ends, under and over the frame's top; in. */
const BODY_IN = { free: 3, under: 14, over: 10 };
/** An opening that reaches the side of a pump house ends its panel there, in. */
const AT_SIDE_IN = 6;

const side = (face: Face, x0: number, x1: number, z0: number, z1: number, half: number): FaceAt => {
  const left = face === 'left' || face === 'bodyLeft';
  return {
    face,
    wideIn: x1 - x0,
    highIn: z1 - z0,
    // Who stands at the driver's side has the cab to the left; at the officer's side to the right.
    x: { atIn: left ? x0 : x1, perU: left ? 1 : -1, perV: 0 },
    y: { atIn: left ? -half : half, perU: 0, perV: 0 },
    z: { atIn: z0, perV: 1 },
  };
};

const across = (face: Face, xIn: number, fromIn: number, wideIn: number, z0: number, z1: number): FaceAt => ({
  face,
  wideIn,
  highIn: z1 - z0,
  x: { atIn: xIn, perU: 0, perV: 0 },
  // From behind the driver's side is at the left, from ahead at the right.
  y: face === 'front' ? { atIn: fromIn + wideIn, perU: -1, perV: 0 } : { atIn: fromIn, perU: 1, perV: 0 },
  z: { atIn: z0, perV: 1 },
});

/** The faces of this truck that connections or controls can stand on. */
export const faces = settling(
  'plumbing',
  [pumpHouse, skid, bodyPlace, bumperFront, wheelOpening, takenFromPumpHouse, alongFrame],
  (house, at, body, frontIn, wheels, openings): FaceAt[] => {
    const half = body.widthIn / 2;
    const box = house ?? (at && { ...at, z0: body.deckIn, z1: body.deckIn + at.heightIn });
    const out: FaceAt[] = [];
    if (box) {
      const reaching = openings.filter(
        ({ y0, y1, x0, x1 }) =>
          x0 < box.x1 && x1 > box.x0 && y0 < AT_SIDE_IN - half && y1 > half - AT_SIDE_IN,
      );
      const top = Math.min(box.z1, ...reaching.map(({ z0 }) => z0)) - EDGE_IN;
      const [x0, x1, z0] = [box.x0 + EDGE_IN, box.x1 - EDGE_IN, box.z0 + EDGE_IN];
      const outer = house ? half : SKID_HALF_IN;
      if (x1 > x0 && top > z0)
        out.push(side('left', x0, x1, z0, top, outer), side('right', x0, x1, z0, top, outer));
      out.push({
        ...across(
          'top',
          (box.x0 + box.x1) / 2,
          -TOP_PANEL_IN.wide / 2,
          TOP_PANEL_IN.wide,
          box.z1,
          box.z1 + TOP_PANEL_IN.high,
        ),
      });
      const behind = house?.at === 'bodyRear' || (at !== null && !at.behindCab);
      out.push(
        behind
          ? across('rear', box.x1, -outer + EDGE_IN, 2 * (outer - EDGE_IN), z0, box.z1 - EDGE_IN)
          : across(
              'rear',
              body.endIn,
              REAR_IN.from,
              REAR_IN.wide,
              body.frameIn - REAR_IN.under,
              body.frameIn + REAR_IN.over,
            ),
      );
    }
    out.push(
      across(
        'front',
        frontIn,
        -FRONT_IN.half,
        2 * FRONT_IN.half,
        body.frameIn + FRONT_IN.from,
        body.frameIn + FRONT_IN.to,
      ),
      across(
        'cab',
        0,
        -CAB_PANEL_IN.wide / 2,
        CAB_PANEL_IN.wide,
        body.frameIn,
        body.frameIn + CAB_PANEL_IN.high,
      ),
    );
    const [x0, x1] = [wheels.x1 + BODY_IN.free, body.endIn - BODY_IN.free];
    const [z0, z1] = [body.frameIn - BODY_IN.under, body.frameIn + BODY_IN.over];
    if (x1 - x0 > BODY_IN.free)
      out.push(side('bodyLeft', x0, x1, z0, z1, half), side('bodyRight', x0, x1, z0, z1, half));
    return out;
  },
);

/** Half the width of a skid pump, in. */
const SKID_HALF_IN = 22;

/** A place on a face in the truck's frame, in. */
export const onFace = ({ x, y, z }: FaceAt, u: number, v: number) => ({
  xIn: x.atIn + x.perU * u + x.perV * v,
  yIn: y.atIn + y.perU * u + y.perV * v,
  zIn: z.atIn + z.perV * v,
});

/** The face that a connection opens on; null within, and where what it feeds hides it. */
export const faceOf = (at: Place): Face | null => (at === 'within' ? null : at);
