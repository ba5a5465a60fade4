import { clsx } from 'clsx';
import { useQuantity } from '../session/use-signed-in';
import { shownAmount } from '../format/quantities';
import type { BalanceOfCopy } from '@water-clock/core/water-use';
import { stationTotals, type StationTotals } from './season-totals';
import styles from './water-page.module.css';
import gridTableStyles from '../ui/grid-table.module.css';

interface StationsTableProps {
  readonly balance: BalanceOfCopy;
  readonly over: BalanceOfCopy | null;
  readonly names: readonly string[];
  readonly nameOf: (number: number) => string;
  readonly chosen: number;
  readonly onChoose: (number: number) => void;
}

/** Every station's season: what it needed, got and lost, and how many days its plants suffered. */
export function StationsTable({
  balance,
  over,
  names,
  nameOf,
  chosen,
  onChoose,
}: StationsTableProps) {
  const depth = useQuantity('depth');
  const volume = useQuantity('volume');
  const others = new Map(over && stationTotals(over).map((one) => [one.number, one] as const));
  const mm = (value: number) => shownAmount(value, { ...depth, decimals: depth.decimals - 1 });
  const columns: [string, string, (totals: StationTotals) => string][] = [
    ['got', depth.label, ({ appliedMm }) => mm(appliedMm)],
    ['wasted', depth.label, ({ drainageMm }) => mm(drainageMm)],
    ['suffer', 'days', ({ stressDays }) => String(stressDays)],
    [
      'water',
      volume.label,
      ({ litres }) => (litres === null ? '?' : grouped(litres / volume.inSi)),
    ],
  ];
  return (
    <div className={styles['water-scroll']}>
      <table
        className={clsx(gridTableStyles['settings-grid'], styles['water-stations'])}
        aria-label="Stations through the season"
      >
        <thead>
          <tr>
            <th scope="col" className={gridTableStyles['row-name']}>
              station
            </th>
            <th scope="col" className={gridTableStyles['column-name']}>
              needed <small>{depth.label}</small>
            </th>
            {columns.map(([title, unit]) => (
              <th key={title} scope="col" className={gridTableStyles['column-name']}>
                {title} <small>{unit}</small>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {stationTotals(balance).map((totals) => {
            const other = others.get(totals.number);
            return (
              <tr
                key={totals.number}
                data-station={totals.number}
                data-chosen={totals.number === chosen}
                onClick={() => onChoose(totals.number)}
              >
                <th scope="row">
                  <button
                    type="button"
                    className={clsx(gridTableStyles['cell-button'], styles['water-station'])}
                    aria-pressed={totals.number === chosen}
                    onClick={() => onChoose(totals.number)}
                  >
                    {nameOf(totals.number)}
                  </button>
                </th>
                <td className="figures">{mm(totals.neededMm)}</td>
                {columns.map(([title, , of]) => (
                  <td key={title} className="figures" data-total={title}>
                    {of(totals)}
                    {other && (
                      <span className={styles['water-other']} title={names[1]}>
                        {of(other)}
                      </span>
                    )}
                  </td>
                ))}
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}

/** A large number in groups of three. */
export const grouped = (value: number): string => Math.round(value).toLocaleString('en');
