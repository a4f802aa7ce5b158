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
function ways(
  build: Build,
): { id: string; name: string; kind: Parameters<typeof figuresOf>[1]; build: Build }[] {
  const now = build.tank.lowerIn ?? 0;
  const tank = build.tank.gallons === 0 ? [] : [1, 4, 8];
  return [
    ...tank.map((by) => ({
      id: `tank-${by}`,
      name: `Bed ${inches(by)} lower`,
      kind: 'main' as const,
      build: withTankLower(build, now + by),
    })),
    ...((build.hose.crosslaysAt ?? 'over') === 'over'
      ? [
          {
            id: 'module',
            name: 'Crosslays in a module',
            kind: 'crosslay' as const,
            build: withCrosslaysAt(build, 'behind'),
          },
        ]
      : []),
  ];
}

/** What it costs to set beds lower: tank, room, compartments and axles, each way worked out on this truck. */
export function loweringTable(evaluation: Evaluation): TableOf {
  const { build } = evaluation;
  const there = new Set(evaluation.read(beds).map(({ kind }) => kind));
  return {
    title: 'What a lower bed costs',
    columns: [
      { head: 'Lower by' },
      { head: 'Floor of the bed', figure: true },
      { head: 'Highest grip', figure: true },
      { head: 'Length of the tank', figure: true },
      { head: 'Free behind the tank', figure: true },
      { head: 'Compartments', figure: true },
      { head: 'Front axle', figure: true },
      { head: 'Rear axle', figure: true },
    ],
    rows: ways(build)
      .filter(({ kind }) => there.has(kind))
      .map(({ id, name, kind, build: lower }): Row => {
        const now = figuresOf(evaluation, kind);
        const then = figuresOf(evaluation.with(lower), kind);
        return {
          id,
          cells: [
            name,
            said(now.floorIn, then.floorIn, inches),
            said(now.gripIn, then.gripIn, inches),
            said(now.tankIn, then.tankIn, inches),
            then.spareIn < 0 ? `${inches(-then.spareIn)} too long` : said(now.spareIn, then.spareIn, inches),
            said(now.roomFt3, then.roomFt3, cubicFeet),
            said(now.frontLb, then.frontLb, lb),
            said(now.rearLb, then.rearLb, lb),
          ],
          ...(then.spareIn < 0 ? { wrong: [4] } : {}),
        };
      }),
  };
}
