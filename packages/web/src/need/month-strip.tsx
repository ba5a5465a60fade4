import { clsx } from 'clsx';
import type { MonthPercents } from '@water-clock/core/needs';
import { LARGEST_PERCENT } from '@water-clock/core/settings';
import type { MonthWeather } from '@water-clock/core/weather';
import { MONTHS, MONTHS_SHORT } from '@water-clock/core/words';
import { Button } from 'antd';
import { CellInput } from '../ui/cell-input';
import { useQuantity } from '../session/use-signed-in';
import { shownAmount } from '../format/quantities';
import styles from './need-page.module.css';
import pageStyles from '../ui/page.module.css';
import gridTableStyles from '../ui/grid-table.module.css';

interface MonthStripProps {
  readonly months: readonly (MonthWeather | null)[] | null;
  readonly percents: MonthPercents;
  /** The month that is looked at, 1 to 12. */
  readonly month: number;
  readonly isLocked: boolean;
  /** Undefined: as the weather has them. */
  readonly onChange: (percents: number[] | undefined) => void;
  readonly onSettle: () => void;
}

const SOURCES: Record<MonthPercents['from'], string> = {
  typed: 'as somebody typed them',
  weather: 'each month against the highest, on the timer’s steps',
  unknown: '100 throughout: the weather does not know all twelve months',
};

/** The percentages by month that customary minutes are taken at, and the weather beside them. */
export function MonthStrip({
  months,
  percents,
  month,
  isLocked,
  onChange,
  onSettle,
}: MonthStripProps) {
  const depth = useQuantity('depth');
  const set = (index: number, percent: number) =>
    onChange(percents.percents.map((one, at) => (at === index ? percent : one)));
  return (
    <section className={styles['need-months']} aria-labelledby="need-months">
      <h2 id="need-months">
        Season by month <small className={pageStyles['soft']}>{SOURCES[percents.from]}</small>
        {percents.from === 'typed' && !isLocked && (
          <Button size="small" onClick={() => onChange(undefined)}>
            Take them from the weather
          </Button>
        )}
      </h2>
      <div className={styles['need-scroll']}>
        <table className={gridTableStyles['settings-grid']} aria-label="Percentage by month">
          <thead>
            <tr>
              <th className={gridTableStyles['row-name']} />
              {MONTHS_SHORT.map((name, index) => (
                <th
                  key={name}
                  scope="col"
                  className={gridTableStyles['column-name']}
                  data-now={index + 1 === month}
                  aria-current={index + 1 === month ? 'true' : undefined}
                >
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            <tr>
              <th scope="row" className={gridTableStyles['row-name']}>
                {depth.label} a day
              </th>
              {MONTHS.map((name, index) => {
                const weather = months?.[index];
                return (
                  <td key={name} className={clsx('figures', styles['need-et0'])}>
                    {weather ? shownAmount(weather.et0Mm, depth) : '?'}
                  </td>
                );
              })}
            </tr>
            <tr>
              <th scope="row" className={gridTableStyles['row-name']}>
                percent
              </th>
              {MONTHS.map((name, index) => (
                <td key={name}>
                  <CellInput
                    label={`Percentage of ${name}`}
                    field={`percent ${index}`}
                    text={String(percents.percents[index])}
                    row={0}
                    column={index}
                    disabled={isLocked}
                    onSettle={onSettle}
                    onType={(text) => {
                      const typed = Number(text.replace('%', '').trim() || NaN);
                      if (!Number.isInteger(typed) || typed < 0 || typed > LARGEST_PERCENT)
                        return `A whole percentage, 0 to ${LARGEST_PERCENT}`;
                      set(index, typed);
                      return null;
                    }}
                  />
                </td>
              ))}
            </tr>
          </tbody>
        </table>
      </div>
    </section>
  );
}
