import { boxAt, boxOf, reading } from '../../kernel/index.js';
import type { Box, Shape } from '../../kernel/index.js';
import { pumpHouse } from '../../truck/index.js';
import { onFace } from './faces.js';
import type { Face, FaceAt } from './faces.js';
import type { Connection } from './fields.js';
import { capIn, isPowered, LABEL_IN, openingsAt, panelSheets } from './panel.js';
import type { PanelObject } from './panel.js';
import { connections } from './usual.js';

/** What stands on a face lies in its skin. */
const DEEP_IN = 1;

/** A part of a face, from its left end and its foot, as a box in the truck's frame; in. */
function boxOnFace(face: FaceAt, u: number, v: number, wide: number, high: number): Box {
  const { xIn, yIn, zIn } = onFace(face, u + wide / 2, v + high / 2);
  const [z0, z1] = [zIn - high / 2, zIn + high / 2];
  switch (face.face) {
    case 'rear':
      return boxOf(xIn - DEEP_IN, xIn, yIn - wide / 2, yIn + wide / 2, z0, z1);
    case 'front':
      return boxOf(xIn, xIn + DEEP_IN, yIn - wide / 2, yIn + wide / 2, z0, z1);
    case 'top':
      return boxAt(xIn, yIn, face.z.atIn - DEEP_IN / 2, wide, high, DEEP_IN);
    default: {
      const inner = yIn - Math.sign(yIn) * DEEP_IN;
      return boxOf(xIn - wide / 2, xIn + wide / 2, Math.min(inner, yIn), Math.max(inner, yIn), z0, z1);
    }
  }
}

const SHAPE_FACE = {
  bodyLeft: 'left',
  bodyRight: 'right',
  left: 'left',
  right: 'right',
  top: 'top',
  rear: 'rear',
  front: 'front',
  cab: 'top',
} as const;

const AT_PUMP: readonly Face[] = ['left', 'right'];

/** The opening of each connection that has one in sight. */
export const openingShapes = reading(
  'plumbing',
  [connections, openingsAt, pumpHouse],
  (all, at, house): Map<string, Shape> =>
    new Map(
      all.flatMap((one) => {
        const place = at.get(one.id);
        // A panel behind a door is seen when the door is open.
        if (!place || (house?.at === 'bodyFront' && AT_PUMP.includes(place.face.face))) return [];
        const cap = capIn(one.sizeIn);
        const { u, v, wide } = place.of;
        const shape: Shape = {
          kind: 'opening',
          box: boxOnFace(place.face, u + (wide - cap) / 2, v + LABEL_IN, cap, cap),
          face: SHAPE_FACE[place.face.face],
          flows: one.kind === 'intake' || one.kind === 'directFill' ? 'in' : 'out',
        };
        return [[one.id, shape] as const];
      }),
    ),
);

/** What of a control is seen: its dial and what is turned, or an instrument. */
function shows({ what, id, connection }: PanelObject): Extract<Shape, { kind: 'control' }>['shows'] {
  if (what === 'instrument')
    return id === 'level' ? ['level'] : id.startsWith('master') ? ['dial'] : ['plate'];
  const handle = connection && isPowered(connection) ? ('switch' as const) : ('handle' as const);
  return (connection as Connection).gauge === 'none' ? [handle] : ['dial', handle];
}

/** Gauges, handles and instruments of the operator's panel, where it stands open at a side or at the rear. */
export const controlShapes = reading('plumbing', [panelSheets, pumpHouse], (sheets, house): Shape[] =>
  house && house.at !== 'row'
    ? []
    : sheets.flatMap(({ face, objects, share }) =>
        face.face === 'left' || face.face === 'right' || face.face === 'rear'
          ? objects.flatMap((one): Shape[] => {
              if (one.what === 'opening') return [];
              const foot = LABEL_IN * share;
              return [
                {
                  kind: 'control',
                  box: boxOnFace(face, one.u, one.v + foot, one.wide, one.high - foot),
                  face: SHAPE_FACE[face.face],
                  shows: shows(one),
                },
              ];
            })
          : [],
      ),
);
