import { gather, reading } from '../../kernel/index.js';
import type { InCommon, Subject, TableOf, Unit } from '../../kernel/index.js';
import { amount, inUnits, listed } from '../../units/index.js';
import { COMMON_NAMES, counting, placesCheck, TARGET_FIGURES } from '../brief/index.js';
import type { AtPlace, LineOf, TargetFigure } from '../brief/index.js';
import { COMPARED, comparedFigures, presentTruck } from './present.js';

export { againstPresent, COMPARED } from './present.js';

const figure = (id: TargetFigure) => COMPARED.findIndex((of) => of.id === id);

/** A department's own targets, each against its value or against the present truck. */
const targets = placesCheck(
  'fleet',
  {
    id: 'targets',
    title: 'Targets of the department',
    steps: ['chassis', 'body', 'tank'],
    mendedBy: ['length', 'height', 'load', 'turning', 'tankLeast', 'compartments'],
  },
  [counting('targets'), comparedFigures, presentTruck],
  (all, now, present) =>
    all.map((line): AtPlace => {
      const at = figure(line.figure);
      const { unit, present: of } = COMPARED[at]!;
      const theirs = present ? of(present) : undefined;
      const limit = line.value ?? theirs ?? NaN;
      const actual = now[at]!;
      const margin = line.sense === 'most' ? limit - actual : actual - limit;
      const than = line.value === undefined && present ? `, that of ${present.name}` : '';
      const missed =
        margin < 0 ? `: ${amount(-margin, unit)} ${line.sense === 'most' ? 'over' : 'short'}` : '';
      return {
        line: { ...line, name: TARGET_FIGURES[line.figure].title },
        actual,
        limit,
        margin,
        unit: unit as Unit,
        words: `${amount(actual, unit)}, at ${line.sense} ${amount(limit, unit)}${than}${missed}.`,
      };
    }),
);

const common = gather<InCommon[]>('fleet', (subject) => subject.common);

/** Two ways to write the same: case, hyphens, a last s and inches written out are nothing. */
const plain = (text: string): string =>
  inUnits(text, 'us')
    .toLowerCase()
    .replaceAll(/[-\s]+/g, ' ')
    .replaceAll(/\binch(es)?\b/g, 'in')
    .replaceAll(/s\b/g, '')
    .trim();

/** What the fleet uses, what this truck uses, and whether that is the same; nothing where this truck says nothing of it. */
export const inCommon = reading('fleet', [counting('commons'), common], (lines, all) => {
  const uses = new Map(all.flat().map(({ matter, uses: of }) => [matter, of]));
  return lines.map((line) => {
    const own = uses.get(line.matter) ?? null;
    return { line, own, same: own === null ? null : plain(own) === plain(line.uses) };
  });
});

const isMust = ({ line }: { line: LineOf<'commons'> }): boolean => line.wish === 'must';

const commonality = placesCheck(
  'fleet',
  { id: 'commonality', title: 'Common to the fleet', steps: ['chassis', 'pump'] },
  [inCommon],
  (all) => {
    const known = all.filter(({ same }) => same !== null);
    if (known.length === 0) return [];
    const others = known.filter(({ same }) => same === false);
    const worst = others.find(isMust) ?? others[0] ?? known[0]!;
    const said = others.map(
      ({ line, own }) =>
        `${COMMON_NAMES[line.matter].toLowerCase()}: ${own} where the fleet uses ${line.uses}`,
    );
    return [
      {
        line: worst.line,
        actual: others.length,
        limit: 0,
        margin: 0 - others.length,
        unit: 'pieces' as const,
        words:
          others.length === 0
            ? `as the fleet has it: ${listed(known.map(({ line }) => COMMON_NAMES[line.matter].toLowerCase()))}.`
            : `${listed(said)}.`,
      },
    ];
  },
);

/** What the fleet has in common, and what this truck does, as a table; null where the brief says nothing of it. */
export const commonTable = reading('fleet', [inCommon], (all): TableOf | null =>
  all.length === 0
    ? null
    : {
        title: 'Common to the fleet',
        columns: [{ head: 'What' }, { head: 'The fleet uses' }, { head: 'This truck' }, { head: 'So' }],
        rows: all.map(({ line, own, same }) => ({
          id: line.id,
          cells: [
            COMMON_NAMES[line.matter],
            line.uses,
            own ?? 'not chosen here yet',
            same === null ? 'not compared' : same ? 'the same' : 'differs',
          ],
        })),
      },
);

/** What the department has and wants beside its district: its present truck, its targets, what its fleet has in common. */
export const fleet: Subject = {
  id: 'fleet',
  title: 'The fleet',
  checks: [targets, commonality],
};
