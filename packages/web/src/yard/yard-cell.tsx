import type { YardStation } from '@water-clock/core/yards';
import { CellInput } from '../ui/cell-input';
import { choicesId } from './choices-id';
import type { YardColumn } from './yard-column';
import { setStation, type YardEdit } from '@water-clock/core/yards';

interface YardCellProps {
  readonly station: YardStation;
  readonly column: YardColumn;
  readonly row: number;
  readonly index: number;
  readonly isLocked: boolean;
  readonly edit: (edit: YardEdit, key?: string) => void;
  readonly settle: () => void;
}

/** One fact of one station, typed like a cell of a sheet. */
export function YardCell({ station, column, row, index, isLocked, edit, settle }: YardCellProps) {
  const { number } = station;
  const { key, title, keys = 'number', choices } = column;
  return (
    <CellInput
      label={`Station ${number}, ${title}`}
      field={`yard ${number} ${key}`}
      text={column.text(station)}
      row={row}
      column={index}
      keys={keys}
      placeholder="·"
      disabled={isLocked}
      {...(choices && { list: choicesId(title) })}
      onType={(text, visit) => {
        const read = column.read(text, station);
        if (typeof read === 'string') return read;
        edit(setStation(number, read), visit);
        return null;
      }}
      onSettle={settle}
    />
  );
}
