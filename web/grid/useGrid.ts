import { useEffect, useRef, useState } from 'react';
import type { ClipboardEvent, FocusEvent, KeyboardEvent, MouseEvent } from 'react';
import { inField, onCell } from './grid';
import type { At, Size } from './grid';

interface Options extends Size {
  /** Writes a cell; gives what is wrong with the text, or null. */
  write: (row: number, column: number, text: string) => string | null;
  paste: (row: number, column: number, block: string) => void;
  copy: (row: number) => string;
  /** What stands in the field when a cell is opened. */
  typedIn: (row: number, column: number) => string;
  canWrite: (row: number, column: number) => boolean;
}

/** What makes an element the cell of a grid; the keyboard comes to the one that it is on. */
export const cellAt = (row: number, column: number, on: boolean) => ({
  role: 'gridcell',
  'data-cell': `${row}-${column}`,
  tabIndex: on ? 0 : -1,
});

/** Which cell an element is; null where it is none. */
function atOf(target: EventTarget | null): At | null {
  const named = target instanceof HTMLTableCellElement ? target.dataset['cell'] : undefined;
  if (!named) return null;
  const [row, column] = named.split('-').map(Number) as [number, number];
  return { row, column };
}

/**
 * A table that is written in like a spreadsheet: arrows move, typing or Enter opens a cell, Enter and Tab
 * write it and go on, Esc leaves it.
 */
export function useGrid({ rows, columns, write, paste, copy, typedIn, canWrite }: Options) {
  const [at, setAt] = useState<At>({ row: 0, column: 0 });
  const [open, setOpen] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const box = useRef<HTMLTableElement>(null);
  const wanted = useRef(false);
  /**
   * Whether what is in the field is still to be written: a field that goes loses its focus too, and would be
   * written twice.
   */
  const pending = useRef(false);

  const size = { rows, columns };
  const go = (to: At) => {
    setAt(to);
    pending.current = false;
    setOpen(null);
    wanted.current = true;
  };
  useEffect(() => {
    if (!wanted.current) return;
    wanted.current = false;
    box.current?.querySelector<HTMLElement>(`[data-cell="${at.row}-${at.column}"]`)?.focus();
  });
  const begin = (text: string) => {
    pending.current = true;
    setOpen(text);
  };
  const close = (text: string, then: At) => {
    if (!pending.current) return;
    const wrong = write(at.row, at.column, text);
    setProblem(wrong);
    if (wrong === null) go(then);
  };

  return {
    problem,
    /** Back to the cell from which something else took the focus. */
    focus: () => go({ ...at }),
    editing: (row: number, column: number) => open !== null && at.row === row && at.column === column,
    input: {
      autoFocus: true,
      value: open ?? '',
      'aria-label': 'Cell',
      onChange: (event: { currentTarget: { value: string } }) => setOpen(event.currentTarget.value),
      onBlur: () => {
        if (open === null || !pending.current) return;
        pending.current = false;
        setProblem(write(at.row, at.column, open));
        setOpen(null);
      },
      onKeyDown: (event: KeyboardEvent<HTMLInputElement>) => {
        event.stopPropagation();
        const done = inField(event, at, size);
        if (!done) return;
        if (done.kind === 'leave') go(at);
        else {
          event.preventDefault();
          close(open ?? '', done.then);
        }
      },
    },
    /** Where the keyboard is. */
    at,
    table: {
      ref: box,
      role: 'grid',
      onFocus: ({ target }: FocusEvent) => {
        const cell = atOf(target);
        if (cell) setAt(cell);
      },
      onDoubleClick: ({ target }: MouseEvent) => {
        const cell = atOf((target as Element).closest('td'));
        if (cell && canWrite(cell.row, cell.column)) begin(typedIn(cell.row, cell.column));
      },
      onKeyDown: (event: KeyboardEvent) => {
        if (open !== null || !(event.target instanceof HTMLTableCellElement)) return;
        const done = onCell(event, at, size);
        if (!done) return;
        event.preventDefault();
        if (done.kind === 'go') go(done.to);
        else if (canWrite(at.row, at.column)) begin(done.typed ?? typedIn(at.row, at.column));
        else setProblem(write(at.row, at.column, done.typed ?? ''));
      },
      onPaste: (event: ClipboardEvent) => {
        if (open !== null) return;
        event.preventDefault();
        setProblem(null);
        paste(at.row, at.column, event.clipboardData.getData('text/plain'));
      },
      onCopy: (event: ClipboardEvent) => {
        if (open !== null) return;
        event.preventDefault();
        event.clipboardData.setData('text/plain', copy(at.row));
      },
    },
  };
}
