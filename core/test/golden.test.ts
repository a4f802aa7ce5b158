import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { remediesFor, schoolsFor } from '../advice/index.js';
import { house } from '../subjects/index.js';
import { payloadLeft, weighedStates } from '../subjects/weights/index.js';
import { components } from '../truck/index.js';

/**
 * What Baros computed and said of these builds before its rooms were laid out by subject: files of version 2
 * with their figures, findings, places and weights. Whatever is moved, they stay.
 */
interface Golden {
  name: string;
  file: unknown;
  figures: Record<string, number>;
  findings: Record<
    string,
    { status: string; actual: number; limit: number; margin: number; state: string | null; words: string }
  >;
  states: Record<string, Record<string, number>>;
  payloadLeft: { place: string; leftLb: number; fullFirst: string }[];
  components: [
    name: string,
    group: string,
    lb: number,
    x: number,
    y: number,
    z: number,
    basis: string,
    tolerance: number,
    cents: number,
  ][];
  sentences?: Record<string, string>;
  contributors?: Record<string, [string, number][]>;
  schools?: Record<string, Record<string, unknown>[]>;
  remedies?: Record<
    string,
    {
      label: string;
      mends: boolean;
      actual: number;
      status: string;
      change: Record<string, number>;
      worse: string[];
    }[]
  >;
  choices?: Record<
    string,
    { title: string; value?: number; options?: [string, string, boolean, Record<string, number>, string[]][] }
  >;
}

const folder = new URL('./golden/', import.meta.url);
const GOLDEN = readdirSync(folder).map(
  (file) => JSON.parse(readFileSync(new URL(file, folder), 'utf8')) as Golden,
);

/** The words of then in today's spelling. */
const SPELLING: [RegExp, string][] = [
  [/aluminium/g, 'aluminum'],
  [/Aluminium/g, 'Aluminum'],
  [/galvanised/g, 'galvanized'],
  [/Galvanised/g, 'Galvanized'],
  [/tyre/g, 'tire'],
  [/Tyre/g, 'Tire'],
  [/petrol/g, 'gasoline'],
  [/Petrol/g, 'Gasoline'],
  [/centre/g, 'center'],
  [/itemised/g, 'itemized'],
];
const american = (text: string): string =>
  SPELLING.reduce((said, [from, to]) => said.replace(from, to), text);

