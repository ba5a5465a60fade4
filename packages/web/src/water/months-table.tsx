import { clsx } from 'clsx';
import { MONTHS_SHORT } from '@water-clock/core/words';
import { Link } from 'react-router';
import { useQuantity, useSignedIn } from '../session/use-signed-in';
import { shownAmount } from '../format/quantities';
import type { BalanceOfCopy } from '@water-clock/core/water-use';
import { costOf, monthTotals, withoutLitres } from './season-totals';
import { grouped } from './stations-table';
import pageStyles from '../ui/page.module.css';
import styles from './water-page.module.css';
import gridTableStyles from '../ui/grid-table.module.css';

interface MonthsTableProps {
  readonly balance: BalanceOfCopy;
  readonly over: BalanceOfCopy | null;
  readonly names: readonly string[];
  /** Of a cubic metre; null where nobody knows it. */
  readonly price: number | null;
  readonly propertyId: string;
}

/** Water and money by the month, of all stations whose flow is known. */
export function MonthsTable({ balance, over, names, price, propertyId }: MonthsTableProps) {
  const volume = useQuantity('volume');
  const priceUnit = useQuantity('waterPrice');
  const { firm } = useSignedIn();
  const money = new Intl.NumberFormat('en', { style: 'currency', currency: firm.currency });
  const rows = [balance, ...(over ? [over] : [])].map((one) => monthTotals(one));
  const [first = []] = rows;
  const total = (months: readonly { litres: number }[]) =>
    months.reduce((sum, { litres }) => sum + litres, 0);
  const unknown = withoutLitres(balance);
  const saved = rows.length === 2 ? total(rows[0]!) - total(rows[1]!) : null;
  return (
    <section className={pageStyles['sheet']} aria-labelledby="months">
      <h2 id="months">By the month</h2>
      <div className={styles['water-scroll']}>
        <table
          className={clsx(gridTableStyles['settings-grid'], styles['water-months'])}
          aria-label="Water and money by the month"
        >
          <thead>
            <tr>
              <th className={gridTableStyles['row-name']} />
              {first.map(({ year, month }) => (
                <th key={`${year} ${month}`} scope="col" className={gridTableStyles['column-name']}>
                  {MONTHS_SHORT[month - 1]}
                </th>
              ))}
              <th scope="col" className={gridTableStyles['column-name']}>
                season
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map((months, which) => (
              <tr key={which} data-copy={which}>
                <th scope="row" className={gridTableStyles['row-name']} title={names[which]}>
                  <i
                    className={clsx(styles['water-mark'], which > 0 && styles['water-mark-over'])}
                  />{' '}
                  {volume.label}
                </th>
                {months.map(({ year, month, litres }) => (
                  <td key={`${year} ${month}`} className="figures">
                    {grouped(litres / volume.inSi)}
                  </td>
                ))}
                <td className={clsx('figures', styles['water-sum'])}>
                  {grouped(total(months) / volume.inSi)}
                </td>
              </tr>
            ))}
            {price !== null &&
              rows.map((months, which) => (
                <tr key={`cost ${which}`} data-cost={which}>
                  <th scope="row" className={gridTableStyles['row-name']} title={names[which]}>
                    <i
                      className={clsx(styles['water-mark'], which > 0 && styles['water-mark-over'])}
                    />{' '}
                    cost
                  </th>
                  {months.map(({ year, month, litres }) => (
                    <td key={`${year} ${month}`} className="figures">
                      {money.format(costOf(litres, price))}
                    </td>
                  ))}
                  <td className={clsx('figures', styles['water-sum'])}>
                    {money.format(costOf(total(months), price))}
                  </td>
                </tr>
              ))}
          </tbody>
        </table>
      </div>
      <p className={clsx(pageStyles['soft'], styles['water-foot'])}>
        {price === null ? (
          <>
            What water costs here is not known.{' '}
            <Link to={`/properties/${propertyId}/edit`}>Enter its price</Link>
          </>
        ) : (
          `At ${shownAmount(price, priceUnit)} ${firm.currency} ${priceUnit.label}.`
        )}
        {saved !== null &&
          ` The second takes ${grouped(Math.abs(saved) / volume.inSi)} ${volume.label} ${saved >= 0 ? 'less' : 'more'}${
            price === null ? '' : `, ${money.format(costOf(Math.abs(saved), price))}`
          }.`}
        {unknown.length > 0 &&
          ` Not counted: station ${unknown.join(', ')}, whose flow and area are not known.`}
      </p>
    </section>
  );
}
