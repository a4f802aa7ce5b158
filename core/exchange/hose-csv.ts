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
import { inUnits } from '../units/index.js';
import type { UnitSystem } from '../units/index.js';
import { linesCsv, named, plainNames, readLines } from './lines-csv.js';
import type { CsvColumn } from './lines-csv.js';

/** The most sections that a list holds. */
const MOST = 400;

/** The columns of a list of hose. */
function columnsFor(build: Build, system: UnitSystem): CsvColumn<HoseSection>[] {
  const said = <T extends string>(all: Iterable<readonly [T, string]>) =>
    plainNames([...all].map(([id, name]) => [id, inUnits(name, system)] as const));
  const stock = hoseShelf.in(build);
  const hoses = said(stock.all().map(({ id, name }) => [id, name] as const));
  const names = loadNames(build);
  const loads = said(names);
  const couplings = said(Object.entries(couplingKinds) as ['threaded' | 'quarterTurn', string][]);
  return [
    {
      head: 'number',
      out: ({ mark }) => mark,
      into: (cell, _, wrong) => {
        if (cell.length > SECTION_FIELDS.mark.most) wrong(`${SECTION_FIELDS.mark.most} characters at most`);
        return { mark: cell };
      },
    },
    {
      head: 'hose',
      must: 'the name of a hose in the catalog',
      out: ({ partId }) => inUnits(stock.find(partId)?.name ?? partId, system),
      into: (cell, _, wrong) => ({ partId: named(cell, hoses, wrong, 'the name of a hose in the catalog')! }),
    },
    {
      head: 'length',
      unit: 'ft',
      must: `a number from ${SECTION_FIELDS.lengthFt.min} to ${SECTION_FIELDS.lengthFt.max} ft`,
      out: ({ lengthFt }) => lengthFt,
      into: (_, lengthFt, wrong) => {
        const { min, max } = SECTION_FIELDS.lengthFt;
        if (amountProblem(SECTION_FIELDS.lengthFt, lengthFt)) wrong(`a number from ${min} to ${max} ft`);
        return { lengthFt };
      },
    },
    {
      head: 'couplings',
      out: (section) => (section.couplings ? couplingKinds[section.couplings].toLowerCase() : ''),
      into: (cell, _, wrong) => ({ couplings: named(cell, couplings, wrong, 'threaded or quarter-turn')! }),
    },
    {
      head: 'made in',
      out: ({ madeIn }) => madeIn,
      into: (_, madeIn, wrong) => {
        if (amountProblem(SECTION_FIELDS.madeIn, madeIn)) wrong('a year from 1950 to 2100');
        return { madeIn };
      },
    },
    {
      head: 'tested on',
      out: ({ testedOn }) => testedOn,
      into: (cell, _, wrong) => {
        if (!isoDate(cell)) wrong('a day as year-month-day, such as 2026-04-30');
        return { testedOn: cell };
      },
    },
    {
      head: 'result',
      out: ({ result }) => result,
      into: (cell, _, wrong) => {
        const results = plainNames([
          ['passed', 'passed'],
          ['failed', 'failed'],
        ] as const);
        return { result: named(cell, results, wrong, 'passed or failed')! };
      },
    },
    {
      head: 'lies in',
      out: ({ loadId }) => (loadId ? names.get(loadId) : ''),
      into: (cell, _, wrong) => ({
        loadId: named(cell, loads, wrong, `a load of this truck: ${[...names.values()].join(', ')}`)!,
      }),
    },
  ];
}

/** The sections of hose as CSV in a person's units, a header row first. */
export const hoseCsv = (build: Build, system: UnitSystem): string =>
  linesCsv(columnsFor(build, system), build.hose.sections ?? [], system);

/** What reading a list would do; with problems nothing is taken. */
export interface HoseReading {
  build: Build;
  sections: number;
  problems: string[];
}

/** Sections of hose from CSV, in place of those that are listed. Nothing is taken where a line is wrong. */
export function readHoseCsv(build: Build, text: string, system: UnitSystem): HoseReading {
  const { lines, problems } = readLines(columnsFor(build, system), text, system);
  if (lines.length > MOST) problems.push(`A list holds ${MOST} sections at most.`);
  if (problems.length > 0) return { build, sections: 0, problems };
  const sections = lines.map((line) => ({ ...line, id: freshId() }) as HoseSection);
  return { build: withSections(build, sections), sections: sections.length, problems: [] };
}