/** Figures within texts to the digits that anybody reads. */
const said = (text: string): string =>
  american(text).replace(
    /\{(-?[\d.e+-]+) /g,
    (_, figure: string) => `{${Number(Number(figure).toFixed(3))} `,
  );

/** A value with its texts in today's spelling; what is expected takes figures as near as a computer's digits go. */
function tidy<T>(value: T, number: (value: number) => unknown = (figure) => figure): T {
  if (typeof value === 'number') return number(value) as T;
  if (typeof value === 'string') return said(value) as T;
  if (Array.isArray(value)) return value.map((inner) => tidy(inner as unknown, number)) as T;
  if (typeof value === 'object' && value !== null)
    return Object.fromEntries(
      Object.entries(value).map(([key, inner]) => [key, tidy(inner as unknown, number)]),
    ) as T;
  return value;
}
const then = <T>(value: T): T => tidy(value, (figure) => expect.closeTo(figure, 4));

const sorted = <T extends unknown[]>(rows: T[]): T[] =>
  [...rows].sort(
    (a, b) => (said(`${a[0]} ${a[1]}`) < said(`${b[0]} ${b[1]}`) ? -1 : 1) || Number(a[2]) - Number(b[2]),
  );

/** Changes that harm alike may change places. */
const byLabel = <T extends { label: string }>(changes: T[]): T[] =>
  [...changes].sort((a, b) => (a.label < b.label ? -1 : 1));

describe.each(GOLDEN)('$name', (golden) => {
  const build = house.parse(golden.file);
  const evaluation = house.evaluate(build);

  it('opens, and weighs, measures and costs what it did', () => {
    expect(tidy(evaluation.figures())).toEqual(then(golden.figures));
  });

  it('has every component in its place, with its weight and price', () => {
    const now = evaluation
      .read(components)
      .map((c) => [c.name, c.group, c.weightLb, c.xIn, c.yIn, c.zIn, c.basis, c.tolerancePct, c.priceCents]);
    expect(tidy(sorted(now))).toEqual(then(sorted(golden.components)));
  });

  it('finds what it found', () => {
    const now = Object.fromEntries(
      evaluation.findings
        .filter(({ id }) => id !== 'weighedStands')
        .map(({ id, status, actual, limit, margin, state, words }) => [
          id,
          { status, actual, limit, margin, state: state?.id ?? null, words },
        ]),
    );
    expect(tidy(now)).toEqual(then(golden.findings));
  });

  it('weighs the same in every load state', () => {
    const now = Object.fromEntries(
      evaluation.read(weighedStates).map(({ id, weights: w }) => [
        id,
        {
          front: w.front.loadLb,
          rear: w.rear.loadLb,
          gross: w.totalLb,
          tilt: w.tiltAngleDeg,
          cgPct: w.cgHeightToTrackPct,
          front95: w.front.load95Lb,
          rear95: w.rear.load95Lb,
        },
      ]),
    );
    expect(tidy(now)).toEqual(then(golden.states));
    expect(
      tidy(
        evaluation.read(payloadLeft).map(({ place, leftLb, fullFirst }) => ({ place, leftLb, fullFirst })),
      ),
    ).toEqual(then(golden.payloadLeft));
  });

  it.runIf(golden.sentences)('says in each step what it said, and what causes each finding', () => {
    expect(
      tidy(Object.fromEntries(house.stepsFor(build).map(({ id, sentence }) => [id, sentence!(evaluation)]))),
    ).toEqual(then(golden.sentences));
    const causes = Object.fromEntries(
      house.checks.flatMap((check) => {
        const finding = evaluation.finding(check.id);
        const found = finding && check.causes ? check.causes(evaluation, finding) : [];
        return found.length ? [[check.id, found.map(({ name, amountLb }) => [name, amountLb])]] : [];
      }),
    );
    expect(tidy(causes)).toEqual(then(golden.contributors));
  });

  // Weights that were weighed now end with what was weighed: their options have other figures than then.
  it.runIf(golden.choices && build.weights.weighed.length === 0)(
    'offers what it offered, each option with what it changes',
    () => {
      const now = Object.fromEntries(
        house
          .stepsFor(build)
          .flatMap((step) => house.inPanelOf(step))
          .flatMap((subject) => house.choicesOf(subject, build))
          .flatMap((choice): [string, unknown][] => {
            if (choice.kind === 'list') return [];
            if (choice.kind === 'amount') return [[choice.id, { title: choice.title, value: choice.value }]];
            return [
              [
                choice.id,
                {
                  title: choice.title,
                  options: choice.options.map((option) => {
                    const after = evaluation.with(option.build);
                    return [
                      option.id,
                      option.label,
                      option.chosen,
                      after.figures(),
                      after.findings
                        .filter(({ status, id }) => status !== 'holds' && id !== 'weighedStands')
                        .map(({ id, status }) => `${id} ${status}`)
                        .sort(),
                    ];
                  }),
                },
              ],
            ];
          }),
      );
      const before = Object.fromEntries(
        Object.entries(golden.choices!).map(([id, { title, value, options }]) => [
          id,
          value === undefined ? { title, options } : { title, value },
        ]),
      );
      expect(tidy(now)).toEqual(then(before));
    },
  );

  it.runIf(golden.schools && build.weights.weighed.length === 0)('weighs two schools as it did', () => {
    const now = Object.fromEntries(
      house
        .stepsFor(build)
        .flatMap(({ id }) => schoolsFor(evaluation, id))
        .map(({ id, sides }) => [
          id === 'tires' ? 'tyres' : id,
          sides.map(({ id: side, chosen, figures }) => ({ id: side, chosen, ...figures })),
        ]),
    );
    expect(tidy(now)).toEqual(then(golden.schools));
  });

  it.runIf(golden.remedies && build.weights.weighed.length === 0)(
    'mends what it mended, with the same effect',
    () => {
      for (const [id, was] of Object.entries(golden.remedies!)) {
        const now = remediesFor(evaluation, id).map(({ label, mends, after, change, worse }) => ({
          label,
          mends,
          actual: after.actual,
          status: after.status,
          change,
          worse,
        }));
        const before = was.map((one) => ({ ...one, label: said(one.label) }));
        const both = (one: { label: string }) =>
          [before, now].every((list) => list.some(({ label }) => said(label) === one.label));
        // Of moves that harm alike the one that gains more now comes first: some may give way to better ones.
        expect(now).toHaveLength(before.length);
        expect(before.filter(both).length).toBeGreaterThanOrEqual(before.length - 2);
        expect(byLabel(tidy(now).filter(both))).toEqual(then(byLabel(before.filter(both))));
      }
    },
  );
});
