import { Button } from '@mantine/core';
import { nextOrder, nextOrderCsv, nextOrderTable } from '#core/exchange';
import type { WeeklyCheckView } from '#core/exchange';
import { counted } from '#core/units';
import { DataTable, sectionClasses, useUnits } from '../../../common';
import { download, fileName } from '../../../files';

const day = new Intl.DateTimeFormat('en-US', { dateStyle: 'medium', timeStyle: 'short' });

const shortOf = ({ lines }: WeeklyCheckView, found: 'missing' | 'defective'): string => {
  const count = lines.filter((line) => line.found === found).reduce((sum, { short }) => sum + short, 0);
  return count === 0 ? 'none' : counted(count, 'piece');
};

interface Props {
  checks: readonly WeeklyCheckView[];
  /** Ids of checks that the server does not have yet. */
  waiting: ReadonlySet<string>;
  buildName: string;
}

/** What is to be ordered, and who looked when. */
export function WeeklyLog({ checks, waiting, buildName }: Props) {
  const { say } = useUnits();
  const order = nextOrder(checks);
  return (
    <>
      <h3 className={sectionClasses.sub}>For the next order</h3>
      {order.length === 0 ? (
        <p className={sectionClasses.says}>Nothing is missing or defective by the checks so far.</p>
      ) : (
        <>
          <DataTable
            minWidth={620}
            table={nextOrderTable(order.map((line) => ({ ...line, name: say(line.name) })))}
          />
          <Button
            size="xs"
            variant="default"
            onClick={() => download(`${fileName(buildName)}-next-order.csv`, nextOrderCsv(order), 'text/csv')}
          >
            Next order as CSV
          </Button>
        </>
      )}
      <h3 className={sectionClasses.sub}>Checks so far</h3>
      {checks.length === 0 ? (
        <p className={sectionClasses.says}>Nobody has checked this truck yet.</p>
      ) : (
        <DataTable
          minWidth={560}
          table={{
            title: 'Checks so far',
            columns: [
              { head: 'When' },
              { head: 'Signed by' },
              { head: 'Lines', figure: true },
              { head: 'Missing' },
              { head: 'Defective' },
              { head: 'Kept' },
            ],
            rows: checks.map((check) => ({
              id: check.id,
              cells: [
                day.format(new Date(check.at)),
                check.who,
                String(check.lines.length),
                shortOf(check, 'missing'),
                shortOf(check, 'defective'),
                waiting.has(check.id) ? 'on this device' : 'by the server',
              ],
            })),
          }}
        />
      )}
    </>
  );
}
