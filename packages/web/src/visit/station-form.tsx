import { fieldOf } from '@water-clock/core/kernel';
import { lengthInWords } from '@water-clock/core/words';
import { clsx } from 'clsx';
import type { StationSettings } from '@water-clock/core/settings';
import {
  FAULT_NAMES,
  judgeReading,
  STATION_FAULTS,
  StationEntry,
  VERDICT_NAMES,
  type StationFault,
} from '@water-clock/core/visits';
import { Button, Checkbox, Input, Segmented } from 'antd';
import { useState } from 'react';
import type { OpenVisit } from '../timer-records/use-visit';
import { useStopwatch } from '../measure/use-stopwatch';
import { useKeptForm } from '../offline/use-kept-form';
import { oncePressed } from '../ui/once-pressed';
import styles from './walk-page.module.css';
import pageStyles from '../ui/page.module.css';

/** Reads the meter of a simulated timer: null is over its range, undefined did not work. */
type ReadOhms = (station: number) => Promise<number | null | undefined>;

interface StationFormProps {
  readonly open: OpenVisit;
  readonly station: StationSettings;
  readonly power: 'mains' | 'battery';
  /** Null where no simulated timer hangs. */
  readonly readOhms: ReadOhms | null;
  /** Somebody watches it run. */
  readonly isOn: boolean;
  readonly onSaved: () => void;
}

/** Fine, or the faults of a station, with a note, a reading and the time to run-off. */
export function StationForm({ open, station, power, readOhms, isOn, onSaved }: StationFormProps) {
  const { number, name = '' } = station;
  const before = open.visit.stations.get(number)?.latest.entry;
  const kept = useKeptForm(`walk.${open.id}.${number}`, seenIn, seenBefore(before));
  const { faults, note, reading, runoffSeconds: runoff } = kept.form;
  const see = (seen: Partial<Seen>) => kept.set((form) => ({ ...form, ...seen }));
  const watch = useStopwatch(`walk ${open.timerId} ${number}`);
  const [isOpen, setOpen] = useState(watch.isRunning || faults.length > 0 || kept.isChanged);
  const isWrong = amountOf(reading) === undefined;
  const save = async (found: readonly StationFault[]) => {
    const amount = amountOf(reading);
    const entry = Object.assign(new StationEntry(), {
      station: number,
      faults: [...found],
      note: note.trim(),
      ...(typeof amount === 'number' && { [reading.unit]: amount }),
      ...(runoff && { runoffSeconds: runoff }),
    });
    const words = found.map((fault) => FAULT_NAMES[fault]).join(', ') || 'fine';
    await open.add(entry, `Station ${number} ${name}: ${words}`);
    kept.restart({ ...kept.form, faults: found });
    kept.forget();
    onSaved();
  };
  return (
    <>
      <div className={styles['walk-verdict']}>
        <Button
          type={isOn ? 'primary' : 'default'}
          onClick={oncePressed(() => void save([]))}
          disabled={faults.length > 0 || isWrong}
        >
          Fine
        </Button>
        <Button aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
          Fault or reading…
        </Button>
      </div>
      {isOpen && (
        <section
          className={clsx(pageStyles['sheet'], styles['walk-form'])}
          aria-label={`Station ${number}: what is seen`}
        >
          <Checkbox.Group
            aria-label="What is wrong"
            className={clsx(styles['walk-faults'])}
            value={[...faults]}
            options={STATION_FAULTS.map((value) => ({ value, label: FAULT_NAMES[value] }))}
            onChange={(ticked) => see({ faults: ticked })}
          />
          <Input
            aria-label="Note"
            placeholder="Note: where, what is needed"
            maxLength={500}
            value={note}
            onChange={(event) => see({ note: event.target.value })}
          />
          <ReadingField
            {...{ reading, power }}
            readOhms={readOhms && (() => readOhms(number))}
            onChange={(read) => see({ reading: read })}
          />
          {watch.isRunning ? (
            <Button type="primary" onClick={() => see({ runoffSeconds: watch.stop() })}>
              Water stands or runs: <span className="figures">{lengthInWords(watch.seconds)}</span>
            </Button>
          ) : (
            <Button onClick={watch.start}>
              Time to run-off{runoff ? `: ${lengthInWords(runoff)}` : ''}
            </Button>
          )}
          <Button
            danger
            onClick={oncePressed(() => void save(faults))}
            disabled={faults.length === 0 || isWrong}
          >
            Keep the fault
          </Button>
        </section>
      )}
    </>
  );
}

