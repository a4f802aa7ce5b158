import { describe, expect, it } from 'vitest';
import { inField, onCell, within } from './grid';
import type { Key } from './grid';

const size = { rows: 40, columns: 6 };
const at = { row: 20, column: 2 };
const go = (row: number, column: number) => ({ kind: 'go', to: { row, column } });

describe('a key on a cell of the sheet', () => {
  it.each<[string, Key, ReturnType<typeof go>]>([
    ['up', { key: 'ArrowUp' }, go(19, 2)],
    ['down', { key: 'ArrowDown' }, go(21, 2)],
    ['left', { key: 'ArrowLeft' }, go(20, 1)],
    ['right', { key: 'ArrowRight' }, go(20, 3)],
    ['a page up', { key: 'PageUp' }, go(8, 2)],
    ['a page down', { key: 'PageDown' }, go(32, 2)],
    ['to the first row', { key: 'ArrowUp', ctrlKey: true }, go(0, 2)],
    ['to the last row', { key: 'ArrowDown', ctrlKey: true }, go(39, 2)],
    ['to the last column', { key: 'ArrowRight', ctrlKey: true }, go(20, 5)],
    ['to the row’s start', { key: 'Home' }, go(20, 0)],
    ['to the row’s end', { key: 'End' }, go(20, 5)],
    ['to the first cell', { key: 'Home', ctrlKey: true }, go(0, 0)],
    ['to the last cell', { key: 'End', ctrlKey: true }, go(39, 5)],
  ])('goes %s', (_, key, to) => {
    expect(onCell(key, at, size)).toEqual(to);
  });

  it('stays within the table, and within one of no rows', () => {
    expect(onCell({ key: 'ArrowUp' }, { row: 0, column: 0 }, size)).toEqual(go(0, 0));
    expect(onCell({ key: 'PageDown' }, { row: 39, column: 5 }, size)).toEqual(go(39, 5));
    expect(within({ row: 3, column: 9 }, { rows: 0, columns: 6 })).toEqual({ row: 0, column: 5 });
  });

  it('opens it with what stands there, or with what is typed', () => {
    expect(onCell({ key: 'Enter' }, at, size)).toEqual({ kind: 'open', typed: null });
    expect(onCell({ key: 'F2' }, at, size)).toEqual({ kind: 'open', typed: null });
    expect(onCell({ key: '7' }, at, size)).toEqual({ kind: 'open', typed: '7' });
  });

  it.each<Key>([
    { key: 'z', ctrlKey: true },
    { key: 'c', metaKey: true },
    { key: 'ArrowUp', altKey: true },
    { key: 'Tab' },
    { key: 'Escape' },
    { key: 'Shift' },
  ])('leaves $key with what is held to others', (key) => {
    expect(onCell(key, at, size)).toBeNull();
  });
});

describe('a key in an open cell', () => {
  it('writes and goes on: Enter below, Tab beside, not beyond the table', () => {
    expect(inField({ key: 'Enter' }, at, size)).toEqual({ kind: 'write', then: { row: 21, column: 2 } });
    expect(inField({ key: 'Tab' }, at, size)).toEqual({ kind: 'write', then: { row: 20, column: 3 } });
    expect(inField({ key: 'Tab', shiftKey: true }, at, size)).toEqual({
      kind: 'write',
      then: { row: 20, column: 1 },
    });
    const last = { row: 39, column: 5 };
    expect(inField({ key: 'Enter' }, last, size)).toEqual({ kind: 'write', then: last });
    expect(inField({ key: 'Tab' }, last, size)).toEqual({ kind: 'write', then: last });
  });

  it('leaves without writing by Esc; all else is typed', () => {
    expect(inField({ key: 'Escape' }, at, size)).toEqual({ kind: 'leave' });
    for (const key of ['7', 'ArrowLeft', 'Home', 'Backspace']) expect(inField({ key }, at, size)).toBeNull();
  });
});
