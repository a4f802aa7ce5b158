import { memo } from 'react';
import type { ReactNode, SVGProps } from 'react';
import type { Component, Evaluation } from '#core/kernel';
import { axles } from '#core/subjects/chassis';
import { overhangs } from '#core/subjects/dimensions';
import { inService } from '#core/subjects/weights';
import { compartments, components, envelope } from '#core/truck';
import { feetInches, inches } from '#core/units';
import { useUnits } from '../common';
import { Across, Upright } from './Dimension';
import classes from './drawing.module.css';
import { Grips } from './Grips';
import type { GripsProps } from './Grips';
import type { Picture, Placed } from './layout';
import {
  CenterOfGravity,
  CompartmentLabels,
  Ground,
  LoadArrow,
  PointedOut,
  TankOverlay,
  WaterHatch,
} from './Overlays';
import { GhostView, RigView } from './RigView';
import { VIEWS } from './view';

/** What a stage draws: the rig with its dimensions, and what is pointed out. */
export interface StageProps {
  evaluation: Evaluation;
  picture: Picture;
  pointedAt?: readonly string[];
}

/** What the notes around a view read of a truck. */
function notesOf({ evaluation }: Pick<StageProps, 'evaluation'>) {
  return {
    on: evaluation.read(axles),
    outside: evaluation.read(envelope),
    weights: evaluation.read(inService).weights,
  };
}

/** Longest load arrow, px, for the heavier axle's rating. */
const ARROW_PX = 26;

function SideNotes({
  evaluation,
  view,
  px,
}: Pick<StageProps, 'evaluation'> & { view: 'driver' | 'officer'; px: number }) {
  const { say } = useUnits();
  const { on, outside, weights } = notesOf({ evaluation });
  const beyond = evaluation.read(overhangs);
  const sign = view === 'driver' ? 1 : -1;
  const u = (x: number) => x * sign;
  const span = (a: number, b: number) => ({ from: Math.min(u(a), u(b)), to: Math.max(u(a), u(b)) });
  const { wheelbaseIn } = on;
  const { front, rear, cg } = weights;
  const most = Math.max(on.front.gawrLb, on.rear.gawrLb / on.rear.axles);
  const line = 38 * px;
  const rearAxles =
    on.rear.axles === 2 ? [-0.5, 0.5].map((s) => wheelbaseIn + s * on.rear.spreadIn) : [wheelbaseIn];
  const heightEnd = view === 'driver' ? outside.rearIn : -outside.frontIn;
  return (
    <g>
      <Ground
        u0={Math.min(u(outside.frontIn), u(outside.rearIn)) - 10 * px}
        u1={Math.max(u(outside.frontIn), u(outside.rearIn)) + 10 * px}
      />
      <LoadArrow
        u={0}
        length={(ARROW_PX * px * front.loadLb) / most}
        head={7 * px}
        over={front.marginLb < 0}
      />
      {rearAxles.map((x, i) => (
        <LoadArrow
          key={i}
          u={u(x)}
          length={(ARROW_PX * px * (rear.axleLoadsLb[i] ?? 0)) / most}
          head={7 * px}
          over={rear.marginLb < 0}
        />
      ))}
      <Across
        {...span(outside.frontIn, 0)}
        line={line}
        start={4 * px}
        text={say(feetInches(beyond.frontIn))}
        px={px}
      />
      <Across
        {...span(0, wheelbaseIn)}
        line={line}
        start={28 * px}
        text={say(`wheelbase ${inches(wheelbaseIn)}`)}
        short={say(inches(wheelbaseIn))}
        px={px}
      />
      <Across
        {...span(wheelbaseIn, outside.rearIn)}
        line={line}
        start={4 * px}
        text={say(feetInches(beyond.rearIn))}
        px={px}
      />
      <Upright
        from={-outside.heightIn}
        to={0}
        line={heightEnd + 22 * px}
        start={heightEnd + 4 * px}
        text={say(feetInches(outside.heightIn))}
        px={px}
      />
      <CenterOfGravity u={u(cg.xIn)} v={cg.zIn} r={6 * px} />
    </g>
  );
}

function TopNotes({ evaluation, px }: Pick<StageProps, 'evaluation'> & { px: number }) {
  const { say } = useUnits();
  const { outside, weights } = notesOf({ evaluation });
  const { cg } = weights;
  return (
    <g>
      <line
        x1={outside.frontIn - 12 * px}
        x2={outside.rearIn + 12 * px}
        y1={0}
        y2={0}
        className={classes.center}
      />
      <Upright
        from={outside.leftIn}
        to={outside.rightIn}
        line={outside.rearIn + 22 * px}
        start={outside.rearIn + 4 * px}
        text={say(feetInches(outside.widthIn))}
        px={px}
      />
      <Across
        from={outside.frontIn}
        to={outside.rearIn}
        line={outside.leftIn - 16 * px}
        start={outside.leftIn - 2 * px}
        text={say(feetInches(outside.lengthIn))}
        px={px}
      />
      <CenterOfGravity u={cg.xIn} v={cg.yIn} r={6 * px} />
    </g>
  );
}

