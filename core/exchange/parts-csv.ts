import { BadInput, judge } from '../build/index.js';
import { american, americanFigure, FIGURE_SOURCES } from '../kernel/index.js';
import type { FigureSource, OwnPart } from '../kernel/index.js';
import { house } from '../subjects/index.js';
import { fromSystem, shownIn, toSystem, UNIT_SYSTEMS } from '../units/index.js';
import type { UnitSystem } from '../units/index.js';
import { OwnPartRules } from './api-parts.js';
import { csvOf, csvRows } from './csv.js';

const HEADER = ['kind', 'id', 'like', 'name', 'figure', 'value', 'unit', 'source'];

const unitOf = (system: UnitSystem, unit: string): string =>
  unit === 'cents' ? '$' : shownIn(system, unit as 'lb').unit;

/** Own parts as CSV in a person's units: one line a figure, a part without figures on one line of its own. */
export function partsCsv(parts: OwnPart[], system: UnitSystem): string {
  const data = parts.flatMap((part) => {
    const about = [part.kind, part.id, part.likeId, part.name];
    if (part.figures.length === 0) return [[...about, '', '', '', '']];
    return part.figures.map(({ field, value, source }) => {
      const { unit } = house.shelf(part.kind).figures.find(({ id }) => id === field)!;
      return [
        ...about,
        field,
        unit === 'cents' ? value / 100 : Number(toSystem(system, unit, value).toPrecision(15)),
        unitOf(system, unit),
        source,
      ];
    });
  });
  return csvOf(HEADER, data);
}

/** What reading a list of parts would bring: nothing is kept until a person says so. */
export interface PartsReading {
  parts: OwnPart[];
  refused: { line: number; reason: string }[];
}

/**
 * Reads own parts; a line that can't be taken is refused with its reason, and a part of which a line is
 * refused is left out whole.
 */
export function readPartsCsv(text: string): PartsReading {
  const data = csvRows(text);
  const header = (data[0] ?? []).map((head) => head.trim().toLowerCase());
  const missing = HEADER.slice(0, 4).filter((head) => !header.includes(head));
  if (missing.length)
    return {
      parts: [],
      refused: [
        {
          line: 1,
          reason: `the header row must have ${HEADER.join(', ')}; ${missing.join(', ')} ${missing.length > 1 ? 'are' : 'is'} missing`,
        },
      ],
    };

  const refused: PartsReading['refused'] = [];
  const parts = new Map<string, { line: number; part: OwnPart; whole: boolean }>();
  data.slice(1).forEach((cells, i) => {
    const line = i + 2;
    const cell = (head: string) => (header.includes(head) ? (cells[header.indexOf(head)] ?? '').trim() : '');
    const kind = cell('kind');
    const like = american(cell('like'));
    const key = `${kind}/${cell('id')}`;
    const refuse = (reason: string) => {
      refused.push({ line, reason });
      const of = parts.get(key);
      if (of) of.whole = false;
    };
    const kinds = house.ownShelves.map((shelf) => shelf.kind);
    if (!kinds.includes(kind))
      return refuse(`kind must be one of ${kinds.join(', ')} (was "${cell('kind')}")`);
    if (!parts.has(key))
      parts.set(key, {
        line,
        whole: true,
        part: { id: american(cell('id')), kind, likeId: like, name: cell('name'), figures: [] },
      });
    const of = parts.get(key)!;
    if (of.part.name !== cell('name') || of.part.likeId !== like)
      return refuse(
        `${cell('id')} must have one name and be like one part (was "${cell('name')}", like "${cell('like')}")`,
      );
    const { figures } = house.shelf(kind);
    const figure = americanFigure(cell('figure'));
    if (!figure) return undefined;
    const field = figures.find(({ id }) => id === figure);
    if (!field)
      return refuse(`figure must be one of ${figures.map(({ id }) => id).join(', ')} (was "${figure}")`);
    const raw = Number(cell('value').replace(/[,$ ]/g, '').replace('−', '-'));
    if (cell('value') === '' || !Number.isFinite(raw))
      return refuse(`value must be a number (was "${cell('value')}")`);
    const system =
      cell('unit') === ''
        ? 'us'
        : UNIT_SYSTEMS.find((candidate) => unitOf(candidate, field.unit) === cell('unit'));
    if (!system)
      return refuse(
        `unit of ${figure} must be one of ${[...new Set(UNIT_SYSTEMS.map((candidate) => unitOf(candidate, field.unit)))].join(', ')} (was "${cell('unit')}")`,
      );
    const source = (cell('source').toLowerCase() || 'estimate') as FigureSource;
    if (!FIGURE_SOURCES.includes(source))
      return refuse(`source must be one of ${FIGURE_SOURCES.join(', ')} (was "${cell('source')}")`);
    of.part.figures.push({
      field: figure,
      value: field.unit === 'cents' ? Math.round(raw * 100) : fromSystem(system, field.unit, raw),
      source,
    });
    return undefined;
  });

  const whole = [...parts.values()]
    .filter((of) => of.whole)
    .flatMap(({ line, part }) => {
      const problems = problemsOfPart(part);
      if (problems.length === 0) return [part];
      refused.push({ line, reason: problems.join('; ') });
      return [];
    });
  return { parts: whole, refused: refused.sort((a, b) => a.line - b.line) };
}

/** Everything that is wrong with an own part, in words; empty where it can be kept. */
export function problemsOfPart(part: unknown): string[] {
  try {
    return house.ownPartProblems(judge(OwnPartRules, part)).map(({ message }) => message);
  } catch (error) {
    if (error instanceof BadInput) return error.problems.map(({ message }) => message);
    throw error;
  }
}
