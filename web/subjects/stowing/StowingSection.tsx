import { DndContext, DragOverlay } from '@dnd-kit/core';
import { SegmentedControl } from '@mantine/core';
import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { EQUIPMENT_CHOICE, equipmentRows } from '#core/subjects/equipment';
import { lockerViews, misplacedInWords, stowing, surfacePlan } from '#core/subjects/stowing';
import type { LockerView, Trial } from '#core/subjects/stowing';
import { surfaces } from '#core/truck';
import type { Surface } from '#core/truck';
import { inches, lb } from '#core/units';
import { sectionClasses, useUnits } from '../../common';
import { spokenChange, useDelta } from '../../panel';
import { useSession } from '../../session';
import { Checks } from '../../site';
import { LockerPicture } from './LockerPicture';
import { OnPaper } from './OnPaper';
import { OpenPicture } from './OpenPicture';
import { Photos } from './photos/Photos';
import { PickedPiece } from './PickedPiece';
import { PlanPanel } from './PlanPanel';
import { PieceList } from './PieceList';
import { SurfacePicture } from './SurfacePicture';
import { useHands } from './useHands';
import classes from './stowing.module.css';

/** The checks that are told here, in the order in which one places things. */
const CHECKS = [
  'stowedFits',
  'stowedLb',
  'outerLb',
  'heavyHigh',
  'apart',
  'setsTogether',
  'charged',
  'tubed',
  'inFront',
  'asked',
  'growthRoom',
];

/** What is carried by the picked surface, of what it is rated for. */
function Carried({ of, surfaceId }: { of: LockerView; surfaceId: string | null }) {
  const { say } = useUnits();
  const surface = of.surfaces.find(({ id }) => id === surfaceId);
  if (!surface) return null;
  const { name, carriedLb, ratedLb } = surface;
  const rated = ratedLb === null ? '' : ` of ${lb(ratedLb)}`;
  return (
    <h3 className={classes.surface}>
      {say(name)}
      <span className="figures">{say(`${lb(carriedLb)}${rated}`)}</span>
    </h3>
  );
}

/** Each compartment to scale, and the pieces that a hand takes from the list to a shelf, a tray or a board. */
export function StowingSection() {
  const lockers = useSession().evaluation.read(lockerViews);
  const [params] = useSearchParams();
  const asked = params.get('piece');
  return (
    <>
      <p className={sectionClasses.caution}>{stowing.caution}</p>
      {lockers.length === 0 ? (
        <p className={sectionClasses.says}>This body has no compartments.</p>
      ) : (
        <Lockers key={asked} lockers={lockers} asked={asked} />
      )}
    </>
  );
}

/** The compartments, and in them the piece that is looked for. */
function Lockers({ lockers, asked }: { lockers: LockerView[]; asked: string | null }) {
  const { id, evaluation, bench } = useSession();
  const { say } = useUnits();
  const homeOf = (lineId: string | null) =>
    lockers.find(({ things }) => things.some((one) => one.lineId === lineId));
  const [at, setAt] = useState(homeOf(asked)?.id ?? null);
  const [surface, setSurface] = useState(
    homeOf(asked)?.things.find(({ lineId }) => lineId === asked)?.surfaceId ?? null,
  );
  const [line, setLine] = useState(asked);
  const [look, setLook] = useState('shut');
  const locker = lockers.find(({ id }) => id === at) ?? lockers[0]!;
  const rows = evaluation.read(equipmentRows);
  const surfaceId = locker.surfaces.find(({ id }) => id === surface)?.id ?? locker.fullestId ?? null;
  const plan = useMemo(
    () => (surfaceId ? surfacePlan(evaluation, surfaceId) : null),
    [evaluation, surfaceId],
  );
  const nameOf = (id: string) => say(rows.find((row) => row.line.id === id)?.name ?? 'The piece');
  const show = ({ id, compartmentId }: Pick<Surface, 'id' | 'compartmentId'>) => {
    setAt(compartmentId);
    setSurface(id);
  };
  const pick = (id: string) => {
    setLine(id);
    const home = homeOf(id);
    const thing = home?.things.find(({ lineId }) => lineId === id);
    if (home && thing) show({ id: thing.surfaceId, compartmentId: home.id });
  };
  const { context, ghost, trial, held } = useHands({
    evaluation,
    locker,
    plan,
    nameOf,
    surfaceOf: (id) => say(evaluation.read(surfaces).find((one) => one.id === id)?.name ?? ''),
    whyOf: ({ wrong }) => (wrong ? say(misplacedInWords(wrong)) : ''),
    onTake: setLine,
    onLet: (lineId: string, of: Trial) => {
      bench.change({
        build: of.build,
        words: `${nameOf(lineId)} on ${of.surface.name}`,
        choice: EQUIPMENT_CHOICE,
      });
      setLine(lineId);
      show(of.surface);
    },
  });
  const moved = useDelta(evaluation, trial?.build ?? null);
  return (
    <DndContext {...context}>
      <div className={classes.bar}>
        <SegmentedControl
          size="xs"
          aria-label="Compartment"
          value={locker.id}
          onChange={(id) => {
            setAt(id);
            setSurface(null);
          }}
          data={lockers.map(({ id, name }) => ({ value: id, label: name }))}
        />
        <SegmentedControl
          size="xs"
          aria-label="Trays and boards"
          value={look}
          onChange={setLook}
          data={[
            { value: 'shut', label: 'Shut' },
            { value: 'out', label: 'Drawn out' },
          ]}
        />
        <p className={classes.told} role="status">
          {held !== null && trial
            ? trial.wrong
              ? say(misplacedInWords(trial.wrong))
              : say(
                  `Free: ${inches(trial.clear.beforeIn)} and ${inches(trial.clear.afterIn)} beside it, ${inches(trial.clear.behindIn)} behind, ${inches(trial.clear.overIn)} over it`,
                ) + (moved ? `; ${spokenChange(moved, say)}` : '')
            : ''}
        </p>
      </div>
      <div className={classes.desk}>
        <PieceList evaluation={evaluation} lockerId={locker.id} lineId={line} onPick={pick} />
        <div>
          {look === 'out' ? (
            <OpenPicture of={locker} />
          ) : (
            <LockerPicture
              of={locker}
              surfaceId={surfaceId}
              lineId={line}
              ghost={ghost}
              onSurface={setSurface}
              onPick={pick}
            />
          )}
          <Photos buildId={id} compartmentId={locker.id} compartment={locker.name} />
          <Carried of={locker} surfaceId={surfaceId} />
          {plan && <SurfacePicture of={plan} lineId={line} ghost={ghost} onPick={pick} />}
        </div>
        {line === null ? (
          <p className={classes.hint}>
            Take a piece from the list to a shelf, a tray or a board: by its line with the mouse or a finger,
            or with Enter and the arrows. Or pick it, and choose where it has room.
          </p>
        ) : (
          <PickedPiece evaluation={evaluation} bench={bench} lineId={line} onShow={show} />
        )}
      </div>
      <PlanPanel bench={bench} />
      <OnPaper evaluation={evaluation} />
      <Checks ids={CHECKS} />
      <DragOverlay dropAnimation={null}>
        {held !== null && <span className={classes.inHand}>{nameOf(held)}</span>}
      </DragOverlay>
    </DndContext>
  );
}
