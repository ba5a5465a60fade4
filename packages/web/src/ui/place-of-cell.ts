/** The row and column of the cell in which something happened; null where it was none. */
export function placeOfCell(target: EventTarget): { row: number; column: number } | null {
  if (!(target instanceof HTMLElement)) return null;
  const { row, column } = target.dataset;
  return row === undefined || column === undefined
    ? null
    : { row: Number(row), column: Number(column) };
}
