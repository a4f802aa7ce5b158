import { block, field, settled, withBlock } from '../../build/index.js';
import type { BlockOf, Build, Problem } from '../../build/index.js';
import { hoseSize, listed, within } from '../../units/index.js';
import {
  CONNECTION_FIELDS,
  KIND_NAMES,
  LEVEL_NAMES,
  LEVELS,
  PLACE_NAMES,
  SIDE_NAMES,
  SIDES,
  SIZES_IN,
} from './fields.js';
import type { Connection } from './fields.js';
import { fedBy } from './fed.js';

export const plumbingBlock = block({
  id: 'plumbing',
  title: 'Plumbing',
  version: 1,
  fields: {
    /** Every intake, discharge and way to the tank; the usual set of the pump where left out. */
    connections: field.optional(
      field.lines(
        'Intakes and discharges',
        'Connection',
        60,
        CONNECTION_FIELDS,
        ({ kind, label, at, sizeIn }) => ({
          title: KIND_NAMES[kind],
          words: `${label}, ${hoseSize(sizeIn)}, ${within(PLACE_NAMES[at])}`,
        }),
      ),
    ),
    /** Where the tank's level is read; at the panel and in the cab where left out. */
    levels: field.optional(
      field.many('Tank level is read', field.oneOf('Place', LEVELS, LEVEL_NAMES), LEVELS.length),
    ),
    /** From which sides the pump must draw its whole rating; as such a pump usually does where left out. */
    drawsFrom: field.optional(
      field.many('Draws its rating from', field.oneOf('Side', SIDES, SIDE_NAMES), SIDES.length),
    ),
  },
  empty: {},
  later: true,
  fromVersion2: () => ({}),
});

declare module '../../build/build.js' {
  interface Blocks {
    plumbing: BlockOf<typeof plumbingBlock>;
  }
}

/** The connections as the build's own, or as the pump usually has them. */
export const withConnections = (build: Build, connections: readonly Connection[] | undefined): Build =>
  withBlock(build, 'plumbing', { connections: connections && [...connections] });

/** What a connection feeds must be there: without its bed or its monitor it is gone too. */
export function settlePlumbing(build: Build): Build {
  const { connections } = build.plumbing;
  if (!connections) return build;
  const there = new Set(fedBy(build).map(({ id }) => id));
  return settled(build, 'plumbing', {
    ...build.plumbing,
    connections: connections.filter(({ feedsId }) => feedsId === undefined || there.has(feedsId)),
  });
}

/** Sizes that nobody makes, and feeds of what is not there. */
export function plumbingProblems(build: Build): Problem[] {
  const there = fedBy(build).map(({ id }) => id);
  return (build.plumbing.connections ?? []).flatMap(({ sizeIn, adapterIn, feedsId }, i) => {
    const at = `plumbing.connections.${i}`;
    const wrong = (field: string, must: string) => ({
      field: `${at}.${field}`,
      message: `${at}.${field} ${must}`,
    });
    const made = (size: number) => (SIZES_IN as readonly number[]).includes(size);
    return [
      ...(made(sizeIn) ? [] : [wrong('sizeIn', `must be one of ${SIZES_IN.join(', ')} (was ${sizeIn})`)]),
      ...(adapterIn === undefined || made(adapterIn)
        ? []
        : [wrong('adapterIn', `must be one of ${SIZES_IN.join(', ')} (was ${adapterIn})`)]),
      ...(feedsId === undefined || there.includes(feedsId)
        ? []
        : [
            wrong(
              'feedsId',
              `must be a bed or a monitor of this truck${there.length ? `: ${listed(there)}` : ', which has none'} (was "${feedsId}")`,
            ),
          ]),
    ];
  });
}
