import type { Build } from '../../build/index.js';
import type { Evaluation, Row, TableOf } from '../../kernel/index.js';
import { beds, compartments, tankBoxes, tankSpace } from '../../truck/index.js';
import { change, cubicFeet, inches, lb } from '../../units/index.js';
import { withCrosslaysAt } from '../hose/index.js';
import { withTankLower } from '../tank/index.js';
import { inService } from '../weights/index.js';
import { pulls } from './pulls.js';

/** A figure as what it becomes, and by how much where it changes. */
const said = (now: number, then: number, say: (value: number) => string): string =>
  Math.abs(then - now) < 0.05 ? say(then) : `${say(then)} (${change(say(then - now))})`;

interface Figures {
  floorIn: number;
  gripIn: number;
  tankIn: number;
  spareIn: number;
  roomFt3: number;
  frontLb: number;
  rearLb: number;
}

/** What a bed of a kind comes to on a truck. */
function figuresOf(evaluation: Evaluation, kind: 'main' | 'crosslay'): Figures {
  const of = evaluation.read(beds).filter((bed) => bed.kind === kind);
  const pulled = evaluation.read(pulls).filter(({ load }) => load.bed.kind === kind);
  const boxes = evaluation.read(tankBoxes);
  const end = Math.max(...boxes.map(({ frontIn, lengthIn }) => frontIn + lengthIn));
  const { weights } = evaluation.read(inService);
  return {
    floorIn: Math.max(...of.map(({ floorIn }) => floorIn)),
    gripIn: Math.max(0, ...pulled.map(({ gripIn }) => gripIn)),
    tankIn: Math.max(0, ...boxes.map(({ lengthIn }) => lengthIn)),
    spareIn: boxes.length === 0 ? 0 : evaluation.read(tankSpace).endIn - end,
    roomFt3: evaluation.read(compartments).reduce((sum, { volumeFt3 }) => sum + volumeFt3, 0),
    frontLb: weights.front.loadLb,
    rearLb: weights.rear.loadLb,
  };
}

/** Each way in which beds can be set lower, with the build that it makes; by an inch and by more. */
function ways(build: Build): { name: string; kind: Parameters<typeof figuresOf>[1]; build: Build }[] {
  const now = build.tank.lowerIn ?? 0;
  const tank = build.tank.gallons === 0 ? [] : [1, 4, 8];
  return [
    ...tank.map((by) => ({
      name: `Bed ${inches(by)} lower`,
      kind: 'main' as const,
      build: withTankLower(build, now + by),
    })),
    ...((build.hose.crosslaysAt ?? 'over') === 'over'
      ? [
          {
            name: 'Crosslays in a module',
            kind: 'crosslay' as const,
            build: withCrosslaysAt(build, 'behind'),
          },
        ]
      : []),
  ];
}

/** What is told of each way, line by line. */
const LINES: { id: keyof Figures; name: string; say: (value: number) => string }[] = [
  { id: 'floorIn', name: 'Floor of the bed', say: inches },
  { id: 'gripIn', name: 'Highest grip', say: inches },
  { id: 'tankIn', name: 'Length of the tank', say: inches },
  { id: 'spareIn', name: 'Free behind the tank', say: inches },
  { id: 'roomFt3', name: 'Compartments', say: cubicFeet },
  { id: 'frontLb', name: 'Front axle', say: lb },
  { id: 'rearLb', name: 'Rear axle', say: lb },
];

/** What it costs to set beds lower: tank, room, compartments and axles, each way worked out on this truck. */
export function loweringTable(evaluation: Evaluation): TableOf {
  const { build } = evaluation;
  const there = new Set(evaluation.read(beds).map(({ kind }) => kind));
  const all = ways(build)
    .filter(({ kind }) => there.has(kind))
    .map(({ name, kind, build: lower }) => ({
      name,
      now: figuresOf(evaluation, kind),
      then: figuresOf(evaluation.with(lower), kind),
    }));
  return {
    title: 'What a lower bed costs',
    columns: [{ head: 'Of this truck' }, ...all.map(({ name }) => ({ head: name, figure: true as const }))],
    rows: (all.length > 0 ? LINES : []).map(({ id, name, say }): Row => {
      const isShort = (figures: Figures) => id === 'spareIn' && figures.spareIn < 0;
      const wrong = all.flatMap(({ then }, i) => (isShort(then) ? [i + 1] : []));
      return {
        id,
        cells: [
          name,
          ...all.map(({ now, then }) =>
            isShort(then) ? `${inches(-then.spareIn)} too long` : said(now[id], then[id], say),
          ),
        ],
        ...(wrong.length ? { wrong } : {}),
      };
    }),
  };
}
