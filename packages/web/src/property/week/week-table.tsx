import { addDays, dayOf, startOfDay, type DayNumber } from '@water-clock/core/civil-time';
import type { StationWatering } from '@water-clock/core/sheets';
import type { Plan } from '@water-clock/core/settings';
import { shortDate } from '@water-clock/core/words';
import { useEffect, useRef } from 'react';
import { useSay } from '../../session/use-signed-in';
import { amountWords, spanWords } from './watering-words';
import pageStyles from '../../ui/page.module.css';
import styles from './week.module.css';

interface WeekTableProps {
  /** Of the timer. */
  readonly name: string;
  readonly plan: Plan;
  readonly from: DayNumber;
  readonly waterings: readonly StationWatering[];
  /** The station that somebody asks about; null: none. */
  readonly asked: number | null;
}

const WEEK = 7;

/** Stations down, dates across; on a phone a card for each station. */
export function WeekTable({ name, plan, from, waterings, asked }: WeekTableProps) {
  const say = useSay();
  const row = useRef<HTMLTableRowElement>(null);
  useEffect(() => row.current?.scrollIntoView({ block: 'nearest' }), [asked]);
  const days = Array.from({ length: WEEK }, (_, later) => addDays(from, later));
  const stations = plan.stations.filter(
    ({ number, enabled }) => enabled || waterings.some(({ station }) => station === number),
  );
  if (stations.length === 0)
    return <p className={pageStyles['soft']}>No station of it is switched on.</p>;
  return (
    <div
      className={styles['scroll']}
      tabIndex={0}
      role="region"
      aria-label={`${name}: waters this week`}
    >
      <table className={styles['week']}>
        <thead>
          <tr>
            <th scope="col">Station</th>
            {days.map((day) => (
              <th key={day} scope="col">
                {shortDate(day)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {stations.map(({ number, name: stationName }) => (
            <tr
              key={number}
              ref={number === asked ? row : undefined}
              data-asked={number === asked || undefined}
            >
              <th scope="row">
                <span className="figures">{number}</span> {stationName}
              </th>
              {days.map((day) => {
                const own = waterings.filter(
                  ({ station, from: begin }) => station === number && dayOf(begin) === day,
                );
                return (
                  <td key={day} data-day={shortDate(day)} data-dry={own.length === 0 || undefined}>
                    {own.length === 0 && <span className={pageStyles['soft']}>–</span>}
                    {own.map((watering) => {
                      const { from: begin, to } = spanWords(watering);
                      return (
                        <span key={watering.from} className={styles['watering']}>
                          <span className="figures">
                            {say(begin)}–{say(to)}
                          </span>
                          {watering.to >= startOfDay(addDays(day, 1)) && (
                            <span className={pageStyles['soft']}> next day</span>
                          )}
                          <span className={pageStyles['soft']}>{amountWords(watering)}</span>
                        </span>
                      );
                    })}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
