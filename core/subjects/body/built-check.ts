import { atOnce, check, fromBuild, noneOf } from '../../kernel/index.js';
import type { ChangeKind, Changes, Check } from '../../kernel/index.js';
import { compartments } from '../../truck/index.js';
import { formatWhole, listed } from '../../units/index.js';
import { withCompartments } from './block.js';
import { planned } from './compartments.js';
import type { Plan } from './plans.js';

const LEAVE_OUT: ChangeKind = { id: 'compartment', title: 'Compartments', costs: 'givesUp' };

const withoutRoom = (plans: readonly Plan[], built: readonly { id: string }[]): Plan[] =>
  plans.filter((plan) => !built.some(({ id }) => id === plan.id));

/** Each compartment that a person asks for can be built: something of its room is left. */
export const builtCheck: Check = check(
  'body',
  { id: 'compartmentRoom', title: 'Room for each compartment', steps: ['body'] },
  [fromBuild(({ body }) => body.compartments), planned, compartments],
  (lines, plans, built) => {
    if (!lines || lines.length === 0) return null;
    const none = withoutRoom(plans, built);
    return noneOf(
      none.length,
      'fails',
      'Geometry of this build',
      none.length > 0
        ? `${listed(none.map(({ name }) => name))} ${none.length === 1 ? 'has' : 'have'} no room: other things take all of it.`
        : `All ${formatWhole(plans.length)} compartments have room.`,
    );
  },
);

/** A compartment that has no room is left out. */
export const builtChanges: Changes = {
  kind: LEAVE_OUT,
  helps: [builtCheck.id],
  offer: (evaluation) =>
    withoutRoom(evaluation.read(planned), evaluation.read(compartments)).map(({ id, name }) =>
      atOnce(
        LEAVE_OUT,
        `Leave out compartment ${name}`,
        (on) =>
          withCompartments(
            on,
            on.body.compartments?.filter((line) => line.id !== id),
          ),
        id,
      ),
    ),
};
