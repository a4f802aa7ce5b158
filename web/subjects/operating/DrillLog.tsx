import { useDrills } from '../../api';
import { DataTable, sectionClasses } from '../../common';

const day = new Intl.DateTimeFormat('en-US', { dateStyle: 'medium', timeStyle: 'short' });

/** Who drilled on this truck, and what went wrong. */
export function DrillLog({ buildId }: { buildId: string }) {
  const { data, error } = useDrills(buildId);
  return (
    <section aria-label="Log of drills">
      <h3 className={sectionClasses.sub}>Log of drills</h3>
      {error && <p className={sectionClasses.says}>The log can’t be read now: {error.message}</p>}
      {data?.length === 0 && <p className={sectionClasses.says}>Nobody has drilled on this truck yet.</p>}
      {data && data.length > 0 && (
        <DataTable
          minWidth={760}
          table={{
            title: 'Log of drills',
            columns: [
              { head: 'Who' },
              { head: 'Drill' },
              { head: 'When' },
              { head: 'Reached' },
              { head: 'Actions', figure: true },
              { head: 'Mistakes' },
            ],
            rows: data.map(({ id, who, title, at, done, actions, mistakes }) => ({
              id,
              cells: [
                who,
                title,
                day.format(new Date(at)),
                done ? 'yes' : 'no',
                String(actions),
                mistakes.map(({ words }) => words).join(' ') || 'none',
              ],
            })),
          }}
        />
      )}
    </section>
  );
}
