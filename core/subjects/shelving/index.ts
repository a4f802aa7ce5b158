import { choicesOfLine } from '../../kernel/index.js';
import type { Choice, Evaluation, Subject } from '../../kernel/index.js';
import { compartments } from '../../truck/index.js';
import { counted, inShort, lb } from '../../units/index.js';
import { compartmentName } from '../body/index.js';
import { FITTED_FIELDS, fittedShelf, shelvingBlock, withFittedLine } from './block.js';
import { changes } from './changes.js';
import { checks, limits } from './checks.js';
import { fittedComponents, placedAll } from './place.js';
import { provisionsPlace, surfacesPlace } from './surfaces.js';

export { FITTED_FIELDS, fittedShelf, withFitted, withFittedLine, withNewFitted } from './block.js';
export type { FittedLine } from './block.js';
export { fittedAsUsual, freePlace, withFittedIn } from './edits.js';
export { openedBox, whenOut } from './opened.js';
export type { Fitted, FittedKind } from './parts.js';
export { areaFt2, fittedComponents, placedAll, placedIn } from './place.js';
export type { Placed } from './place.js';

/** The fittings as a whole: they have a list and not options. */
export const SHELVING_CHOICE = 'shelving';

/** What can be chosen of one fitting. */
export function fittedChoices(evaluation: Evaluation, id: string): Choice[] {
  const { build } = evaluation;
  const line = build.shelving.lines.find((other) => other.id === id);
  const placed = evaluation.read(placedAll).find((other) => other.line.id === id);
  if (!line || !placed) return [];
  const { takes, part } = placed;
  const usual = {
    alongIn: takes.x0,
    inIn: takes.y0,
    lengthIn: takes.x1 - takes.x0,
    depthIn: takes.y1 - takes.y0,
    heightIn: takes.z1 - takes.z0,
    ...(part.facesIn === undefined ? {} : { facesIn: part.facesIn }),
  };
  const { hinge, ...others } = FITTED_FIELDS;
  return [
    {
      kind: 'pick',
      id: `fitted-${id}-in`,
      title: 'In',
      compact: true,
      options: evaluation.read(compartments).map((compartment) => ({
        id: compartment.id,
        label: compartment.name,
        chosen: compartment.id === line.compartmentId,
        build:
          compartment.id === line.compartmentId
            ? build
            : withFittedLine(build, id, { compartmentId: compartment.id }),
      })),
    },
    ...choicesOfLine(
      `fitted-${id}`,
      part.kind === 'swingBoard' ? { ...others, hinge } : others,
      line,
      (change) => withFittedLine(build, id, change),
      { has: '', usual },
    ),
  ];
}

/** What is fitted inside the compartments: shelves, trays, boards, drawers, tubes, chargers and outlets. */
export const shelving: Subject = {
  id: 'shelving',
  title: 'Shelves, trays and boards',
  under: 'body',
  shelves: [fittedShelf],
  limits,
  block: shelvingBlock,
  provides: [surfacesPlace, provisionsPlace],
  components: fittedComponents,
  checks,
  changes,
  choices: () => [{ kind: 'list', id: SHELVING_CHOICE, title: 'Shelves, trays and boards' }],
  sentence: (evaluation) => {
    const { lines } = evaluation.build.shelving;
    if (lines.length === 0) return 'Compartments shall be delivered without shelves, trays and boards.';
    const stock = fittedShelf.in(evaluation.build);
    const places = [...new Set(lines.map(({ compartmentId }) => compartmentId))];
    const words = places.map((place) => {
      const mine = lines.filter(({ compartmentId }) => compartmentId === place);
      const counts = new Map<string, number>();
      for (const { partId } of mine) counts.set(partId, (counts.get(partId) ?? 0) + 1);
      const what = [...counts].map(([partId, count]) => {
        const { name } = stock.part(partId);
        return count > 1 ? `${name} × ${count}` : name;
      });
      return `${compartmentName(place, evaluation.build)}: ${what.join('; ')}`;
    });
    return `Compartments shall be fitted as follows. ${words.join('. ')}.`;
  },
  line: (evaluation) => {
    const all = evaluation.read(fittedComponents);
    return all.length === 0
      ? 'None yet'
      : inShort(counted(all.length, 'fitting'), lb(all.reduce((sum, { weightLb }) => sum + weightLb, 0)));
  },
  caution:
    'Trays and boards are pulled out beside traffic, with their load: their makers’ ratings, latches and instructions decide.',
};
