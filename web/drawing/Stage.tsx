import type { Envelope, Rig } from '#core/rig';
import { feetInches, inches } from '#core/units';
import { useUnits } from '../common';
import type { WeighedState } from '#core/weights';
import { Across, Upright } from './Dimension';
import classes from './drawing.module.css';
import { Grips } from './Grips';
import type { GripsProps } from './Grips';
import type { Picture, Placed } from './layout';
import { CentreOfGravity, CompartmentLabels, Ground, LoadArrow, PointedOut, TankOverlay, WaterHatch } from './Overlays';
import { GhostView, RigView } from './RigView';
import { VIEWS } from './view';

/** What a stage draws: the rig with its dimensions, as it was a moment ago, and what is pointed out. */
export interface StageProps {
  rig: Rig;
  envelope: Envelope;
  inService: WeighedState;
  picture: Picture;
  ghost?: { key: number; rig: Rig } | null;
  pointedAt?: readonly string[];
}

/** Longest load arrow, px, for the heavier axle's rating. */
const ARROW_PX = 26;

function SideNotes({ rig, envelope, inService, view, px }: Omit<StageProps, 'picture'> & { view: 'driver' | 'officer'; px: number }) {
  const { say } = useUnits();
  const sign = view === 'driver' ? 1 : -1;
  const u = (x: number) => x * sign;
  const span = (a: number, b: number) => ({ from: Math.min(u(a), u(b)), to: Math.max(u(a), u(b)) });
  const { wheelbaseIn } = rig.axles;
  const { front, rear, cg } = inService.weights;
  const most = Math.max(rig.axles.front.gawrLb, rig.axles.rear.gawrLb / rig.axles.rear.axles);
  const line = 38 * px;
  const rearAxles = rig.axles.rear.axles === 2 ? [-0.5, 0.5].map((s) => wheelbaseIn + s * rig.axles.rear.spreadIn) : [wheelbaseIn];
  const heightEnd = view === 'driver' ? envelope.rearIn : -envelope.frontIn;
  return (
    <g>
      <Ground u0={Math.min(u(envelope.frontIn), u(envelope.rearIn)) - 10 * px} u1={Math.max(u(envelope.frontIn), u(envelope.rearIn)) + 10 * px} />
      <LoadArrow u={0} length={(ARROW_PX * px * front.loadLb) / most} head={7 * px} over={front.marginLb < 0} />
      {rearAxles.map((x, i) => (
        <LoadArrow key={x} u={u(x)} length={(ARROW_PX * px * (rear.axleLoadsLb[i] ?? 0)) / most} head={7 * px} over={rear.marginLb < 0} />
      ))}
      <Across {...span(envelope.frontIn, 0)} line={line} start={4 * px} text={say(feetInches(-envelope.frontIn))} px={px} />
      <Across {...span(0, wheelbaseIn)} line={line} start={28 * px} text={say(`wheelbase ${inches(wheelbaseIn)}`)} px={px} />
      <Across {...span(wheelbaseIn, envelope.rearIn)} line={line} start={4 * px} text={say(feetInches(envelope.rearIn - wheelbaseIn))} px={px} />
      <Upright from={-envelope.heightIn} to={0} line={heightEnd + 22 * px} start={heightEnd + 4 * px} text={say(feetInches(envelope.heightIn))} px={px} />
      <CentreOfGravity u={u(cg.xIn)} v={cg.zIn} r={6 * px} />
    </g>
  );
}

function TopNotes({ rig, envelope, inService, px }: Omit<StageProps, 'picture'> & { px: number }) {
  const { say } = useUnits();
  const half = envelope.widthIn / 2;
  const { cg } = inService.weights;
  return (
    <g>
      <line x1={envelope.frontIn - 12 * px} x2={envelope.rearIn + 12 * px} y1={0} y2={0} className={classes.centre} />
      <Upright from={-half} to={half} line={envelope.rearIn + 22 * px} start={envelope.rearIn + 4 * px} text={say(feetInches(rig.layout.bodyWidth))} px={px} />
      <Across from={envelope.frontIn} to={envelope.rearIn} line={-half - 16 * px} start={-half - 2 * px} text={say(feetInches(envelope.lengthIn))} px={px} />
      <CentreOfGravity u={cg.xIn} v={cg.yIn} r={6 * px} />
    </g>
  );
}

