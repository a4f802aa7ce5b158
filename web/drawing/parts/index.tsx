import type { ReactNode } from 'react';
import type { Shape } from '#core/kernel';
import type { Flat, ViewId } from '../view';
import * as aerial from './aerial';
import * as body from './body';
import * as cab from './cab';
import * as fittings from './fittings';
import * as pump from './pump';
import * as gear from './running-gear';

type Kind = Shape['kind'];
type Of<K extends Kind> = Extract<Shape, { kind: K }>;
type Draw<K extends Kind> = (shape: Of<K>, flat: Flat) => ReactNode;

/** How one kind of shape looks from each side. A side is drawn as from the driver's; the officer's is its mirror,
 * unless the two differ. */
type Look<K extends Kind> = { side: Draw<K>; officer?: Draw<K>; top: Draw<K>; front: Draw<K>; rear: Draw<K> };

const look = <K extends Kind>(side: Draw<K>, top: Draw<K>, end: Draw<K>, rear: Draw<K> = end): Look<K> => ({
  side,
  top,
  front: end,
  rear,
});
const same = <K extends Kind>(draw: Draw<K>): Look<K> => look(draw, draw, draw);
/** What lies in one face of the truck is seen from there only. */
const onFace = <S extends { face: Of<'opening'>['face'] }>(draw: (shape: S, flat: Flat) => ReactNode) => {
  const at = (face: S['face']) => (shape: S, flat: Flat) => (shape.face === face ? draw(shape, flat) : null);
  return { side: at('left'), officer: at('right'), top: at('top'), front: at('front'), rear: at('rear') };
};
const plain = fittings.Plain;
const nothing = () => null;

/** To draw a new kind of shape, add its look here. */
const LOOKS: { [K in Kind]: Look<K> } = {
  frame: look<'frame'>(gear.FrameSide, gear.FrameTop, plain),
  axle: look<'axle'>(plain, gear.Axle, gear.Axle),
  wheel: look<'wheel'>(gear.WheelSide, gear.WheelTop, gear.WheelEnd),
  cab: look<'cab'>(cab.CabSide, cab.CabTop, cab.CabFront, cab.CabRear),
  bumper: look<'bumper'>(fittings.BumperSide, fittings.BumperTop, fittings.BumperFront),
  guard: same<'guard'>(fittings.Guard),
  well: look<'well'>(nothing, fittings.Well, nothing),
  receiver: look<'receiver'>(nothing, plain, fittings.Receiver, nothing),
  winch: look<'winch'>(nothing, fittings.Winch, fittings.Winch, nothing),
  suction: look<'suction'>(nothing, plain, fittings.Suction, nothing),
  monitor: look<'monitor'>(fittings.MonitorSide, fittings.MonitorTop, fittings.MonitorEnd),
  lightBar: look<'lightBar'>(fittings.LightBar, fittings.LightBarTop, fittings.LightBar),
  mast: same<'mast'>(fittings.Mast),
  generator: same<'generator'>(fittings.Vented),
  airConditioner: same<'airConditioner'>(fittings.Vented),
  spareWheel: look<'spareWheel'>(fittings.SpareWheelSide, fittings.SpareWheelSide, fittings.SpareWheelEnd),
  fuelTank: same<'fuelTank'>(plain),
  battery: same<'battery'>(fittings.Vented),
  crewModule: look<'crewModule'>(cab.ModuleSide, plain, plain),
  pumpHouse: {
    ...look<'pumpHouse'>(pump.PumpHouseSide, pump.PumpHouseTop, plain, pump.PumpHouseRear),
    officer: pump.PumpHouseOfficerSide,
  },
  skidPump: look<'skidPump'>(fittings.SkidPumpSide, fittings.Vented, fittings.SkidPumpSide),
  reel: look<'reel'>(fittings.ReelSide, fittings.ReelAcross, fittings.ReelAcross),
  tank: look<'tank'>(fittings.TankSide, fittings.TankAbove, fittings.TankEnd),
  body: look<'body'>(body.BodySide, body.BodyTop, body.BodyRear),
  compartment: {
    side: (shape, flat) =>
      shape.side === 'rear'
        ? null
        : shape.side === 'top'
          ? body.LidSide(shape, flat)
          : body.Door(shape, flat),
    top: (shape, flat) =>
      shape.side === 'rear' ? null : shape.side === 'top' ? body.Lid(shape, flat) : body.DoorTop(shape, flat),
    front: nothing,
    rear: (shape, flat) => (shape.side === 'rear' ? body.Door(shape, flat) : null),
  },
  bed: look<'bed'>(body.BedSide, body.BedTop, body.BedEnd),
  hose: {
    side: (shape, flat) => (shape.runs === 'across' ? body.HoseEnd(shape, flat) : body.HoseTop(shape, flat)),
    top: body.HoseTop,
    front: nothing,
    rear: (shape, flat) => (shape.runs === 'along' ? body.HoseEnd(shape, flat) : null),
  },
  ladder: look<'ladder'>(fittings.LadderSide, fittings.LadderTop, fittings.LadderEnd),
  longPiece: look<'longPiece'>(fittings.LongPieceAlong, fittings.LongPieceAlong, fittings.LadderEnd),
  rack: same<'rack'>(plain),
  cover: same<'cover'>(plain),
  opening: onFace<Of<'opening'>>(pump.Opening),
  control: onFace<Of<'control'>>(pump.Control),
  preconnects: look<'preconnects'>(pump.PreconnectsSide, pump.PreconnectsTop, plain),
  walkway: look<'walkway'>(pump.WalkwaySide, pump.WalkwayTop, nothing),
  stairs: look<'stairs'>(pump.StairsSide, pump.WalkwayTop, nothing),
  tailboard: look<'tailboard'>(plain, body.Tailboard, plain),
  flatbed: look<'flatbed'>(body.FlatbedSide, body.FlatbedTop, body.FlatbedSide),
  bulkhead: same<'bulkhead'>(body.Bulkhead),
  turntable: look<'turntable'>(aerial.TurntableSide, aerial.TurntableTop, aerial.TurntableEnd),
  section: look<'section'>(aerial.SectionSide, aerial.SectionTop, aerial.SectionEnd),
  platform: look<'platform'>(aerial.Platform, aerial.PlatformTop, aerial.Platform),
  outrigger: look<'outrigger'>(aerial.OutriggerSide, plain, plain),
  torqueBox: same<'torqueBox'>(plain),
  seat: same<'seat'>(nothing),
  stowed: same<'stowed'>(nothing),
  ownItem: same<'ownItem'>(fittings.OwnItem),
  mark: same<'mark'>(fittings.OwnItem),
};

/** Draws a shape as a view sees it. */
export function drawShape(shape: Shape, view: ViewId, flat: Flat): ReactNode {
  const own = LOOKS[shape.kind] as Look<Kind>;
  const draw = view === 'driver' ? own.side : view === 'officer' ? (own.officer ?? own.side) : own[view];
  return draw(shape, flat);
}
