import { lazy } from 'react';
import { whereabouts } from '#core/subjects/stowing';
import { counted } from '#core/units';
import type { Entry } from '../../palette';
import type { Face } from '../face';

/** What lies where in the compartments. */
export const stowing: Face = {
  sections: [
    {
      id: 'places',
      title: 'Every tool in its place',
      group: 'Compartments',
      Section: lazy(async () => ({ default: (await import('./StowingSection')).StowingSection })),
    },
    {
      id: 'weekly',
      title: 'Weekly check',
      group: 'Compartments',
      Section: lazy(async () => ({ default: (await import('./weekly/WeeklySection')).WeeklySection })),
    },
  ],
  whereabouts: (evaluation, say, _bench, _goTo, show) =>
    evaluation.read(whereabouts).map(({ line, name, number, place }): Entry => ({
      id: `where-${line.id}`,
      group: 'Where is it',
      name: line.count > 1 ? `${say(name)}, ${counted(line.count, 'piece')}` : say(name),
      note: number === null ? say(place) : `${say(place)}, No. ${number}`,
      run: () => show('places', { piece: line.id }),
    })),
};
