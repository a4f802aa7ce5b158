import type { Evaluation } from '../kernel/index.js';
import { whereabouts } from '../subjects/stowing/index.js';
import type { Whereabouts } from '../subjects/stowing/index.js';
import { inUnits } from '../units/index.js';
import type { UnitSystem } from '../units/index.js';
import { linesCsv } from './lines-csv.js';
import type { OutColumn } from './lines-csv.js';

/** Where everything on a truck is, in the order of its locker map, as CSV in a person's units. */
export function placesCsv(evaluation: Evaluation, system: UnitSystem): string {
  const boxOf = ({ stowed }: Whereabouts) => stowed?.lying?.box;
  const columns: OutColumn<Whereabouts>[] = [
    { head: 'number', out: ({ number }) => number ?? undefined },
    { head: 'piece', out: ({ name }) => inUnits(name, system) },
    { head: 'count', out: ({ line }) => line.count },
    { head: 'place', out: ({ place }) => inUnits(place, system) },
    { head: 'compartment', out: ({ stowed }) => stowed?.compartment.name },
    { head: 'behind', out: ({ behind }) => (behind ? 'yes' : undefined) },
    { head: 'from its front end', unit: 'in', out: (of) => boxOf(of)?.x0 },
    { head: 'from the door', unit: 'in', out: (of) => boxOf(of)?.y0 },
    { head: 'over the floor', unit: 'in', out: (of) => boxOf(of)?.z0 },
    { head: 'taken at', unit: 'in', out: ({ reachIn }) => reachIn ?? undefined },
    { head: 'weight', unit: 'lb', out: ({ weightLb }) => weightLb },
    { head: 'discipline', out: ({ group }) => group },
    { head: 'set', out: ({ line }) => line.set },
    { head: 'later', out: ({ line }) => line.later },
  ];
  return linesCsv(columns, evaluation.read(whereabouts), system);
}
