import type { Build } from '../../build/index.js';
import { atOnce, inSteps } from '../../kernel/index.js';
import type { ChangeKind, Changes, Evaluation } from '../../kernel/index.js';
import { hoseSize, within } from '../../units/index.js';
import { chosenPump, panelAt } from '../pump/index.js';
import { withConnections } from './block.js';
import { confused } from './checks.js';
import { COUNTED_FROM_IN, isDischarge, isPlain } from './judged.js';
import { drawsFrom } from './rating-checks.js';
import { usualFor, withConnection, withNewConnections } from './edit.js';
import { COLORS, PLACE_NAMES, SIDE_NAMES, SIZES_IN } from './fields.js';
import type { Connection, Place } from './fields.js';
import { isPowered } from './panel.js';
import { connections, fed, SLOW_FROM_IN } from './usual.js';

const PLUMBING: ChangeKind = { id: 'plumbing', title: 'Plumbing' };

/** The same set on every connection that needs it, in one press. */
const onAll = (
  helps: string,
  label: string,
  needs: (one: Connection) => boolean,
  change: Partial<Connection>,
): Changes => ({
  kind: PLUMBING,
  helps: [helps],
  offer: (evaluation) => {
    const all = evaluation.read(connections);
    return all.some(needs)
      ? [
          atOnce(PLUMBING, label, (on) =>
            withConnections(
              on,
              all.map((one) => (needs(one) ? { ...one, ...change } : one)),
            ),
          ),
        ]
      : [];
  },
});

/** Sizes of one more discharge that mend what the rating lacks, in. */
const ONE_MORE_IN = [2.5, 4, 5] as const;

const added = (at: Place, sizeIn: number) => (evaluation: Evaluation) =>
  withNewConnections(evaluation, {
    kind: 'discharge',
    label: sizeIn > 3 ? 'Large' : 'Discharge',
    at,
    sizeIn,
  });

/** One discharge more on the side away from the operator: that one alone, or as many as it takes. */
const moreDischarges: Changes = {
  kind: PLUMBING,
  helps: ['discharge', 'plainOutlets'],
  offer: (evaluation) => {
    const pump = evaluation.read(chosenPump);
    if (!pump) return [];
    const at: Place = evaluation.read(panelAt) === 'right' ? 'left' : 'right';
    return [
      ...ONE_MORE_IN.map((sizeIn) =>
        atOnce(PLUMBING, `One more discharge of ${hoseSize(sizeIn)}, ${within(PLACE_NAMES[at])}`, () =>
          added(at, sizeIn)(evaluation),
        ),
      ),
      inSteps(
        PLUMBING,
        [2, 3, 4].map((count) => ({
          label: `${count} more discharges of ${hoseSize(COUNTED_FROM_IN)}`,
          edit: () =>
            withNewConnections(
              evaluation,
              ...Array.from({ length: count }, (_, i) => ({
                kind: 'discharge' as const,
                label: 'Discharge',
                at: (i % 2 === 0 ? at : at === 'left' ? 'right' : 'left') as Place,
                sizeIn: COUNTED_FROM_IN,
              })),
            ),
        })),
      ),
    ];
  },
};

/** Foam taken from the large discharges, so that the test can be run through them. */
const noFoamThere: Changes = {
  kind: PLUMBING,
  helps: ['plainOutlets'],
  offer: (evaluation) =>
    evaluation
      .read(connections)
      .filter((one) => isDischarge(one) && !isPlain(one) && one.sizeIn >= COUNTED_FROM_IN)
      .map((one) =>
        atOnce(
          PLUMBING,
          `Plain water at ${one.label}`,
          () => withConnection(evaluation, one.id, { foam: undefined, air: undefined }),
          one.id,
        ),
      ),
};

const SUCTION_SIZES_IN = [3, 4, 4.5, 5, 6] as const;

/** A suction on each side that must supply the pump and has too little. */
const suctions: Changes = {
  kind: PLUMBING,
  helps: ['suction'],
  offer: (evaluation) => {
    const sides = evaluation.read(drawsFrom);
    const onEach = (sizeIn: number) => () =>
      withNewConnections(
        evaluation,
        ...(sides.length ? sides : (['left'] as const)).map((side) => ({
          kind: 'intake' as const,
          label: `${SIDE_NAMES[side]} suction`,
          at: side,
          sizeIn,
        })),
      );
    return [
      inSteps(
        PLUMBING,
        SUCTION_SIZES_IN.map((sizeIn) => ({
          label: `A suction of ${hoseSize(sizeIn)} on ${sides.length > 1 ? 'each side that draws' : within(SIDE_NAMES[sides[0] ?? 'left'])}`,
          edit: onEach(sizeIn),
        })),
      ),
    ];
  },
};

