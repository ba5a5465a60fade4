import {
  barWords,
  hourWords,
  sheetDate,
  shortSheetDate,
  type Language,
} from '@water-clock/core/household-words';
import type { Sheet } from '@water-clock/core/sheets';
import { phoneDigits } from '../format/phone';
import styles from './sheet-view.module.css';

interface SheetViewProps {
  readonly sheet: Sheet;
  /** That it is written in. */
  readonly language: Language;
}

/** The sheet for the door, on the screen and on paper. */
export function SheetView({ sheet, language }: SheetViewProps) {
  const { labels } = language;
  const hasWater = sheet.stations.some(({ water }) => water !== undefined);
  return (
    // It is as it will be on paper, in whatever colours the screen is.
    <article className={styles['left-sheet']} lang={language.tag} data-paper data-theme="light">
      <header>
        <h1>
          {sheet.property}: {sheet.timer}
        </h1>
        <span>{sheetDate(language, sheet.madeOn)}</span>
      </header>
      <p>
        {sheet.firm}
        {sheet.phone && (
          <>
            , {labels.phone} <a href={`tel:${phoneDigits(sheet.phone)}`}>{sheet.phone}</a>
          </>
        )}
      </p>
      {sheet.season && <p>{sheet.season}</p>}
      <Sentences head={labels.mind} all={sheet.notes} />
      <h2>{labels.waters}</h2>
      <table>
        <thead>
          <tr>
            <td />
            <th scope="col">{labels.station}</th>
            <th scope="col">{labels.when}</th>
            {hasWater && <th scope="col">{labels.aWeek}</th>}
          </tr>
        </thead>
        <tbody>
          {sheet.stations.map(({ number, name, waters, water }) => (
            <tr key={number}>
              <td className="figures">{number}</td>
              <th scope="row">{name}</th>
              <td>{waters || labels.doesNotWater}</td>
              {hasWater && <td>{water}</td>}
            </tr>
          ))}
        </tbody>
      </table>
      <Sentences head={labels.rules} all={sheet.rules} />
      <h2>{labels.thisWeek}</h2>
      <WeekPicture {...{ sheet, language }} />
      <div className={styles['door-how']}>
        <section>
          <h2>{labels.pauseForRain}</h2>
          <p>{sheet.pauseForRain}</p>
        </section>
        <section>
          <h2>{labels.runOneStation}</h2>
          <p>{sheet.runOneStation}</p>
        </section>
      </div>
      {sheet.due.length > 0 && (
        <>
          <h2>{labels.due}</h2>
          <ul>
            {sheet.due.map(({ on, what }) => (
              <li key={`${on} ${what}`}>
                {sheetDate(language, on)}: {what}
              </li>
            ))}
          </ul>
        </>
      )}
      <p className={styles['door-caution']}>{labels.caution}</p>
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
function WeekPicture({ sheet: { week, clock }, language }: SheetViewProps) {
  const percent = (minutes: number) => `${(100 * minutes) / DAY_MINUTES}%`;
  return (
    <div className={styles['door-week']}>
      <div className={styles['door-hours']} aria-hidden="true">
        {HOURS.map((hour) => (
          <span key={hour} style={{ left: percent(60 * hour) }}>
            {hourWords(language, hour, clock)}
          </span>
        ))}
      </div>
      <dl>
        {week.map(({ date, bars }) => (
          <div key={date} className={styles['door-day']}>
            <dt>{shortSheetDate(language, date)}</dt>
            <dd>
              <div className={styles['door-track']} aria-hidden="true">
                {bars.map(({ program, from, to }) => (
                  <span
                    key={`${program} ${from}`}
                    style={{ left: percent(from), width: percent(to - from) }}
                  />
                ))}
              </div>
              {bars
                .map((bar) => barWords(language, bar, clock).replaceAll(' ', '\u00a0'))
                .join(', ') || language.labels.nothing}
            </dd>
          </div>
        ))}
      </dl>
    </div>
  );
}
