import { addDays, formatDate, parseDate } from '@water-clock/core/civil-time';
import { shortSheetDate, type Language } from '@water-clock/core/household-words';
import type { Sheet } from '@water-clock/core/sheets';
import { useId, useState, type SyntheticEvent } from 'react';
import { ApiError } from '../api/client';
import { request, type AskedWith } from '../api/request';
import { todayHere } from '../format/today';
import styles from './shared-page.module.css';

interface TellUsProps {
  readonly token: string;
  readonly sheet: Sheet;
  readonly language: Language;
}

type Saw = AskedWith<'/api/shared/{token}/tellings', 'post'>['body']['document']['saw'][number];

/** One thing that somebody saw, as it is entered. */
interface Entered {
  readonly what: 'watered' | 'dry';
  readonly day: string;
  readonly from: string;
  readonly to: string;
  readonly station: string;
}

const DAYS_BACK = 14;
const MOST_SAW = 6;
const MOST_WORDS = 1000;
const TOO_MANY = 429;

/** What whoever has the link saw of the water, for the firm: no account, and nothing else of the home. */
export function TellUs({ token, sheet, language }: TellUsProps) {
  const { labels } = language;
  const today = todayHere();
  const blank: Entered = { what: 'watered', day: today, from: '', to: '', station: '' };
  const [entered, setEntered] = useState<readonly Entered[]>([blank]);
  const [words, setWords] = useState('');
  const [state, setState] = useState<'open' | 'sending' | 'sent'>('open');
  const [fault, setFault] = useState<string | null>(null);
  const id = useId();
  const send = async (event: SyntheticEvent) => {
    event.preventDefault();
    const saw = entered.flatMap(sawOf);
    // What was begun and has no time would be lost.
    const isBegun = entered.some(
      (one) => sawOf(one).length === 0 && JSON.stringify(one) !== JSON.stringify(blank),
    );
    if (isBegun || (saw.length === 0 && words.trim() === '')) {
      setFault(labels.tellNothing);
      return;
    }
    setState('sending');
    setFault(null);
    try {
      const body = { document: { saw, words } };
      await request('post', '/api/shared/{token}/tellings', { path: { token }, body });
      setState('sent');
    } catch (error) {
      setState('open');
      setFault(
        error instanceof ApiError && error.status === TOO_MANY
          ? labels.tellTooMany
          : labels.tellNotSent,
      );
    }
  };
  if (state === 'sent')
    return (
      <section className={styles['tell']} aria-labelledby={id}>
        <h2 id={id}>{labels.tellUs}</h2>
        <p role="status">{labels.tellThanks}</p>
      </section>
    );
  return (
    <section className={styles['tell']} aria-labelledby={id}>
      <h2 id={id}>{labels.tellUs}</h2>
      <p>{labels.tellWhat}</p>
      <form onSubmit={(event) => void send(event)}>
        {entered.map((one, index) => (
          <SawFields
            // What is entered is its place in the list.
            key={index}
            {...{ one, sheet, language }}
            onChange={(fields) =>
              setEntered(
                entered.map((other, at) => (at === index ? { ...other, ...fields } : other)),
              )
            }
          />
        ))}
        {entered.length < MOST_SAW && (
          <button type="button" onClick={() => setEntered([...entered, blank])}>
            {labels.tellMore}
          </button>
        )}
        <label>
          {labels.tellWords}
          <textarea
            value={words}
            maxLength={MOST_WORDS}
            rows={3}
            onChange={(event) => setWords(event.target.value)}
          />
        </label>
        {fault !== null && <p role="alert">{fault}</p>}
        <button type="submit" disabled={state === 'sending'}>
          {labels.tellSend}
        </button>
      </form>
    </section>
  );
}

interface SawFieldsProps {
  readonly one: Entered;
  readonly sheet: Sheet;
  readonly language: Language;
  readonly onChange: (fields: Partial<Entered>) => void;
}

function SawFields({ one, sheet, language, onChange }: SawFieldsProps) {
  const { labels } = language;
  const today = parseDate(todayHere())!;
  const days = Array.from({ length: DAYS_BACK }, (_, back) => formatDate(addDays(today, -back)));
  return (
    <fieldset>
      <label>
        {labels.tellSaw}
        <select
          value={one.what}
          onChange={(event) => onChange({ what: event.target.value === 'dry' ? 'dry' : 'watered' })}
        >
          <option value="watered">{labels.tellWatered}</option>
          <option value="dry">{labels.tellDry}</option>
        </select>
      </label>
      <label>
        {labels.tellDay}
        <select value={one.day} onChange={(event) => onChange({ day: event.target.value })}>
          {days.map((day) => (
            <option key={day} value={day}>
              {shortSheetDate(language, day)}
            </option>
          ))}
        </select>
      </label>
      {one.what === 'watered' && (
        <>
          <label>
            {labels.tellFrom}
            <input
              type="time"
              value={one.from}
              onChange={(event) => onChange({ from: event.target.value })}
            />
          </label>
          <label>
            {labels.tellTo}
            <input
              type="time"
              value={one.to}
              onChange={(event) => onChange({ to: event.target.value })}
            />
          </label>
        </>
      )}
      <label>
        {labels.tellWhere}
        <select value={one.station} onChange={(event) => onChange({ station: event.target.value })}>
          <option value="">{labels.tellNoIdea}</option>
          {sheet.stations.map(({ number, name }) => (
            <option key={number} value={number}>
              {number} {name}
            </option>
          ))}
        </select>
      </label>
    </fieldset>
  );
}

const dayAfter = (day: string): string => formatDate(addDays(parseDate(day)!, 1));

/** As it is told; nothing where no time of it is known. An end before its beginning is on the next day. */
function sawOf({ what, day, from, to, station }: Entered): Saw[] {
  const where = { station: station === '' ? null : Number(station) };
  if (what === 'dry')
    return [{ what: 'dry', from: `${day}T00:00:00`, to: `${dayAfter(day)}T00:00:00`, ...where }];
  if (from === '') return [];
  const lastDay = to !== '' && to < from ? dayAfter(day) : day;
  return [
    {
      ...{ what: 'watered', from: `${day}T${from}:00` },
      to: to === '' ? null : `${lastDay}T${to}:00`,
      ...where,
    },
  ];
}
