import { memo, useRef } from 'react';
import type { ComponentProps } from 'react';
import { whyFixed } from '#core/subjects/weights';
import type { SheetRow } from '#core/subjects/weights';
import { lb } from '#core/units';
import { useSeen, useUnits } from '../../common';
import { cellText, COLUMNS, isWritten } from './columns';
import { cellAt, gridClasses as look } from '../../grid';

interface Props {
  row: SheetRow;
  nth: number;
  /** The column of its cell that the keyboard is on; −1 where it is on another line. */
  on: number;
  /** The field that is open in that cell. */
  field: ComponentProps<'input'> | null;
  onTakeBack: (row: SheetRow) => void;
}

/**
 * One line of the sheet. Its cells are made when it comes near to what is in sight, or the keyboard to it; and drawn
 * again only where something stands otherwise.
 */
export const SheetLine = memo(function SheetLine({ row, nth, on, field, onTakeBack }: Props) {
  const { say } = useUnits();
  const line = useRef<HTMLTableRowElement>(null);
  const seen = useSeen(line);
  if (!seen && on < 0)
    return (
      <tr ref={line}>
        <td colSpan={COLUMNS.length}>{say(row.name)}</td>
      </tr>
    );
  return (
    <tr ref={line} data-corrected={row.corrected}>
      {COLUMNS.map(({ key, figure }, column) => (
        <td
          key={key}
          data-figure={figure}
          data-fixed={!isWritten(key) || whyFixed(row, key) !== null}
          {...cellAt(nth, column, column === on)}
        >
          {field && column === on ? (
            <input {...field} />
          ) : (
            <>
              {say(cellText(row, key))}
              {key === 'name' && row.eachLb !== null && (
                <span className="quiet"> {say(lb(row.eachLb))} each</span>
              )}
              {key === 'group' && row.corrected && (
                <button
                  type="button"
                  className={look.takeBack}
                  title="Corrected; use the catalog’s weight again"
                  aria-label={say(`Use the catalog’s weight of ${row.name} again`)}
                  onClick={() => onTakeBack(row)}
                >
                  use catalog
                </button>
              )}
            </>
          )}
        </td>
      ))}
    </tr>
  );
}, standsTheSame);

function standsTheSame(before: Props, after: Props): boolean {
  return (
    before.nth === after.nth &&
    before.on === after.on &&
    before.field === after.field &&
    before.onTakeBack === after.onTakeBack &&
    (Object.keys(after.row) as (keyof SheetRow)[]).every((key) => before.row[key] === after.row[key])
  );
}