/** A wider way from the tank to the pump, or one beside it. */
const paths: Changes = {
  kind: PLUMBING,
  helps: ['tankPath', 'together'],
  offer: (evaluation) => {
    const now = evaluation.read(connections).filter(({ kind }) => kind === 'tankToPump');
    const first = now[0];
    if (!first)
      return evaluation.read(chosenPump)
        ? [3, 4].map((sizeIn) =>
            atOnce(PLUMBING, `Tank-to-pump of ${hoseSize(sizeIn)}`, () =>
              withNewConnections(evaluation, {
                kind: 'tankToPump',
                label: 'Tank-to-pump',
                at: 'within',
                sizeIn,
              }),
            ),
          )
        : [];
    return [
      inSteps(
        PLUMBING,
        SIZES_IN.filter((size) => size > first.sizeIn && size <= 6).map((sizeIn) => ({
          label: `Tank-to-pump of ${hoseSize(sizeIn)} instead of ${hoseSize(first.sizeIn)}`,
          edit: () => withConnection(evaluation, first.id, { sizeIn, gpm: undefined }),
        })),
      ),
    ];
  },
};

/** A discharge to every bed and monitor that has none. */
const feeding: Changes = {
  kind: PLUMBING,
  helps: ['fed'],
  offer: (evaluation) => {
    const all = evaluation.read(connections);
    const usual = evaluation
      .read(fed)
      .filter(({ id, usual: is }) => is && !all.some(({ feedsId }) => feedsId === id))
      .flatMap(({ id }) => usualFor(evaluation, id) ?? []);
    return usual.length === 0
      ? []
      : [
          atOnce(PLUMBING, 'A discharge to each preconnect and monitor', () =>
            withNewConnections(evaluation, ...usual.map(({ color: _color, ...one }) => one)),
          ),
        ];
  },
};

/** A color and a label of its own for each discharge that has none. */
const colors: Changes = {
  kind: PLUMBING,
  helps: ['handleColors'],
  offer: (evaluation) => {
    const all = evaluation.read(connections);
    const wrong = new Set(confused(all));
    if (wrong.size === 0) return [];
    const edit = (on: Build): Build => {
      const kept: Connection[] = [];
      for (const one of all) {
        if (!wrong.has(one)) {
          kept.push(one);
          continue;
        }
        const taken = [...kept, ...all.filter((other) => !wrong.has(other))];
        const color =
          one.color !== undefined && !taken.some((other) => other.color === one.color)
            ? one.color
            : COLORS.find((free) => !taken.some((other) => other.color === free));
        let label = one.label;
        for (let n = 2; taken.some((other) => other.label.toLowerCase() === label.toLowerCase()); n++)
          label = `${one.label} ${n}`.slice(0, 30);
        kept.push({ ...one, label, ...(color ? { color } : {}) });
      }
      return withConnections(on, kept);
    };
    return [atOnce(PLUMBING, 'A color and a label of its own for each discharge', edit)];
  },
};

/** A large discharge moved to the side on which nobody stands. */
const away: Changes = {
  kind: PLUMBING,
  helps: ['largeOutlet'],
  offer: (evaluation) => {
    const at = evaluation.read(panelAt);
    const to: Place | null = at === 'left' ? 'right' : at === 'right' ? 'left' : null;
    return evaluation
      .read(connections)
      .filter((one) => to && isDischarge(one) && one.at === at && one.sizeIn > SLOW_FROM_IN)
      .map((one) =>
        atOnce(
          PLUMBING,
          `${one.label} to the ${within(PLACE_NAMES[to!]).replace(/,.*/, '')}`,
          () => withConnection(evaluation, one.id, { at: to!, alongIn: undefined, upIn: undefined }),
          one.id,
        ),
      );
  },
};

/** What a hand has put on a panel, laid out anew. */
const laidOut = onAll(
  'panelRoom',
  'All openings where the panel has room for them',
  ({ alongIn }) => alongIn !== undefined,
  { alongIn: undefined, upIn: undefined },
);

export const plumbingChanges: Changes[] = [
  moreDischarges,
  noFoamThere,
  suctions,
  paths,
  feeding,
  colors,
  away,
  onAll('byHand', 'A handwheel at every powered valve', (one) => isPowered(one) && !one.byHand, {
    byHand: 'wheel',
  }),
  onAll(
    'slowValves',
    'Large valves that open and close slowly',
    ({ sizeIn, valve, slow }) => sizeIn >= SLOW_FROM_IN && valve !== 'none' && slow === undefined,
    { slow: 'yes' },
  ),
  onAll(
    'drained',
    'A drain at every valved opening',
    ({ at, drain, kind, valve }) =>
      at !== 'within' && drain === undefined && kind !== 'dump' && valve !== 'none',
    { drain: 'yes' },
  ),
  onAll(
    'instruments',
    'A pressure gauge at every discharge, with a flow meter where foam or air flows',
    (one) => isDischarge(one) && one.gauge !== 'both',
    { gauge: 'both' },
  ),
  laidOut,
];
