import { changedLine, clamped, freshId } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import type { Evaluation } from '../../kernel/index.js';
import { withConnections } from './block.js';
import { COLORS, CONNECTION_FIELDS } from './fields.js';
import type { Connection } from './fields.js';
import { connections, usualConnections, usually } from './usual.js';

/** A connection otherwise, or gone; with it all of them become the build's own. */
export function withConnection(
  evaluation: Evaluation,
  id: string,
  change: Partial<Omit<Connection, 'id'>> | null,
): Build {
  return withConnections(evaluation.build, changedLine(evaluation.read(connections), id, change));
}

/** The connections as they are now, as the build's own. */
export const withOwnConnections = (evaluation: Evaluation): Build =>
  withConnections(evaluation.build, evaluation.read(connections));

/** No connection at all, to begin from nothing. */
export const withNoConnections = (build: Build): Build => withConnections(build, []);

/** A connection on its face where a hand has put it, to the half inch; where the panel puts it where none is given. */
export const withConnectionAt = (
  evaluation: Evaluation,
  id: string,
  at: { u: number; v: number } | null,
): Build => {
  const half = (field: 'alongIn' | 'upIn', value: number) =>
    clamped(CONNECTION_FIELDS[field], Math.round(value * 2) / 2);
  return withConnection(
    evaluation,
    id,
    at
      ? { alongIn: half('alongIn', at.u), upIn: half('upIn', at.v) }
      : { alongIn: undefined, upIn: undefined },
  );
};

type Said = Parameters<typeof usually>[1];

/** What can be added, as it usually is. */
export const CONNECTION_KINDS: readonly { id: string; title: string; said: Said }[] = [
  {
    id: 'discharge',
    title: 'Discharge',
    said: { kind: 'discharge', label: 'Discharge', at: 'right', sizeIn: 2.5 },
  },
  {
    id: 'large',
    title: 'Large discharge',
    said: { kind: 'discharge', label: 'Large', at: 'right', sizeIn: 4 },
  },
  { id: 'intake', title: 'Intake', said: { kind: 'intake', label: 'Intake', at: 'left', sizeIn: 2.5 } },
  {
    id: 'suction',
    title: 'Large suction',
    said: { kind: 'intake', label: 'Suction', at: 'left', sizeIn: 6 },
  },
  {
    id: 'tankToPump',
    title: 'Tank-to-pump',
    said: { kind: 'tankToPump', label: 'Tank-to-pump', at: 'within', sizeIn: 3 },
  },
  {
    id: 'tankFill',
    title: 'Tank fill',
    said: { kind: 'tankFill', label: 'Tank fill', at: 'within', sizeIn: 2 },
  },
  {
    id: 'recirculation',
    title: 'Recirculation',
    said: { kind: 'recirculation', label: 'Recirculation', at: 'within', sizeIn: 1 },
  },
  {
    id: 'directFill',
    title: 'Direct tank fill with check valve',
    said: { kind: 'directFill', label: 'Direct fill', at: 'rear', sizeIn: 2.5 },
  },
  {
    id: 'dumpRear',
    title: 'Dump valve, rear',
    said: { kind: 'dump', label: 'Dump, rear', at: 'rear', sizeIn: 10 },
  },
  {
    id: 'dumpLeft',
    title: 'Dump valve, driver’s side',
    said: { kind: 'dump', label: 'Dump, driver’s side', at: 'bodyLeft', sizeIn: 10 },
  },
  {
    id: 'dumpRight',
    title: 'Dump valve, officer’s side',
    said: { kind: 'dump', label: 'Dump, officer’s side', at: 'bodyRight', sizeIn: 10 },
  },
];

/** A label that no other connection has: with the next number where it is taken. */
function freeLabel(label: string, all: readonly Connection[]): string {
  const taken = new Set(all.map((one) => one.label.toLowerCase()));
  let number = 1;
  let free = label;
  while (taken.has(free.toLowerCase())) free = `${label} ${++number}`;
  return free;
}

/** A color that no other discharge has; none where all are taken. */
const freeColor = (all: readonly Connection[]) =>
  COLORS.find((color) => !all.some((one) => one.color === color));

/** These connections added, each with a label and a color of its own. */
export function withNewConnections(evaluation: Evaluation, ...all: (Said & { id?: string })[]): Build {
  const next = all.reduce<Connection[]>((lines, { id = freshId(), ...of }) => {
    const color = of.kind === 'discharge' ? freeColor(lines) : undefined;
    return [...lines, usually(id, { ...of, label: freeLabel(of.label, lines), ...(color ? { color } : {}) })];
  }, evaluation.read(connections));
  return withConnections(evaluation.build, next);
}

/** What the usual set of this truck has to feed a bed or a monitor. */
export const usualFor = (evaluation: Evaluation, feedsId: string): Connection | undefined =>
  evaluation.read(usualConnections).find((one) => one.feedsId === feedsId);
