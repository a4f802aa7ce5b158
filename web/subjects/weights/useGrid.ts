import { useEffect, useRef, useState } from 'react';
import type { ClipboardEvent, FocusEvent, KeyboardEvent } from 'react';

interface Options {
  rows: number;
  columns: number;
  /** Writes a cell; gives what is wrong with the text, or null. */
  write: (row: number, column: number, text: string) => string | null;
  paste: (row: number, column: number, block: string) => void;
  copy: (row: number) => string;
  /** What stands in the field when a cell is opened. */
  typedIn: (row: number, column: number) => string;
  canWrite: (row: number, column: number) => boolean;
}

interface At {
  row: number;
  column: number;
}

const MOVES: Record<string, [number, number]> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
  PageUp: [-12, 0],
  PageDown: [12, 0],
};

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

  const clamp = ({ row, column }: At): At => ({
    row: Math.max(0, Math.min(rows - 1, row)),
    column: Math.max(0, Math.min(columns - 1, column)),
  });
  const go = (to: At) => {
    setAt(clamp(to));
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
        const { row, column } = at;
        if (event.key === 'Escape') go(at);
        else if (event.key === 'Enter') {
          event.preventDefault();
          close(open ?? '', { row: row + 1, column });
        } else if (event.key === 'Tab') {
          event.preventDefault();
          close(open ?? '', { row, column: column + (event.shiftKey ? -1 : 1) });
        }
      },
    },
    cell: (row: number, column: number) => ({
      role: 'gridcell',
      'data-cell': `${row}-${column}`,
      tabIndex: at.row === row && at.column === column ? 0 : -1,
      onFocus: (event: FocusEvent) => {
        if (event.target === event.currentTarget) setAt({ row, column });
      },
      onDoubleClick: () => {
        if (canWrite(row, column)) begin(typedIn(row, column));
      },
    }),
    table: {
      ref: box,
      role: 'grid',
      onKeyDown: (event: KeyboardEvent) => {
        if (open !== null || !(event.target instanceof HTMLTableCellElement)) return;
        const move = MOVES[event.key];
        if (move && !event.altKey && !event.metaKey) {
          event.preventDefault();
          const far = event.ctrlKey;
          go({ row: at.row + move[0] * (far ? rows : 1), column: at.column + move[1] * (far ? columns : 1) });
        } else if (event.key === 'Home' || event.key === 'End') {
          event.preventDefault();
          go({
            row: event.ctrlKey ? (event.key === 'Home' ? 0 : rows - 1) : at.row,
            column: event.key === 'Home' ? 0 : columns - 1,
          });
        } else if (event.key === 'Enter' || event.key === 'F2') {
          event.preventDefault();
          if (canWrite(at.row, at.column)) begin(typedIn(at.row, at.column));
          else setProblem(write(at.row, at.column, ''));
        } else if (event.key.length === 1 && !event.ctrlKey && !event.metaKey && !event.altKey) {
          event.preventDefault();
          if (canWrite(at.row, at.column)) begin(event.key);
          else setProblem(write(at.row, at.column, event.key));
        }
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
