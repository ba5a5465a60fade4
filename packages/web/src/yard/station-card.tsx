import { clsx } from 'clsx';
import { usePlace } from '../ui/use-place';
import { ColumnChoices } from './column-choices';
import { stationAsked } from './station-asked';
import type { StationTableProps } from './table-of-yard';
import { YardCell } from './yard-cell';
import gridTableStyles from '../ui/grid-table.module.css';
import styles from './yard-page.module.css';

/** Facts of one station, a line for each: the one that the address asks for. */
export function StationCard(props: StationTableProps) {
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
      <ColumnChoices columns={columns} />
    </>
  );
}