interface Reading {
  readonly unit: 'ohms' | 'amps';
  readonly text: string;
}

/** What somebody enters of a station, until it is kept in the visit. */
interface Seen {
  readonly faults: readonly StationFault[];
  readonly note: string;
  readonly reading: Reading;
  readonly runoffSeconds?: number;
}

const seenBefore = (entry: StationEntry | undefined): Seen => ({
  faults: entry?.faults ?? [],
  note: entry?.note ?? '',
  reading: readingOf(entry),
  ...(entry?.runoffSeconds !== undefined && { runoffSeconds: entry.runoffSeconds }),
});

/** The same, as it lies on the device; null where it cannot be read. */
function seenIn(kept: unknown): Seen | null {
  const [faults, note, runoffSeconds] = ['faults', 'note', 'runoffSeconds'].map((name) =>
    fieldOf(kept, name),
  );
  const [unit, text] = ['unit', 'text'].map((name) => fieldOf(fieldOf(kept, 'reading'), name));
  if (!Array.isArray(faults) || typeof note !== 'string' || typeof text !== 'string') return null;
  return {
    faults: STATION_FAULTS.filter((fault) => faults.includes(fault)),
    note,
    reading: { unit: unit === 'amps' ? 'amps' : 'ohms', text },
    ...(typeof runoffSeconds === 'number' && { runoffSeconds }),
  };
}

const readingOf = (entry: StationEntry | undefined): Reading =>
  entry?.amps === undefined
    ? { unit: 'ohms', text: String(entry?.ohms ?? '') }
    : { unit: 'amps', text: String(entry.amps) };

/** What was typed as a number: null for nothing, undefined for what is none. */
function amountOf({ text }: Reading): number | null | undefined {
  if (text.trim() === '') return null;
  const amount = Number(text.replace(',', '.'));
  return amount >= 0 ? amount : undefined;
}

/** What a meter shows of a broken wire: more than it can. */
const OVER_RANGE_OHMS = 1e9;

interface ReadingFieldProps {
  readonly reading: Reading;
  readonly power: 'mains' | 'battery';
  readonly readOhms: (() => Promise<number | null | undefined>) | null;
  readonly onChange: (reading: Reading) => void;
}

/** Ohms or amperes at the station's terminal, judged. */
function ReadingField({ reading, power, readOhms, onChange }: ReadingFieldProps) {
  const { unit, text } = reading;
  const amount = amountOf(reading);
  const isWrong = amount === undefined;
  const verdict =
    typeof amount === 'number'
      ? judgeReading(unit === 'ohms' ? { ohms: amount } : { amps: amount }, power)
      : undefined;
  const setOhms = (ohms: number | null | undefined) =>
    ohms !== undefined && onChange({ unit: 'ohms', text: String(ohms ?? OVER_RANGE_OHMS) });
  return (
    <div className={styles['walk-reading']}>
      <Segmented<'ohms' | 'amps'>
        aria-label="Unit of the reading"
        value={unit}
        options={[
          { value: 'ohms', label: 'Ω' },
          { value: 'amps', label: 'A' },
        ]}
        onChange={(value) => onChange({ unit: value, text })}
      />
      <Input
        aria-label="Reading of the meter"
        className="figures"
        inputMode="decimal"
        placeholder="reading"
        status={isWrong ? 'error' : ''}
        aria-invalid={isWrong}
        value={text}
        onChange={(event) => onChange({ unit, text: event.target.value })}
      />
      {readOhms ? (
        <Button onClick={() => void readOhms().then(setOhms)}>Read it</Button>
      ) : (
        <Button onClick={() => setOhms(null)}>Over range</Button>
      )}
      <span role="status" data-verdict={verdict}>
        {isWrong ? 'A number, such as 26' : verdict && VERDICT_NAMES[verdict]}
      </span>
    </div>
  );
}
