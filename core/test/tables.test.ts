import { markAt } from '../kernel/index.js';
import { describe, expect, it } from 'vitest';
import { BUILD_TYPES } from '../build/index.js';
import type { Field, Fields } from '../build/index.js';
import { DEMONSTRATION, starterBuild } from '../demonstration/index.js';
import { PAPERS } from '../papers/index.js';
import type { Block } from '../papers/index.js';
import { house } from '../subjects/index.js';
import { rowInWords } from '../subjects/plumbing/index.js';
import { components } from '../truck/index.js';

/**
 * What Baros computes today, in files that a person reads: every component with its weight, place and solids,
 * every check, every bound. A change on purpose is made with `npx vitest run core/test/tables.test.ts -u`, and
 * its lines are read in the difference.
 */
const builds = [
  ...DEMONSTRATION.flatMap((department) => department.builds),
  ...BUILD_TYPES.map((type) => starterBuild(type, `Starter ${type}`, 'D')),
];
const kept = (name: string) => `./tables/${name.toLowerCase().replaceAll(' ', '-')}.txt`;
const table = (rows: (string | number)[][]) => `${rows.map((row) => row.join(' | ')).join('\n')}\n`;

/** To the thousandth, so that the last digits of a computer's arithmetic are no difference. */
const figure = (value: number): string => String(Number(value.toFixed(3)) + 0);
const span = (from: number, to: number) => `${figure(from)}…${figure(to)}`;

/** Every figure within a text to the thousandth as well. */
const plain = (text: string) => text.replace(/-?\d+\.\d{4,}/g, (digits) => figure(Number(digits)));

/** A long line of a chart by every tenth of its points. */
const thinned = <T>(values: readonly T[]): T[] =>
  values.length <= MOST_POINTS ? [...values] : values.filter((_, i) => i % 10 === 0);
const MOST_POINTS = 40;

/** A block of a paper as lines. */
const written = (block: Block): (string | number)[][] => {
  switch (block.kind) {
    case 'table': {
      const { title, columns, rows } = block.table;
      return [
        ['table', title],
        columns.map(({ head, unit }) => (unit ? `${head}, ${unit}` : head)),
        ...rows.map((row) => [
          ...row.cells.map((cell, i) => {
            const mark = markAt(row, i);
            return mark === null ? plain(cell) : `${plain(cell)} (${mark.trim() || 'wrong'})`;
          }),
          ...(row.strong ? ['(strong)'] : []),
        ]),
      ];
    }
    case 'chart': {
      const { words, x, series } = block.chart;
      return [
        ['chart', plain(words)],
        [x.title, ...thinned<number | string>(x.at).map((at) => (typeof at === 'number' ? figure(at) : at))],
        ...series.map(({ label, tone, dash = [], values, mark }) => [
          plain(label),
          [tone, ...dash].join(' '),
          ...thinned(values).map(figure),
          ...(mark === undefined ? [] : [`mark ${mark}`]),
        ]),
      ];
    }
    case 'facts':
      return block.facts.map(([name, value]) => [name, plain(value)]);
    case 'diagram':
      return block.of.rows.map((row) => [row.side, String(row.row), plain(rowInWords(row))]);
    case 'drawing':
      return [['drawing', block.views]];
    case 'lockers':
      return [[block.kind, block.of.title, ...block.of.lockers.map(({ of }) => of.name)]];
    case 'mounting':
      return [[block.kind, block.of.of.name, ...block.of.heightsIn.map(String)]];
    case 'labels':
      return block.labels.map(({ number, name, place }) => [number, plain(name), plain(place)]);
    case 'steps':
      return block.steps.map((one) => [block.title, plain(one.do), plain(one.why), one.byHand ?? '']);
    case 'columns':
      return block.columns.flat().flatMap(written);
    default:
      return [[block.kind, plain(block.text)]];
  }
};

describe.each(builds.map((build) => [build.name, build] as const))('%s', (name, build) => {
  const evaluation = house.evaluate(build);

  it('comes to the figures that it came to, and finds what it found by what causes it', async () => {
    const rows = evaluation.findings.flatMap((finding) => {
      const causes = house.checks.find(({ id }) => id === finding.id)?.causes?.(evaluation, finding) ?? [];
      const { id, status, actual, limit, margin, unit, state, by, words } = finding;
      const figures = [actual, limit, margin].map(figure).join(', ');
      return [
        [id, status, `${figures} ${unit}`, state?.id ?? '', by ?? '', plain(words)],
        ...causes.map(({ componentId, amountLb }) => [`  ${componentId}`, `${figure(amountLb)} lb`]),
      ];
    });
    const figures = Object.entries(evaluation.figures(house.figures)).map(([id, value]) => [
      id,
      `${figure(value)} ${house.figure(id).unit}`,
    ]);
    await expect(table([...figures, ...rows])).toMatchFileSnapshot(kept(`${name} findings`));
  });

  it('has its papers, each line as it was', async () => {
    const rows = PAPERS.flatMap(({ id, of }) => [['paper', id], ...of(evaluation).blocks.flatMap(written)]);
    await expect(table(rows)).toMatchFileSnapshot(kept(`${name} papers`));
  });

  it('has its components, each with weight, place and solids as they were', async () => {
    const rows = evaluation
      .read(components)
      .flatMap((c) => [
        [
          c.id,
          c.name,
          c.step,
          c.role,
          `${figure(c.weightLb)} lb ${c.basis} ±${figure(c.tolerancePct)} %`,
          `at ${[c.xIn, c.yIn, c.zIn].map(figure).join(', ')} in`,
          `${c.priceCents} cents`,
        ],
        ...c.shapes.map(({ kind, box }) => [
          `  ${kind}`,
          [span(box.x0, box.x1), span(box.y0, box.y1), span(box.z0, box.z1)].join(' by '),
        ]),
      ]);
    await expect(table(rows)).toMatchFileSnapshot(kept(name));
  });
});

/** A field with its bounds, those within it too. */
const fieldRows = (field: Field, path: string): string[][] => {
  const { kind, title, ...bounds } = field;
  const inner =
    'fields' in field
      ? Object.entries(field.fields as Fields).flatMap(([key, one]) => fieldRows(one, `${path}.${key}`))
      : 'of' in field && typeof field.of === 'object'
        ? fieldRows(field.of as Field, `${path}[]`)
        : [];
  const said = Object.entries(bounds).filter(([, value]) => inner.length === 0 || typeof value !== 'object');
  return [[path, kind, title, ...said.map(([key, value]) => `${key} ${JSON.stringify(value)}`)], ...inner];
};

it('keeps the bounds of every field of the build file', async () => {
  const rows = house.blocks.flatMap((block) =>
    Object.entries(block.fields).flatMap(([key, field]) => fieldRows(field, `${block.id}.${key}`)),
  );
  await expect(table(rows)).toMatchFileSnapshot(kept('fields'));
});

it('keeps what every limit is and the bounds of its value', async () => {
  const rows = Object.entries(house.limits).map(([id, { title, unit, sense, min, max }]) => [
    id,
    title,
    sense,
    `${min}…${max} ${unit}`,
  ]);
  await expect(table(rows)).toMatchFileSnapshot(kept('limits'));
});

it('keeps the title of every check and the steps that it speaks of', async () => {
  const rows = house.checks.map(({ id, title, steps, mendedBy = [] }) => [
    id,
    title,
    `steps: ${steps.join(', ')}`,
    `mended as: ${mendedBy.join(', ')}`,
  ]);
  await expect(table(rows)).toMatchFileSnapshot(kept('checks'));
});
