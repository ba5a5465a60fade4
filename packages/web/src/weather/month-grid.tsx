import { clsx } from 'clsx';
import { MONTHS } from '@water-clock/core/words';
import type { ClipboardEvent } from 'react';
import { sheetCells } from '../format/sheet-cells';
import { usePastedPart } from '../ui/pasted-part';
import { useCellRange } from '../ui/use-cell-range';
import { CellInput } from '../ui/cell-input';
import gridTableStyles from '../ui/grid-table.module.css';
import styles from './weather-page.module.css';
import fieldStyles from '../ui/field.module.css';

export interface MonthColumn<Month> {
  readonly key: keyof Month & string;
  readonly title: string;
  readonly unit: string;
  /** A stored value as it is shown, and back. */
  readonly shown: (stored: number) => number;
  readonly stored: (shown: number) => number;
  /** What can be stored. */
  readonly least: number;
  readonly most: number;
}

interface MonthGridProps<Month> {
  readonly label: string;
  readonly columns: readonly MonthColumn<Month>[];
  readonly months: readonly Month[];
  /** What is wrong, by place: "months[6].highCelsius". */
  readonly faults: ReadonlyMap<string, string>;
  readonly isLocked: boolean;
  readonly onChange: (months: Month[]) => void;
}

/** Twelve rows, January first, typed or pasted from a spreadsheet. */
export function MonthGrid<Month extends object>(props: MonthGridProps<Month>) {
  const { label, columns, months, faults, isLocked, onChange } = props;
  const takePart = usePastedPart();
  const range = useCellRange();
  const set = (row: number, fields: Partial<Month>) =>
    months.map((month, index) => (index === row ? { ...month, ...fields } : month));

  const onPaste = (event: ClipboardEvent<HTMLTableElement>) => {
    const { row, column } = (event.target as HTMLElement).dataset;
    const text = event.clipboardData.getData('text/plain');
    if (!/[\t\n]/.test(text.trim()) || row === undefined || isLocked) return;
    event.preventDefault();
    const refused: string[] = [];
    let taken = 0;
    let pasted = [...months];
    sheetCells(text).forEach((cells, down) =>
      cells.forEach((cell, right) => {
        const [at, target] = [Number(row) + down, columns[Number(column) + right]];
        const read = target && at < 12 ? readCell(cell, target) : 'is beyond the table';
        if (typeof read === 'string')
          refused.push(`Row ${down + 1}, column ${right + 1}: “${cell}” ${read}`);
        else {
          pasted = pasted.map((month, index) => (index === at ? { ...month, ...read } : month));
          taken += 1;
        }
      }),
    );
    takePart({ edit: pasted, taken, refused }, onChange);
  };

  return (
    <table
      className={clsx(gridTableStyles['settings-grid'], styles['month-grid'])}
      aria-label={label}
      data-skip-to
      onPaste={onPaste}
      {...range}
    >
      <thead>
        <tr>
          <th scope="col" className={gridTableStyles['row-name']}>
            month
          </th>
          {columns.map(({ key, title, unit }) => (
            <th key={key} scope="col" className={gridTableStyles['column-name']}>
              {title} <small>{unit}</small>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {months.map((month, row) => (
          <tr key={MONTHS[row]}>
            <th scope="row" className={gridTableStyles['row-name']}>
              {MONTHS[row]}
            </th>
            {columns.map((column, index) => {
              const fault = faults.get(`months[${row}].${column.key}`);
              return (
                <td key={column.key}>
                  <CellInput
                    label={`${MONTHS[row]}, ${column.title}`}
                    keys={column.least < 0 ? 'signed' : 'number'}
                    field={`${column.key} ${row}`}
                    text={String(column.shown(month[column.key] as number))}
                    row={row}
                    column={index}
                    disabled={isLocked}
                    warning={fault}
                    onType={(text) => {
                      const read = readCell(text, column);
                      if (typeof read === 'string') return sentence(read);
                      onChange(set(row, read));
                      return null;
                    }}
                  />
                  {fault && (
                    <span className={fieldStyles['field-fault']} role="alert">
                      {sentence(fault)}
                    </span>
                  )}
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const sentence = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

function readCell<Month>(text: string, column: MonthColumn<Month>): Partial<Month> | string {
  const typed = Number(text.trim().replace(',', '.').replace('−', '-'));
  const stored = column.stored(typed);
  if (text.trim() === '' || !Number.isFinite(stored)) return 'must be a number';
  if (stored < column.least || stored > column.most)
    return `must be ${column.shown(column.least)} to ${column.shown(column.most)} ${column.unit}`;
  return { [column.key]: stored } as Partial<Month>;
}
