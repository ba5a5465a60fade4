import { shortSheetDate, type Language } from '@water-clock/core/household-words';
import { clsx } from 'clsx';
import { useEffect, useState, type ReactNode } from 'react';
import { request, type Api } from '../api/request';
import styles from './shared-page.module.css';

type Now = Api['HouseholdAnswer'];

interface SharedNowProps {
  readonly token: string;
  readonly language: Language;
}

/** What waters today and on the next days, what holds it back, and what was done last; nothing until it is known. */
export function SharedNow({ token, language }: SharedNowProps) {
  const [now, setNow] = useState<Now | null>(null);
  useEffect(() => {
    request('get', '/api/shared/{token}/now', { path: { token } }).then(setNow, () => null);
  }, [token]);
  if (!now) return null;
  const { labels } = language;
  const [today, ...next] = now.days;
  return (
    <section className={clsx('not-on-paper', styles['now'])} lang={language.tag}>
      {today && (
        <Part head={labels.today}>
          <Waterings day={today} {...{ language }} />
        </Part>
      )}
      <Sentences head={labels.mind} all={now.holds} />
      <Sentences head={labels.lastVisit} all={now.visit} />
      <Sentences head={labels.lookOut} all={now.lookOutFor} />
      {next.length > 0 && (
        <details>
          <summary>{labels.nextDays}</summary>
          <dl className={styles['days']}>
            {next.map((day) => (
              <div key={day.date}>
                <dt>{shortSheetDate(language, day.date)}</dt>
                <dd>
                  <Waterings {...{ day, language }} />
                </dd>
              </div>
            ))}
          </dl>
        </details>
      )}
    </section>
  );
}

const Part = ({ head, children }: { readonly head: string; readonly children: ReactNode }) => (
  <>
    <h2>{head}</h2>
    {children}
  </>
);

function Sentences({ head, all }: { readonly head: string; readonly all: readonly string[] }) {
  if (all.length === 0) return null;
  return (
    <Part head={head}>
      <ul>
        {all.map((one) => (
          <li key={one}>{one}</li>
        ))}
      </ul>
    </Part>
  );
}

interface WateringsProps {
  readonly day: Now['days'][number];
  readonly language: Language;
}

function Waterings({ day, language }: WateringsProps) {
  if (day.waterings.length === 0) return <p>{language.labels.nothing}</p>;
  return (
    <ul className={styles['waterings']}>
      {day.waterings.map(({ station, name, when }) => (
        <li key={`${station} ${when}`}>
          <span className="figures">{when}</span>
          <span>
            {station} {name}
          </span>
        </li>
      ))}
    </ul>
  );
}
