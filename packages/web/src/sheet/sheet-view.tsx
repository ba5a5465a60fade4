import { parseDate } from '@water-clock/core/civil-time';
import type { Sheet } from '@water-clock/core/sheets';
import { inClock, longDate, shortDate } from '@water-clock/core/words';
import styles from './sheet-view.module.css';

const dateWords = (date: string): string => `${longDate(parseDate(date)!)} ${date.slice(0, 4)}`;

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
        <span>{dateWords(sheet.madeOn)}</span>
      </header>
      <p>
        {sheet.firm}
        {sheet.phone && (
          <>
            , phone <a href={`tel:${sheet.phone.replace(/[^\d+]/g, '')}`}>{sheet.phone}</a>
          </>
        )}
      </p>
      {sheet.season && <p>{sheet.season}</p>}
      <h2>When each station waters</h2>
      <table>
        <thead>
          <tr>
            <td />
            <th scope="col">Station</th>
            <th scope="col">Waters</th>
            {hasWater && <th scope="col">A week</th>}
          </tr>
        </thead>
        <tbody>
          {sheet.stations.map(({ number, name, waters, water }) => (
            <tr key={number}>
              <td className="figures">{number}</td>
              <th scope="row">{name}</th>
              <td>{waters || 'Does not water.'}</td>
              {hasWater && <td>{water}</td>}
            </tr>
          ))}
        </tbody>
      </table>
      <h2>This week</h2>
      <WeekPicture sheet={sheet} />
      <div className={styles['door-how']}>
        <section>
          <h2>To pause it for rain</h2>
          <p>{sheet.pauseForRain}</p>
        </section>
        <section>
          <h2>To run one station by hand</h2>
          <p>{sheet.runOneStation}</p>
        </section>
      </div>
      {sheet.due.length > 0 && (
        <>
          <h2>What comes next</h2>
          <ul>
            {sheet.due.map(({ on, what }) => (
              <li key={`${on} ${what}`}>
                {dateWords(on)}: {what}
              </li>
            ))}
          </ul>
        </>
      )}
      <p className={styles['door-caution']}>
        Local watering rules come first. Water on paths is slippery, and freezes. Leave the mains
        side, and the pump, to a licensed electrician.
      </p>
    </article>
  );
}

const WIDTH = 640;
const LABEL = 76;
const HEAD = 16;
const ROW = 18;
/** A bar that is wide enough has its letter inside. */
const ROOM_FOR_LETTER = 16;
const HOURS = [0, 6, 12, 18, 24];

const hourWords = (hour: number, clock: Sheet['clock']): string =>
  hour === 24 ? '' : inClock(`${String(hour).padStart(2, '0')}:00`, clock);

const timeOf = (minute: number): string =>
  `${String(Math.floor(minute / 60) % 24).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;

/** The week by dates, midnight to midnight; every bar has its program's letter. */
function WeekPicture({ sheet: { week, clock } }: { sheet: Sheet }) {
  const x = (minute: number) => LABEL + (minute / 1440) * (WIDTH - LABEL - 6);
  const height = HEAD + week.length * ROW;
  const words = week
    .map(({ date, bars }) => {
      const runs = bars.map(
        ({ program, from, to }) => `${program} ${timeOf(from)} to ${timeOf(to)}`,
      );
      return `${shortDate(parseDate(date)!)}: ${runs.join(', ') || 'nothing'}`;
    })
    .join('. ');
  return (
    <svg
      className={styles['door-week']}
      viewBox={`0 0 ${WIDTH} ${height}`}
      role="img"
      aria-label={inClock(`The week. ${words}.`, clock)}
    >
      {HOURS.map((hour) => (
        <g key={hour}>
          <line x1={x(hour * 60)} x2={x(hour * 60)} y1={HEAD - 2} y2={height} />
          <text x={x(hour * 60) + 2} y={HEAD - 5}>
            {hourWords(hour, clock)}
          </text>
        </g>
      ))}
      {week.map(({ date, bars }, row) => {
        const y = HEAD + row * ROW;
        return (
          <g key={date}>
            <text x={0} y={y + 13}>
              {shortDate(parseDate(date)!)}
            </text>
            {bars.map(({ program, from, to }) => (
              <g key={`${program} ${from}`}>
                <rect x={x(from)} y={y + 4} width={Math.max(2, x(to) - x(from))} height={ROW - 7} />
                {x(to) - x(from) < ROOM_FOR_LETTER ? (
                  <text x={x(from) - 2} y={y + 13} textAnchor="end">
                    {program}
                  </text>
                ) : (
                  <text className={styles['door-letter']} x={x(from) + 4} y={y + 13}>
                    {program}
                  </text>
                )}
              </g>
            ))}
          </g>
        );
      })}
    </svg>
  );
}
