import {
  useRef,
  type ClipboardEvent,
  type FocusEvent,
  type KeyboardEvent,
  type MouseEvent,
} from 'react';
import { counted } from '@water-clock/core/words';
import { placeOfCell } from './place-of-cell';
import { say } from './said';

interface Place {
  readonly row: number;
  readonly column: number;
}

const STEPS: Readonly<Record<string, readonly [down: number, right: number]>> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
};

const cellsOf = (table: HTMLTableElement) => [
  ...table.querySelectorAll<HTMLInputElement>('input[data-row][data-column]'),
];
const cellAt = (table: HTMLTableElement, { row, column }: Place) =>
  table.querySelector(`input[data-row="${row}"][data-column="${column}"]`);

/** All of what a cell holds is selected, or there is nothing in it: Shift and an arrow sideways mean cells then. */
const isWhole = (cell: EventTarget) =>
  cell instanceof HTMLInputElement &&
  cell.selectionStart === 0 &&
  cell.selectionEnd === cell.value.length;

/**
 * Lets a table of cells be selected by Shift and arrows or Shift and a click, and copied as a block that a spreadsheet
 * takes. The focus stays in the cell that the range began at; whatever else is done ends the range.
 */
export function useCellRange() {
  const end = useRef<Place | null>(null);

  const show = (table: HTMLTableElement, from: Place | null) => {
    const to = end.current;
    for (const cell of cellsOf(table)) {
      const at = placeOfCell(cell);
      const isIn = from !== null && to !== null && at !== null && isBetween(at, from, to);
      cell.closest('td')?.toggleAttribute('data-in-range', isIn);
    }
  };
  const clear = (table: HTMLTableElement) => {
    if (!end.current) return;
    end.current = null;
    show(table, null);
  };

  const onKeyDownCapture = (event: KeyboardEvent<HTMLTableElement>) => {
    const [table, from, step] = [event.currentTarget, placeOfCell(event.target), STEPS[event.key]];
    const isPlain = !event.ctrlKey && !event.metaKey && !event.altKey;
    const meansCells = step?.[0] !== 0 || end.current !== null || isWhole(event.target);
    if (from && step && event.shiftKey && isPlain && meansCells) {
      const last = end.current ?? from;
      const next = { row: last.row + step[0], column: last.column + step[1] };
      event.preventDefault();
      event.stopPropagation();
      if (!cellAt(table, next)) return;
      end.current = next;
      show(table, from);
      sayRange(from, next);
    } else if (isPlain && event.key !== 'Shift') clear(table);
  };
  const onMouseDownCapture = (event: MouseEvent<HTMLTableElement>) => {
    const table = event.currentTarget;
    const to = placeOfCell(event.target);
    const { activeElement } = document;
    const from = activeElement && table.contains(activeElement) ? placeOfCell(activeElement) : null;
    if (!event.shiftKey || !from || !to) {
      clear(table);
      return;
    }
    event.preventDefault();
    end.current = to;
    show(table, from);
    sayRange(from, to);
  };
  const onBlur = (event: FocusEvent<HTMLTableElement>) => clear(event.currentTarget);
  const onCopy = (event: ClipboardEvent<HTMLTableElement>) => {
    const [table, from, to] = [event.currentTarget, placeOfCell(event.target), end.current];
    if (!from || !to) return;
    event.preventDefault();
    event.clipboardData.setData('text/plain', textOf(table, from, to));
  };
  return { onKeyDownCapture, onMouseDownCapture, onBlur, onCopy };
}

const sayRange = (a: Place, b: Place): void => {
  const [rows, columns] = [Math.abs(a.row - b.row) + 1, Math.abs(a.column - b.column) + 1];
  say(`${counted(rows, 'row')}, ${counted(columns, 'column')} selected`);
};

const isBetween = (at: Place, a: Place, b: Place): boolean =>
  (['row', 'column'] as const).every(
    (of) => Math.min(a[of], b[of]) <= at[of] && at[of] <= Math.max(a[of], b[of]),
  );

/** A row a line, cells apart by tabs; a place where there is no cell is empty. */
function textOf(table: HTMLTableElement, a: Place, b: Place): string {
  const rows = new Map<number, Map<number, string>>();
  for (const cell of cellsOf(table)) {
    const at = placeOfCell(cell);
    if (!at || !isBetween(at, a, b)) continue;
    const row = rows.get(at.row) ?? new Map<number, string>();
    rows.set(at.row, row.set(at.column, cell.value));
  }
  const columns = Array.from(
    { length: Math.abs(a.column - b.column) + 1 },
    (_, index) => Math.min(a.column, b.column) + index,
  );
  return [...rows]
    .sort(([x], [y]) => x - y)
    .map(([, row]) => columns.map((column) => row.get(column) ?? '').join('\t'))
    .join('\n');
}