function EndNotes({
  evaluation,
  view,
  px,
}: Pick<StageProps, 'evaluation'> & { view: 'front' | 'rear'; px: number }) {
  const { say } = useUnits();
  const { on, outside, weights } = notesOf({ evaluation });
  const half = outside.widthIn / 2;
  const trackIn = view === 'front' ? on.front.trackIn : on.rear.trackIn;
  const { cg } = weights;
  return (
    <g>
      <Ground u0={-half - 12 * px} u1={half + 12 * px} />
      <Upright
        from={-outside.heightIn}
        to={0}
        line={half + 26 * px}
        start={half + 6 * px}
        text={say(feetInches(outside.heightIn))}
        px={px}
      />
      <Across
        from={-trackIn / 2}
        to={trackIn / 2}
        line={18 * px}
        start={3 * px}
        text={say(`track ${inches(trackIn)}`)}
        px={px}
      />
      <CenterOfGravity u={view === 'front' ? -cg.yIn : cg.yIn} v={cg.zIn} r={6 * px} />
    </g>
  );
}

function View({ placed, pointedAt = [], ...props }: StageProps & { placed: Placed }) {
  const { view } = placed;
  const { evaluation, picture } = props;
  const all = evaluation.read(components);
  const { wheelbaseIn } = evaluation.read(axles);
  const px = 1 / picture.scale;
  const notes =
    view === 'driver' || view === 'officer' ? (
      <SideNotes {...props} view={view} px={px} />
    ) : view === 'top' ? (
      <TopNotes {...props} px={px} />
    ) : (
      <EndNotes {...props} view={view} px={px} />
    );
  const many = picture.placed.length > 2;
  return (
    <g transform={`translate(${placed.u} ${placed.v})`}>
      <RigView components={all} view={view} />
      {(view === 'driver' || view === 'officer' || view === 'top') && (
        <TankOverlay components={all} view={view} />
      )}
      <CompartmentLabels compartments={evaluation.read(compartments)} view={view} size={11 * px} />
      <PointedOut components={all.filter((component) => pointedAt.includes(component.id))} view={view} />
      {notes}
      {many && view !== 'top' && (
        <text
          x={view === 'driver' ? wheelbaseIn / 2 : view === 'officer' ? -wheelbaseIn / 2 : 0}
          y={(view === 'driver' || view === 'officer' ? 58 : 46) * px}
          fontSize={12 * px}
          textAnchor="middle"
          className={classes.caption}
        >
          {VIEWS[view].label}
        </text>
      )}
    </g>
  );
}

type LayerProps = { picture: Picture; children: (placed: Placed) => ReactNode } & Omit<
  SVGProps<SVGSVGElement>,
  'children'
>;

/** What lies over the drawing of the same picture, view by view. */
function Layer({ picture, children, ...props }: LayerProps) {
  const { x, y, width, height } = picture.viewBox;
  return (
    <svg viewBox={`${x} ${y} ${width} ${height}`} {...props}>
      {picture.placed.map((placed) => (
        <g key={placed.view} transform={`translate(${placed.u} ${placed.v})`}>
          {children(placed)}
        </g>
      ))}
    </svg>
  );
}

/** What can be moved by hand. */
export const GripLayer = memo(function GripLayer({ picture, ...hands }: { picture: Picture } & GripsProps) {
  return (
    <Layer
      picture={picture}
      className={classes.gripLayer}
      role="group"
      aria-label="What can be moved on the drawing"
    >
      {({ view }) => <Grips {...hands} view={view} px={1 / picture.scale} />}
    </Layer>
  );
});

/** Where what has changed was a moment ago: on a layer of its own, so that nothing else is drawn again for it. */
export const GhostLayer = memo(function GhostLayer({
  picture,
  was,
  now,
}: {
  picture: Picture;
  was: Component[];
  now: Component[];
}) {
  return (
    <Layer picture={picture} className={classes.ghostLayer} aria-hidden="true">
      {({ view }) => <GhostView was={was} now={now} view={view} />}
    </Layer>
  );
});

/** The drawing: one rig, to scale, in one or more views, with its dimensions. */
export function Stage(props: StageProps) {
  const { say } = useUnits();
  const { picture, evaluation } = props;
  const outside = evaluation.read(envelope);
  const { x, y, width, height } = picture.viewBox;
  const views = picture.placed.map(({ view }) => VIEWS[view].label.toLowerCase()).join(', ');
  const { lengthIn, heightIn, widthIn, highest } = outside;
  const size = `${feetInches(lengthIn)} long, ${feetInches(heightIn)} high, ${feetInches(widthIn)} wide`;
  const label = `${evaluation.build.name}, ${views}. ${size}; highest is ${highest.name.toLowerCase()}.`;
  return (
    <svg
      className={classes.stage}
      viewBox={`${x} ${y} ${width} ${height}`}
      role="img"
      aria-label={say(label)}
    >
      <WaterHatch />
      {picture.placed.map((placed) => (
        <View key={placed.view} placed={placed} {...props} />
      ))}
    </svg>
  );
}
