import { clsx } from 'clsx';
import type { ClipboardEvent } from 'react';
import { placeOfCell } from '../ui/place-of-cell';
import { useCellRange } from '../ui/use-cell-range';
import { useIsNarrow } from '../ui/use-matches';
import { ColumnChoices } from './column-choices';
import { StationCard } from './station-card';
import type { StationTableProps } from './table-of-yard';
import { YardCell } from './yard-cell';
import gridTableStyles from '../ui/grid-table.module.css';
import styles from './yard-page.module.css';

/** From this width on the head of a row has the station's name too. */
const NAMED_FROM = 100;

/** Facts of stations: in one hand those of one, else of all. */
export function StationTable(props: StationTableProps) {
  return useIsNarrow() ? <StationCard {...props} /> : <WholeTable {...props} />;
}

/** Facts of all stations, a row for each, typed like a sheet. */
function WholeTable(props: StationTableProps) {
  const { label, yard, columns, isLocked, edit, settle, head, headWidth, actions } = props;
  const range = useCellRange();
  const onPaste = (event: ClipboardEvent<HTMLTableElement>) => {
    const place = placeOfCell(event.target);
    const text = event.clipboardData.getData('text/plain');
    if (!/[\t\n]/.test(text.trim()) || !place || isLocked) return;
    event.preventDefault();
    props.onSheet(text, place.row, place.column);
  };
  return (
    <>
      <table
        className={clsx(gridTableStyles['settings-grid'], styles['yard-table'])}
        aria-label={label}
        data-skip-to
        onPaste={onPaste}
        {...range}
      >
        <colgroup>
          <col style={{ width: headWidth }} />
          {columns.map(({ title, width }) => (
            <col key={title} style={width === undefined ? {} : { width }} />
          ))}
          {actions && <col style={{ width: 96 }} />}
        </colgroup>
        <thead>
          <tr className={gridTableStyles['subhead']}>
            <th
              scope="col"
              className={gridTableStyles[headWidth < NAMED_FROM ? 'column-name' : 'row-name']}
              aria-label="Station number"
            >
              {headWidth < NAMED_FROM ? '№' : 'station'}
            </th>
            {columns.map(({ title, unit }) => (
              <th key={title} scope="col" className={gridTableStyles['column-name']}>
                {title}
                {unit && <small> {unit}</small>}
              </th>
            ))}
            {actions && <th aria-label="What to do" />}
          </tr>
        </thead>
        <tbody>
          {yard.stations.map((station, row) => (
            <tr key={station.number} data-off={!station.enabled}>
              <th scope="row">{head(station)}</th>
              {columns.map((column, index) => (
                <td key={column.title}>
                  <YardCell {...{ station, column, row, index, edit, settle, isLocked }} />
                </td>
              ))}
              {actions && <td>{actions(station)}</td>}
            </tr>
          ))}
        </tbody>
      </table>
      <ColumnChoices columns={columns} />
    </>
  );
}
