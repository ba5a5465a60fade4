import {
  barWords,
  hourWords,
  LABELS,
  sheetDate,
  shortSheetDate,
  type Sheet,
} from '@water-clock/core/sheets';
import styles from './sheet-view.module.css';

/** The sheet for the door, on the screen and on paper. */
export function SheetView({ sheet }: { sheet: Sheet }) {
  const hasWater = sheet.stations.some(({ water }) => water !== undefined);
  return (
    // It is as it will be on paper, in whatever colours the screen is.
    <article className={styles['left-sheet']} data-paper data-theme="light">
      <header>
        <h1>
          {sheet.property}: {sheet.timer}
        </h1>
        <span>{sheetDate(sheet.madeOn)}</span>
      </header>
      <p>
        {sheet.firm}
        {sheet.phone && (
          <>
            , {LABELS.phone} <a href={`tel:${sheet.phone.replace(/[^\d+]/g, '')}`}>{sheet.phone}</a>
          </>
        )}
      </p>
      {sheet.season && <p>{sheet.season}</p>}
      <Sentences head={LABELS.mind} all={sheet.notes} />
      <h2>{LABELS.waters}</h2>
      <table>
        <thead>
          <tr>
            <td />
            <th scope="col">{LABELS.station}</th>
            <th scope="col">{LABELS.when}</th>
            {hasWater && <th scope="col">{LABELS.aWeek}</th>}
          </tr>
        </thead>
        <tbody>
          {sheet.stations.map(({ number, name, waters, water }) => (
            <tr key={number}>
              <td className="figures">{number}</td>
              <th scope="row">{name}</th>
              <td>{waters || LABELS.doesNotWater}</td>
              {hasWater && <td>{water}</td>}
            </tr>
          ))}
        </tbody>
      </table>
      <Sentences head={LABELS.rules} all={sheet.rules} />
      <h2>{LABELS.thisWeek}</h2>
      <WeekPicture sheet={sheet} />
      <div className={styles['door-how']}>
        <section>
          <h2>{LABELS.pauseForRain}</h2>
          <p>{sheet.pauseForRain}</p>
        </section>
        <section>
          <h2>{LABELS.runOneStation}</h2>
          <p>{sheet.runOneStation}</p>
        </section>
      </div>
      {sheet.due.length > 0 && (
        <>
          <h2>{LABELS.due}</h2>
          <ul>
            {sheet.due.map(({ on, what }) => (
              <li key={`${on} ${what}`}>
                {sheetDate(on)}: {what}
              </li>
            ))}
          </ul>
        </>
      )}
      <p className={styles['door-caution']}>{LABELS.caution}</p>
    </article>
  );
}

/** Sentences under a heading; sheets that were left before these were told have none. */
function Sentences({ head, all = [] }: { head: string; all: readonly string[] | undefined }) {
  if (all.length === 0) return null;
  return (
    <>
      <h2>{head}</h2>
      <ul>
        {all.map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </ul>
    </>
  );
}

const HOURS = [0, 6, 12, 18];
const DAY_MINUTES = 1440;

/** The week by dates, midnight to midnight: a bar each run, and its times below. */
function WeekPicture({ sheet: { week, clock } }: { sheet: Sheet }) {
  const percent = (minutes: number) => `${(100 * minutes) / DAY_MINUTES}%`;
  return (
    <div className={styles['door-week']}>
      <div className={styles['door-hours']} aria-hidden="true">
        {HOURS.map((hour) => (
          <span key={hour} style={{ left: percent(60 * hour) }}>
            {hourWords(hour, clock)}
          </span>
        ))}
      </div>
      <dl>
        {week.map(({ date, bars }) => (
          <div key={date} className={styles['door-day']}>
            <dt>{shortSheetDate(date)}</dt>
            <dd>
              <div className={styles['door-track']} aria-hidden="true">
                {bars.map(({ program, from, to }) => (
                  <span
                    key={`${program} ${from}`}
                    style={{ left: percent(from), width: percent(to - from) }}
                  />
                ))}
              </div>
              {bars.map((bar) => barWords(bar, clock).replaceAll(' ', '\u00a0')).join(', ') ||
                LABELS.nothing}
            </dd>
          </div>
        ))}
      </dl>
    </div>
  );
}
