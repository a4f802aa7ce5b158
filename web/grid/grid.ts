/** A cell of a table. */
export interface At {
  row: number;
  column: number;
}

export interface Size {
  rows: number;
  columns: number;
}

/** A key with what was held down; the names are the browser's. */
export interface Key {
  key: string;
  ctrlKey?: boolean;
  altKey?: boolean;
  metaKey?: boolean;
  shiftKey?: boolean;
}

/** Rows that a page is. */
const PAGE = 12;

const MOVES: Record<string, [row: number, column: number]> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
  PageUp: [-PAGE, 0],
  PageDown: [PAGE, 0],
};

/** The cell that is nearest to a place within the table. */
export const within = ({ row, column }: At, { rows, columns }: Size): At => ({
  row: Math.max(0, Math.min(rows - 1, row)),
  column: Math.max(0, Math.min(columns - 1, column)),
});

/** What a key does on a cell: go to another, open it with what stands there or with what is typed, or nothing. */
export type OnCell = { kind: 'go'; to: At } | { kind: 'open'; typed: string | null } | null;

export function onCell({ key, ctrlKey, altKey, metaKey }: Key, at: At, size: Size): OnCell {
  const move = MOVES[key];
  if (move && !altKey && !metaKey) {
    const [row, column] = ctrlKey ? [move[0] * size.rows, move[1] * size.columns] : move;
    return { kind: 'go', to: within({ row: at.row + row, column: at.column + column }, size) };
  }
  if (key === 'Home' || key === 'End') {
    const end = key === 'Home' ? 0 : Infinity;
    return { kind: 'go', to: within({ row: ctrlKey ? end : at.row, column: end }, size) };
  }
  if (key === 'Enter' || key === 'F2') return { kind: 'open', typed: null };
  if (key.length === 1 && !ctrlKey && !metaKey && !altKey) return { kind: 'open', typed: key };
  return null;
}

/** What a key does in an open cell: leave it, or write it and go to another; nothing for what is typed. */
export type InField = { kind: 'leave' } | { kind: 'write'; then: At } | null;

export function inField({ key, shiftKey }: Key, { row, column }: At, size: Size): InField {
  if (key === 'Escape') return { kind: 'leave' };
  if (key === 'Enter') return { kind: 'write', then: within({ row: row + 1, column }, size) };
  if (key === 'Tab')
    return { kind: 'write', then: within({ row, column: column + (shiftKey ? -1 : 1) }, size) };
  return null;
}
