import { clsx } from 'clsx';
import type { Yard, YardEdit, YardStation } from '@water-clock/core/yards';
import type { ClipboardEvent, ReactNode } from 'react';
import { placeOfCell } from '../ui/place-of-cell';
import { useCellRange } from '../ui/use-cell-range';
import { useIsNarrow } from '../ui/use-matches';
import { usePlace } from '../ui/use-place';
import { choicesId } from './choices-id';
import { YardCell } from './yard-cell';
import type { YardColumn } from './yard-column';
import gridTableStyles from '../ui/grid-table.module.css';
import styles from './yard-page.module.css';

/** What all tables of the yard work on. */
export interface TableOfYard {
  readonly yard: Yard;
  readonly columns: readonly YardColumn[];
  readonly isLocked: boolean;
  readonly edit: (edit: YardEdit, key?: string) => void;
  readonly settle: () => void;
  /** A block from a spreadsheet, and the cell into which it was pasted. */
  readonly onSheet: (text: string, row: number, column: number) => void;
}

interface StationTableProps extends TableOfYard {
  readonly label: string;
  /** The station at the head of its row. */
  readonly head: (station: YardStation) => ReactNode;
  readonly headWidth: number;
  /** What can be done with each station beyond its cells. */
  readonly actions?: (station: YardStation) => ReactNode;
}

/** From this width on the head of a row has the station's name too. */
const NAMED_FROM = 100;

/** Facts of all stations, a row for each, typed like a sheet. */
export function StationTable(props: StationTableProps) {
  return useIsNarrow() ? <StationCard {...props} /> : <WholeTable {...props} />;
}

/** The same facts of one station, a line for each: the one that the address asks for. */
function StationCard(props: StationTableProps) {
  const { label, yard, columns, isLocked, edit, settle, head, actions } = props;
  const [search] = usePlace();
  const station = stationAsked(yard.stations, search.get('station'));
  if (!station) return null;
  const row = yard.stations.indexOf(station);
  return (
    <>
      <table
        className={clsx(gridTableStyles['settings-grid'], styles['yard-card'])}
        aria-label={label}
        data-skip-to
      >
        <thead>
          <tr>
            <th scope="col">{head(station)}</th>
            <th scope="col" className={styles['card-name']}>
              {station.name ?? 'no name'} {actions?.(station)}
            </th>
          </tr>
        </thead>
        <tbody>
          {columns.map((column, index) => (
            <tr key={column.title} data-off={!station.enabled}>
              <th scope="row" className={gridTableStyles['row-name']}>
                {column.title} {column.unit && <small>{column.unit}</small>}
              </th>
              <td>
                <YardCell
                  key={station.number}
                  {...{ station, column, edit, settle, isLocked }}
                  // Arrows go up and down, as the lines do.
                  row={index}
                  index={row}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <Choices columns={columns} />
    </>
  );
}

/** The station that the address asks for; else the first. */
export const stationAsked = (
  stations: readonly YardStation[],
  asked: string | null,
): YardStation | undefined =>
  stations.find(({ number }) => String(number) === asked) ?? stations[0];

const Choices = ({ columns }: Pick<TableOfYard, 'columns'>) =>
  columns.map(
    ({ title, choices }) =>
      choices && (
        <datalist key={title} id={choicesId(title)}>
          {choices.map((choice) => (
            <option key={choice} value={choice} />
          ))}
        </datalist>
      ),
  );

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
      <Choices columns={columns} />
    </>
  );
}
