import { check, limitKind, limitOf } from '../../kernel/index.js';
import type { Check, Judgement, LimitKind } from '../../kernel/index.js';
import { lb, within } from '../../units/index.js';
import { askedFor, counting, statusAt } from '../brief/index.js';
import type { CommonLine } from '../brief/index.js';
import { ofGross, onFront, onRear } from '../weights/index.js';
import { bridge } from './formula.js';
import { heaviest, onAxles } from './loads.js';
import type { OnAxles } from './loads.js';

const road = (title: string): LimitKind => limitKind(title, 'lb', 'most', 5_000, 200_000);

/** The weight limits of roads: those that fire trucks have on main roads, and those of any truck. */
export const roadLimits = {
  emergencySteerLb: road('Emergency vehicle on the road, steering axle'),
  emergencySingleLb: road('Emergency vehicle on the road, single drive axle'),
  emergencyTandemLb: road('Emergency vehicle on the road, tandem'),
  emergencyGrossLb: road('Emergency vehicle on the road, gross'),
  ordinarySingleLb: road('Ordinary truck on the road, single axle'),
  ordinaryTandemLb: road('Ordinary truck on the road, tandem'),
  ordinaryGrossLb: road('Ordinary truck on the road, gross'),
};

const ABOUT = { steps: ['chassis'], mendedBy: ['load'] } as const;
/** What of the truck loads the axle that a limit is of. */
type Causes = NonNullable<Check['causes']>;

/** Roads where the limits of ordinary trucks hold for a fire truck as well. */
const ordinaryRoads = counting('roads');
const isOrdinary = ({ rule }: { rule: string }): boolean => rule === 'ordinary';

function judged(
  state: OnAxles,
  actual: number,
  limit: number,
  basis: string,
  line: CommonLine | null,
): Judgement {
  const margin = limit - actual;
  const about = line ? `${line.name}: ` : '';
  return {
    status: statusAt({ line: line ?? { ...MUST }, margin }),
    actual,
    limit,
    margin,
    unit: 'lb',
    state: { id: state.id, name: state.name },
    basis,
    words: `${about}${margin < 0 ? `${lb(-margin)} over` : `${lb(margin)} under`}: ${lb(actual)} of ${lb(limit)} (${within(state.name)}).${line ? askedFor(line) : ''}`,
  };
}
const MUST: CommonLine = { id: 'limit', wish: 'must', known: 'told' };

/** A limit of the profile that holds on main roads. */
const emergency = (
  id: string,
  title: string,
  limit: string,
  causes: Causes,
  of: (state: OnAxles) => number | null,
): Check =>
  check('bridges', { id, title, ...ABOUT, causes }, [limitOf(limit), onAxles], (asked, states) => {
    if (!asked || of(states[0]!) === null) return null;
    const state = heaviest(states, (each) => of(each)!);
    return judged(state, of(state)!, asked.value, asked.basis, null);
  });

/** A limit of the profile that holds on the roads of the brief where only ordinary limits do. */
const ordinary = (
  id: string,
  title: string,
  limit: string,
  causes: Causes,
  of: (state: OnAxles) => number | null,
): Check =>
  check(
    'bridges',
    { id, title, ...ABOUT, causes },
    [limitOf(limit), ordinaryRoads, onAxles],
    (asked, roads, states) => {
      const line = roads.find(isOrdinary);
      if (!asked || !line || of(states[0]!) === null) return null;
      const state = heaviest(states, (each) => of(each)!);
      return judged(state, of(state)!, asked.value, asked.basis, line);
    },
  );

const isTandem = ({ axles }: OnAxles): boolean => axles.length > 2;
const frontLb = ({ frontLb: load }: OnAxles): number => load;
const singleLb = (state: OnAxles): number | null => (isTandem(state) ? null : state.rearLb);
const tandemLb = (state: OnAxles): number | null => (isTandem(state) ? state.rearLb : null);
const grossLb = ({ grossLb: load }: OnAxles): number => load;
const heaviestSingle = (state: OnAxles): number => Math.max(state.frontLb, singleLb(state) ?? 0);

/** How far the worst group of axles is beyond what the formula allows it; the group that is worst of all states. */
const formula = check(
  'bridges',
  { id: 'bridgeFormula', title: 'Bridge formula', ...ABOUT, causes: ofGross },
  [ordinaryRoads, onAxles],
  (roads, states) => {
    const line = roads.find(isOrdinary);
    if (!line) return null;
    const worst = states
      .flatMap((state) => bridge(state).groups.map((group) => ({ state, group })))
      .reduce((least, next) => (next.group.marginLb < least.group.marginLb ? next : least));
    const { state, group } = worst;
    const judgement = judged(
      state,
      group.weightLb,
      group.limitLb,
      'US bridge formula, confirm with the road authority',
      line,
    );
    const which =
      group.last - group.first + 1 === state.axles.length
        ? 'all axles together'
        : `axles ${group.first + 1} to ${group.last + 1}`;
    return { ...judgement, words: `Of ${which}. ${judgement.words}` };
  },
);

export const roadChecks: Check[] = [
  emergency('emergencySteer', 'Steering axle on main roads', 'emergencySteerLb', onFront, frontLb),
  emergency('emergencySingle', 'Drive axle on main roads', 'emergencySingleLb', onRear, singleLb),
  emergency('emergencyTandem', 'Tandem on main roads', 'emergencyTandemLb', onRear, tandemLb),
  emergency('emergencyGross', 'Gross on main roads', 'emergencyGrossLb', ofGross, grossLb),
  ordinary('ordinarySingle', 'Single axle on ordinary roads', 'ordinarySingleLb', onRear, heaviestSingle),
  ordinary('ordinaryTandem', 'Tandem on ordinary roads', 'ordinaryTandemLb', onRear, tandemLb),
  ordinary('ordinaryGross', 'Gross on ordinary roads', 'ordinaryGrossLb', ofGross, grossLb),
  formula,
];
