import { withBlock } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import { choicesOfLine, NONE } from '../../kernel/index.js';
import type { Choice, Evaluation } from '../../kernel/index.js';
import { capital, gal, hoseSize } from '../../units/index.js';
import { classInWords, foamCells } from '../foam/index.js';
import { withConnection } from './edit.js';
import { CONNECTION_FIELDS, LEVEL_NAMES, LEVELS, SIDE_NAMES, SIDES, SIZES_IN } from './fields.js';
import type { Connection } from './fields.js';
import { drawsFrom, passes } from './rating-checks.js';
import { isPowered, levels, openingsAt } from './panel.js';
import { connections, fed } from './usual.js';

/** The connections as a whole: they have a list and not options. */
export const CONNECTIONS_CHOICE = 'connections';

const {
  sizeIn: _size,
  adapterIn: _adapter,
  gpm,
  alongIn,
  upIn,
  byHand,
  reliefPsi,
  check,
  fedFrom,
  primer,
  foam,
  foamFrom: _from,
  air,
  feedsId: _feeds,
  label: _label,
  ...USUAL
} = CONNECTION_FIELDS;

/** What is worth asking of a connection of its kind. */
function fieldsOf(one: Connection, others: boolean) {
  const { kind } = one;
  const outlet = kind === 'discharge';
  return {
    ...USUAL,
    ...(isPowered(one) ? { byHand } : {}),
    ...(kind === 'intake' ? { reliefPsi, primer } : {}),
    ...(outlet ? { foam, air } : {}),
    ...(outlet && others ? { fedFrom } : {}),
    ...(kind === 'directFill' || kind === 'tankToPump' || one.air !== undefined ? { check } : {}),
    ...(kind === 'tankToPump' || kind === 'dump' || kind === 'directFill' ? { gpm } : {}),
  };
}

/** Relief at an intake is usually set so, psi. */
const USUAL_RELIEF_PSI = 125;

/** What can be chosen of one connection. */
export function connectionChoices(evaluation: Evaluation, id: string): Choice[] {
  const one = evaluation.read(connections).find((other) => other.id === id);
  if (!one) return [];
  const { build } = evaluation;
  const edit = (change: Record<string, unknown>): Build => withConnection(evaluation, id, change);
  const sizes = (key: 'sizeIn' | 'adapterIn', title: string, none: boolean): Choice => ({
    kind: 'pick',
    id: `connection-${id}-${key}`,
    title,
    compact: true,
    options: [
      ...(none
        ? [{ id: NONE, label: 'None', chosen: one[key] === undefined, build: edit({ [key]: undefined }) }]
        : []),
      ...SIZES_IN.map((size) => ({
        id: String(size),
        label: hoseSize(size),
        chosen: size === one[key],
        build: size === one[key] ? build : edit({ [key]: size }),
      })),
    ],
  });
  const place = evaluation.read(openingsAt).get(id);
  const there = evaluation.read(fed);
  const [first, ...rest] = choicesOfLine(
    `connection-${id}`,
    fieldsOf(one, build.pumping.highStage !== undefined || build.pumping.secondId !== undefined),
    one,
    edit,
    {
      has: 'It has',
      usual: { gpm: passes(one), reliefPsi: USUAL_RELIEF_PSI },
    },
  );
  const feeds: Choice[] =
    one.kind === 'discharge' && there.length > 0
      ? [
          {
            kind: 'pick',
            id: `connection-${id}-feeds`,
            title: 'Feeds',
            compact: true,
            options: [
              {
                id: NONE,
                label: 'A hose that is coupled to it',
                chosen: one.feedsId === undefined,
                build: edit({ feedsId: undefined }),
              },
              ...there.map((of) => ({
                id: of.id,
                label: of.name,
                chosen: of.id === one.feedsId,
                build: edit({ feedsId: of.id }),
              })),
            ],
          },
        ]
      : [];
  const cells = evaluation.read(foamCells);
  const mixed: Choice[] =
    one.foam !== undefined && cells.length > 1
      ? [
          {
            kind: 'pick',
            id: `connection-${id}-foamFrom`,
            title: CONNECTION_FIELDS.foamFrom.title,
            compact: true,
            options: cells.map((cell, i) => ({
              id: cell.id,
              label: `${capital(classInWords(cell))}, ${gal(cell.gallons)}`,
              chosen: cell.id === one.foamFrom || (i === 0 && one.foamFrom === undefined),
              build: edit({ foamFrom: i === 0 ? undefined : cell.id }),
            })),
          },
        ]
      : [];
  const placed: Choice[] = place
    ? choicesOfLine(
        `connection-${id}`,
        { alongIn, upIn },
        one,
        (change) => edit({ alongIn: place.of.u, upIn: place.of.v, ...change }),
        { has: '', usual: { alongIn: place.of.u, upIn: place.of.v } },
      )
    : [];
  return [
    ...(first ? [first] : []),
    sizes('sizeIn', 'Size', false),
    ...feeds,
    ...rest,
    ...mixed,
    ...(one.ends === 'adapter' ? [sizes('adapterIn', 'Adapter to', true)] : []),
    ...placed,
  ];
}

/** The connections as a list; where the tank's level is read, and from which sides the pump draws its rating. */
export function plumbingChoices(build: Build, evaluated: () => Evaluation): Choice[] {
  const list: Choice = { kind: 'list', id: CONNECTIONS_CHOICE, title: 'Intakes and discharges' };
  if (build.pump.partId === undefined) return [list];
  const evaluation = evaluated();
  const toggled = <T>(now: readonly T[], one: T): T[] =>
    now.includes(one) ? now.filter((other) => other !== one) : [...now, one];
  const read = evaluation.read(levels);
  const draws = evaluation.read(drawsFrom);
  return [
    list,
    {
      kind: 'toggle',
      id: 'tank-levels',
      title: 'Level of the tank is read',
      fine: true,
      options: LEVELS.map((level) => ({
        id: level,
        label: LEVEL_NAMES[level],
        chosen: read.includes(level),
        build: withBlock(build, 'plumbing', { levels: toggled(read, level) }),
      })),
    },
    {
      kind: 'toggle',
      id: 'draws-from',
      title: 'Draws its whole rating from',
      fine: true,
      options: SIDES.map((side) => ({
        id: side,
        label: SIDE_NAMES[side],
        chosen: draws.includes(side),
        build: withBlock(build, 'plumbing', { drawsFrom: toggled(draws, side) }),
      })),
    },
  ];
}