function EndNotes({ rig, envelope, inService, view, px }: Omit<StageProps, 'picture'> & { view: 'front' | 'rear'; px: number }) {
  const { say } = useUnits();
  const half = envelope.widthIn / 2;
  const trackIn = view === 'front' ? rig.axles.front.trackIn : rig.axles.rear.trackIn;
  const { cg } = inService.weights;
  return (
    <g>
      <Ground u0={-half - 12 * px} u1={half + 12 * px} />
      <Upright from={-envelope.heightIn} to={0} line={half + 26 * px} start={half + 6 * px} text={say(feetInches(envelope.heightIn))} px={px} />
      <Across from={-trackIn / 2} to={trackIn / 2} line={18 * px} start={3 * px} text={say(`track ${inches(trackIn)}`)} px={px} />
      <CentreOfGravity u={view === 'front' ? -cg.yIn : cg.yIn} v={cg.zIn} r={6 * px} />
    </g>
  );
}

function View({ placed, ghost, pointedAt = [], ...props }: StageProps & { placed: Placed }) {
  const { view } = placed;
  const { rig, picture } = props;
  const px = 1 / picture.scale;
  const notes = view === 'driver' || view === 'officer'
    ? <SideNotes {...props} view={view} px={px} />
    : view === 'top' ? <TopNotes {...props} px={px} /> : <EndNotes {...props} view={view} px={px} />;
  const many = picture.placed.length > 2;
  return (
    <g transform={`translate(${placed.u} ${placed.v})`}>
      <RigView rig={rig} view={view} />
      {(view === 'driver' || view === 'officer' || view === 'top') && <TankOverlay rig={rig} view={view} />}
      {ghost && <g key={ghost.key} className={classes.ghost} aria-hidden="true"><GhostView was={ghost.rig} now={rig} view={view} /></g>}
      <CompartmentLabels rig={rig} view={view} size={11 * px} />
      <PointedOut components={rig.components.filter((component) => pointedAt.includes(component.id))} view={view} />
      {notes}
      {many && view !== 'top' && <text x={view === 'driver' ? rig.axles.wheelbaseIn / 2 : view === 'officer' ? -rig.axles.wheelbaseIn / 2 : 0} y={(view === 'driver' || view === 'officer' ? 58 : 46) * px} fontSize={12 * px} textAnchor="middle" className={classes.caption}>{VIEWS[view].label}</text>}
    </g>
  );
}

/** What can be moved by hand, laid over the drawing of the same picture. */
export function GripLayer({ picture, ...hands }: { picture: Picture } & GripsProps) {
  const { x, y, width, height } = picture.viewBox;
  return (
    <svg className={classes.gripLayer} viewBox={`${x} ${y} ${width} ${height}`} role="group" aria-label="What can be moved on the drawing">
      {picture.placed.map(({ view, u, v }) => <g key={view} transform={`translate(${u} ${v})`}><Grips {...hands} view={view} px={1 / picture.scale} /></g>)}
    </svg>
  );
}

/** The drawing: one rig, to scale, in one or more views, with its dimensions. */
export function Stage(props: StageProps) {
  const { say } = useUnits();
  const { picture, rig, envelope } = props;
  const { x, y, width, height } = picture.viewBox;
  const views = picture.placed.map(({ view }) => VIEWS[view].label.toLowerCase()).join(', ');
  const label = `${rig.name}, ${views}. ${feetInches(envelope.lengthIn)} long, ${feetInches(envelope.heightIn)} high, ${feetInches(envelope.widthIn)} wide; highest is ${envelope.highest.name.toLowerCase()}.`;
  return (
    <svg className={classes.stage} viewBox={`${x} ${y} ${width} ${height}`} role="img" aria-label={say(label)}>
      <WaterHatch />
      {picture.placed.map((placed) => <View key={placed.view} placed={placed} {...props} />)}
    </svg>
  );
}
