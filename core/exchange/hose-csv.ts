import { amountProblem, freshId } from '../build/index.js';
import type { Build } from '../build/index.js';
import {
  couplingKinds,
  hoseShelf,
  isoDate,
  loadNames,
  SECTION_FIELDS,
  withSections,
} from '../subjects/hose/index.js';
import type { HoseSection } from '../subjects/hose/index.js';
import { fromSystem, inUnits, shownIn, toSystem } from '../units/index.js';
import type { UnitSystem } from '../units/index.js';
import { csvOf, csvRows } from './csv.js';

/** Heads of the columns; a length has its unit behind it. */
const HEADS = ['number', 'hose', 'length', 'couplings', 'made in', 'tested on', 'result', 'lies in'] as const;
type Head = (typeof HEADS)[number];

const headIn = (head: Head, system: UnitSystem): string =>
  head === 'length' ? `length (${shownIn(system, 'ft').unit})` : head;

/** The sections of hose as CSV in a person's units, a header row first. */
export function hoseCsv(build: Build, system: UnitSystem): string {
  const names = loadNames(build);
  const stock = hoseShelf.in(build);
  const rows = (build.hose.sections ?? []).map((section) => [
    section.mark ?? '',
    inUnits(stock.find(section.partId)?.name ?? section.partId, system),
    Number(toSystem(system, 'ft', section.lengthFt).toPrecision(12)),
    section.couplings ? couplingKinds[section.couplings].toLowerCase() : '',
    section.madeIn ?? '',
    section.testedOn ?? '',
    section.result ?? '',
    section.loadId ? (names.get(section.loadId) ?? '') : '',
  ]);
  return csvOf(
    HEADS.map((head) => headIn(head, system)),
    rows,
  );
}

/** What reading a list would do; with problems nothing is taken. */
export interface HoseReading {
  build: Build;
  sections: number;
  problems: string[];
}

const plain = (text: string): string => text.trim().toLowerCase().replace(/\s+/g, ' ');

/** Sections of hose from CSV, in place of those that are listed. Nothing is taken where a line is wrong. */
export function readHoseCsv(build: Build, text: string, system: UnitSystem): HoseReading {
  const [heads = [], ...rows] = csvRows(text);
  const refused = (...problems: string[]): HoseReading => ({ build, sections: 0, problems });
  const at = (head: Head) => heads.findIndex((cell) => plain(cell).replace(/\s*[([].*$/, '') === head);
  const unit = /[([](.*?)[)\]]/.exec(heads[at('length')] ?? '')?.[1]?.trim();
  const missing = (['hose', 'length'] as const).filter((head) => at(head) < 0);
  if (missing.length > 0)
    return refused(
      `The header row must name the columns ${missing.join(' and ')}; all columns are ${HEADS.map((head) => headIn(head, system)).join(', ')}.`,
    );
  if (unit !== undefined && unit !== shownIn(system, 'ft').unit)
    return refused(`length is in ${unit}; lengths here are in ${shownIn(system, 'ft').unit}.`);
  const named = <T extends string>(all: Iterable<readonly [T, string]>) =>
    new Map([...all].map(([id, name]) => [plain(inUnits(name, system)), id]));
  const hoses = named(
    hoseShelf
      .in(build)
      .all()
      .map(({ id, name }) => [id, name] as const),
  );
  const loads = named(loadNames(build));
  const kinds = named(Object.entries(couplingKinds) as ['threaded' | 'quarterTurn', string][]);
  const problems: string[] = [];
  const sections = rows.map((row, i): HoseSection => {
    const line = i + 2;
    const cell = (head: Head) => (at(head) < 0 ? '' : (row[at(head)] ?? '').trim());
    const wrong = (head: Head, right: string) => {
      problems.push(`Line ${line}: ${head} must be ${right} (was "${cell(head)}").`);
    };
    const pick = <T>(head: Head, from: Map<string, T>, right: string): T | undefined => {
      if (cell(head) === '') return undefined;
      const found = from.get(plain(cell(head)));
      if (found === undefined) wrong(head, right);
      return found;
    };
    const lengthFt = fromSystem(system, 'ft', Number(cell('length') || NaN));
    const bad = amountProblem(SECTION_FIELDS.lengthFt, lengthFt);
    if (bad)
      wrong('length', `a number from ${SECTION_FIELDS.lengthFt.min} to ${SECTION_FIELDS.lengthFt.max} ft`);
    const partId = pick('hose', hoses, 'the name of a hose in the catalog');
    if (cell('hose') === '') wrong('hose', 'the name of a hose in the catalog');
    const madeIn = cell('made in') === '' ? undefined : Number(cell('made in'));
    if (madeIn !== undefined && !(Number.isInteger(madeIn) && madeIn >= 1950 && madeIn <= 2100))
      wrong('made in', 'a year from 1950 to 2100');
    const testedOn = cell('tested on') || undefined;
    if (testedOn !== undefined && !isoDate(testedOn))
      wrong('tested on', 'a day as year-month-day, such as 2026-04-30');
    const result = pick(
      'result',
      new Map([
        ['passed', 'passed'],
        ['failed', 'failed'],
      ] as const),
      'passed or failed',
    );
    const couplings = pick('couplings', kinds, 'threaded or quarter-turn');
    const loadId = pick(
      'lies in',
      loads,
      `a load of this truck: ${[...loadNames(build).values()].join(', ')}`,
    );
    const mark = cell('number') || undefined;
    if (mark && mark.length > SECTION_FIELDS.mark.most)
      wrong('number', `${SECTION_FIELDS.mark.most} characters at most`);
    return {
      id: freshId(),
      partId: partId ?? '',
      lengthFt,
      ...(mark ? { mark } : {}),
      ...(couplings ? { couplings } : {}),
      ...(madeIn === undefined ? {} : { madeIn }),
      ...(testedOn ? { testedOn } : {}),
      ...(result ? { result } : {}),
      ...(loadId ? { loadId } : {}),
    };
  });
  if (sections.length > 400) problems.push('A list holds 400 sections at most.');
  return problems.length > 0
    ? refused(...problems)
    : { build: withSections(build, sections), sections: sections.length, problems: [] };
}
