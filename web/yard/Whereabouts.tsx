import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { WherePage } from '#core/exchange';
import { counted } from '#core/units';
import { ask } from '../api';
import { useUnits } from '../common';
import classes from './yard.module.css';

/** Fewer letters name nothing. */
const LEAST = 3;

/** The pieces of that name on all trucks, each with where it is. */
export function Whereabouts({ text }: { text: string }) {
  const { say } = useUnits();
  const { data } = useQuery({
    queryKey: ['whereabouts', text],
    queryFn: () => ask<WherePage>('GET', `whereabouts?${new URLSearchParams({ text })}`),
    enabled: text.length >= LEAST,
    networkMode: 'always',
  });
  if (text.length < LEAST || !data || data.total === 0) return null;
  const more = data.total - data.found.length;
  return (
    <section aria-label="Where is it" className={classes.whereabouts}>
      <h2>Where is it</h2>
      <ul>
        {data.found.map(({ buildId, build, department, lineId, name, count, place, number }) => (
          <li key={`${buildId} ${lineId}`}>
            <Link to={`/builds/${buildId}/analysis/places?piece=${lineId}`}>
              {say(name)}
              {count > 1 ? `, ${counted(count, 'piece')}` : ''}
            </Link>
            <span>
              {say(place)}
              {number > 0 ? `, No. ${number}` : ''}
            </span>
            <span>
              {build}, {department}
            </span>
          </li>
        ))}
      </ul>
      {more > 0 && <p>And {counted(more, 'line')} more: type more of its name.</p>}
    </section>
  );
}
